import { Redirect } from 'expo-router';
import { useGetSettingsQuery, useListKitQuery } from '@/store/api';
import { useStockPages } from '@/store/use-stock';
import { setUpScreen } from './first-run-model';

/** Where the app begins: at the bench, or in an empty workshop with its first run. */
export function StartScreen() {
  const settings = useGetSettingsQuery();
  const stock = useStockPages();
  const tools = useListKitQuery();
  const failed = settings.isError || stock.isError || tools.isError;
  if (failed) return <Redirect href="/bench" />;
  if (!settings.data || !stock.data || !tools.data) return null;
  const isEmpty = stock.data.length === 0 && tools.data.length === 0;
  const screen = setUpScreen(settings.data, { isEmpty });
  return <Redirect href={screen ? '/first-run' : '/bench'} />;
}
