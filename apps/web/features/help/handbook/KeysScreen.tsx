import { KeyList } from '@/features/shared/keys/KeyList';
import { Screen } from '@/ui/Screen';
import { Type } from '@/ui/Type';

/** What a keyboard and fingers do. */
export function KeysScreen() {
  return (
    <Screen maxWidth={640} isText testID="keys" header={<Type as="title">Keys and gestures</Type>}>
      <KeyList />
    </Screen>
  );
}
