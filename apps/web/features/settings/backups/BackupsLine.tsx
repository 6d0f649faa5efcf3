import { useRouter } from 'expo-router';
import { View } from 'react-native';
import { useListBackupsQuery } from '@/store/backups-api';
import { Button } from '@/ui/Button';
import { Notice } from '@/ui/Notice';
import { Type } from '@/ui/Type';
import { standing } from './backup-words';

/** Among the settings: how the last good backup stands. */
export function BackupsLine() {
  const router = useRouter();
  const { data } = useListBackupsQuery(undefined, { refetchOnMountOrArgChange: true });
  const stands = data && standing(data.lastGoodAt, new Date());
  return (
    <View className="gap-1.5 border-b border-line pb-4">
      <Type as="heading">Backups</Type>
      {stands ? <Notice level={stands.level} title={stands.title} /> : null}
      <Button
        label="Backups and the whole workshop as a file"
        onPress={() => router.push('/settings/backups')}
      />
    </View>
  );
}
