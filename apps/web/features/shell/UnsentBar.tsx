import { View } from 'react-native';
import { useAppDispatch, useAppSelector } from '@/store/store';
import { sendAgain } from '@/store/unsent-slice';
import { TextButton } from '@/ui/TextButton';
import { Type } from '@/ui/Type';

/** How much waits in the browser while the server is away; it goes by itself when the server is back. */
export function UnsentBar() {
  const dispatch = useAppDispatch();
  const { queue, away } = useAppSelector((state) => state.unsent);
  if (!away || queue.length === 0) return null;
  return (
    <View
      role="status"
      className="flex-row items-center gap-3 border-t border-ink bg-fold px-4 py-1"
      testID="unsent"
    >
      <Type className="flex-1">{`${queue.length} waiting: the server is away. Kept here, sent when it returns.`}</Type>
      <TextButton label="Send now" onPress={() => dispatch(sendAgain(undefined))} />
    </View>
  );
}
