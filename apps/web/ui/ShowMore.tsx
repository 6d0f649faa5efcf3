import { View } from 'react-native';
import { Button } from './Button';
import { Type } from './Type';

/** How a list goes on. */
export interface GoesOn {
  /** Reads on; left out when all of it is there. */
  readonly more?: (() => void) | undefined;
  readonly readingOn: boolean;
  /** Whether it could not be read the last time. */
  readonly isError: boolean;
}

/** Of a list that is there whole. */
export const NO_MORE: GoesOn = { readingOn: false, isError: false };

/** Below a list that goes on. */
export function ShowMore({ from: { more, readingOn, isError } }: { from: GoesOn }) {
  if (!more) return null;
  return (
    <View className="gap-1 py-3">
      {isError && !readingOn ? <Type as="small">The server does not answer.</Type> : null}
      <Button label={readingOn ? 'Reading on …' : 'Show more'} disabled={readingOn} onPress={more} />
    </View>
  );
}
