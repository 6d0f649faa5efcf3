import { Redirect } from 'expo-router';
import { useGetSettingsQuery } from '@/store/api';
import { useAnyKitQuery, useAnyStockQuery } from '@/store/start-api';
import { setUpScreen } from './first-run-model';

/** Where the app begins: at the bench, or in an empty workshop with its first run. */
export function StartScreen() {
  const settings = useGetSettingsQuery();
  const begun = settings.data?.setUp === 'done';
  const stock = useAnyStockQuery(undefined, { skip: begun });
  const tools = useAnyKitQuery(undefined, { skip: begun });
  const failed = settings.isError || stock.isError || tools.isError;
  if (failed || begun || stock.data || tools.data) return <Redirect href="/bench" />;
  if (!settings.data || stock.data === undefined || tools.data === undefined) return null;
  return <Redirect href={setUpScreen(settings.data, { isEmpty: true }) ? '/first-run' : '/bench'} />;
}
