import { usePathname, useRouter } from 'expo-router';
import { View } from 'react-native';
import { useGetHealthQuery } from '@/store/api';
import { TextButton } from '@/ui/TextButton';
import { Type } from '@/ui/Type';

/** What the maker should know of their data, wherever they are: damage, or no backup for days. */
export function WarningBar() {
  const warning = useGetHealthQuery().data?.warning ?? null;
  const router = useRouter();
  const isThere = usePathname() === '/settings/backups';
  if (warning === null || isThere) return null;
  return (
    <View
      role="status"
      className="flex-row items-center gap-3 border-b border-ink bg-fold px-4"
      testID="warning-bar"
    >
      <Type as="small" className="flex-1 py-1 text-ink" numberOfLines={2}>
        {warning}
      </Type>
      <TextButton label="Backups" onPress={() => router.push('/settings/backups')} />
    </View>
  );
}
