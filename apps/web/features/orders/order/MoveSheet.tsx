import type { OrderInList } from '@round-mint/contract/orders';
import { STATE_NAMES, type OrderState } from '@round-mint/core/trade';
import { Pressable, View } from 'react-native';
import { Sheet } from '@/ui/Sheet';
import { Type } from '@/ui/Type';
import { movesOf, usualNext } from './order-model';
import { useMoveOrder } from '@/features/shared/ring/use-move-order';

/** Every state an order may go to, and what is missing for those it may not. */
export function MoveSheet({ order, onClose }: { order: OrderInList; onClose: () => void }) {
  const { move } = useMoveOrder();
  const usual = usualNext(order);
  const go = async (to: OrderState) => {
    if (await move(order, to)) onClose();
  };
  return (
    <Sheet title={`Move ${order.name}`} open onClose={onClose}>
      <View role="list" aria-label="States">
        {movesOf(order).map(({ to, missing }) => {
          const off = missing.length > 0;
          return (
            <View key={to} role="listitem">
              <Pressable
                role="button"
                aria-disabled={off}
                disabled={off}
                aria-label={`${STATE_NAMES[to]}${off ? `, needs ${missing.join('; ')}` : ''}`}
                onPress={() => void go(to)}
                className={`min-h-[56px] justify-center border-b border-line active:opacity-70 ${to === usual ? 'border-l-4 border-l-ink pl-3' : ''}`}
              >
                <Type as={off ? 'body' : 'strong'} className={off ? 'text-soft' : ''}>
                  {STATE_NAMES[to]}
                </Type>
                {off ? <Type as="small">{`Needs ${missing.join('; ')}.`}</Type> : null}
              </Pressable>
            </View>
          );
        })}
      </View>
      <Type as="small">Each move is kept in the history and can be undone.</Type>
    </Sheet>
  );
}
