import { useRouter } from 'expo-router';
import { View } from 'react-native';
import { PLACES } from '@/features/shared/tabs/places';
import { Button } from '@/ui/Button';
import { Screen } from '@/ui/Screen';
import { Type } from '@/ui/Type';

/** At an address that leads nowhere: what may have happened, and where to go on. */
export function NoSuchPage() {
  const router = useRouter();
  return (
    <Screen header={<Type as="title">There is no such page.</Type>} maxWidth={560} testID="no-such-page">
      <Type as="body">
        The address may be mistyped or from an older version. What was archived is found in each place under
        Archive.
      </Type>
      <View className="gap-2">
        <Button look="main" label="Search" onPress={() => router.replace('/search')} />
        {PLACES.map(({ name, href }) => (
          <Button key={name} label={name} onPress={() => router.replace(href)} />
        ))}
      </View>
    </Screen>
  );
}
