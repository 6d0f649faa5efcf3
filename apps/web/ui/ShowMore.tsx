import { View } from 'react-native';
import { Button } from './Button';

interface ShowMoreProps {
  /** Reads on; left out when all of it is there. */
  readonly more?: (() => void) | undefined;
  readonly readingOn?: boolean | undefined;
}

/** Below a list that goes on. */
export function ShowMore({ more, readingOn = false }: ShowMoreProps) {
  if (!more) return null;
  return (
    <View className="py-3">
      <Button label={readingOn ? 'Reading on …' : 'Show more'} disabled={readingOn} onPress={more} />
    </View>
  );
}
