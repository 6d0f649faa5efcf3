import { useLocalSearchParams } from 'expo-router';
import { View } from 'react-native';
import { OrKeptHere } from '@/features/shared/screen/KeptHere';
import { Empty, Fetched } from '@/ui/Waiting';
import { OrderDetail } from './OrderDetail';
import { useOrderRows } from './use-orders';

/** One order: what was asked, how far it is, what comes next. */
export function OrderScreen() {
  const { id } = useLocalSearchParams<{ id: string }>();
  const orders = useOrderRows();
  return (
    <OrKeptHere id={id} fetched={orders.data !== undefined}>
      <Fetched from={orders} what="the order">
        {(rows) => {
          const row = rows.find(({ order }) => order.id === id);
          return row ? (
            <View className="w-full max-w-[860px] flex-1 self-center" testID="order-screen">
              <OrderDetail row={row} />
            </View>
          ) : (
            <View className="px-4">
              <Empty title="There is no such order.">It may have been archived.</Empty>
            </View>
          );
        }}
      </Fetched>
    </OrKeptHere>
  );
}
