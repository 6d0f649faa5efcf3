import { View } from 'react-native';
import { Button } from '@/ui/Button';
import { Notice } from '@/ui/Notice';

interface LogFooterProps {
  /** What is strange about the figures, once it was asked about. */
  readonly asked: string | undefined;
  /** What to do about it. */
  readonly again: string;
  readonly label: string;
  readonly disabled?: boolean;
  readonly onPress: () => void;
}

/** Logs figures; strange ones are asked about once, and logged all the same when they are so. */
export function LogFooter({ asked, again, label, disabled = false, onPress }: LogFooterProps) {
  return (
    <View className="gap-1">
      {asked ? (
        <Notice level="warn" title={asked} live testID="doubt">
          {again}
        </Notice>
      ) : null}
      <Button
        look="main"
        label={asked ? 'Log it all the same' : label}
        disabled={disabled}
        onPress={onPress}
      />
    </View>
  );
}
