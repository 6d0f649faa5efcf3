import { useLocalSearchParams } from 'expo-router';
import { View } from 'react-native';
import { OrKeptHere } from '@/features/shared/screen/KeptHere';
import { Empty, Fetched } from '@/ui/Waiting';
import { OrderDetail } from './OrderDetail';
import { useOrderRow } from './use-orders';

/** One order: what was asked, how far it is, what comes next. */
export function OrderScreen() {
  const { id } = useLocalSearchParams<{ id: string }>();
  const found = useOrderRow(id);
  return (
    <OrKeptHere id={id} fetched={found.data !== undefined}>
      {found.isMissing ? (
        <View className="px-4">
          <Empty title="There is no such order.">It may have been archived.</Empty>
        </View>
      ) : (
        <Fetched from={found} what="the order">
          {(row) => (
            <View className="w-full max-w-[860px] flex-1 self-center" testID="order-screen">
              <OrderDetail row={row} />
            </View>
          )}
        </Fetched>
      )}
    </OrKeptHere>
  );
}
