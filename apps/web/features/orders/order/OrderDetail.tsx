import { orderProgress, STATE_NAMES, USUAL_WAY } from '@round-mint/core/trade';
import { useRouter } from 'expo-router';
import { useState } from 'react';
import { ScrollView, View } from 'react-native';
import { momentOf } from '@/features/shared/words/dates';
import { useWriters } from '@/features/shared/settings/use-settings';
import { useWidthClass } from '@/features/shared/screen/use-width';
import { useArchive } from '@/features/shared/screen/use-archive';
import { StationLine } from '@/drawings/orders/StationLine';
import { useGetOrderQuery, useRemoveOrderMutation } from '@/store/trade-api';
import { FactLine } from '@/ui/FactLine';
import { TextButton } from '@/ui/TextButton';
import { Type } from '@/ui/Type';
import { DueWords } from './DueWords';
import { LettersOf } from './LettersOf';
import { MoveSheet } from './MoveSheet';
import type { OrderRow } from './order-model';
import { wishFacts } from '@/features/shared/words/order-words';
import { OrderActions } from './OrderActions';
import { OrderAnswers } from './OrderAnswers';
import { PricePanel } from './PricePanel';
import { useMoveOrder } from '@/features/shared/ring/use-move-order';

/** What happened to an order, latest first; the last thing can be taken back. */
function History({ row }: { row: OrderRow }) {
  const { log } = useMoveOrder();
  const { order } = row;
  const { currentData: whole, isError } = useGetOrderQuery(order.id);
  const { history, lastEventId } = orderProgress(whole?.events ?? []);
  return (
    <View className="gap-1">
      <View className="flex-row items-center justify-between">
        <Type as="heading">History</Type>
        {lastEventId ? (
          <TextButton
            label="Undo the last"
            onPress={() => void log(order, { kind: 'undone', eventId: lastEventId })}
          />
        ) : null}
      </View>
      {whole ? null : <Type as="small">{isError ? 'The server does not answer.' : 'Fetching it …'}</Type>}
      <View role="list" aria-label="History of the order">
        {history.toReversed().map(({ eventId, at, words }) => (
          <FactLine key={eventId} name={momentOf(at)} value={words} />
        ))}
        <FactLine name={momentOf(order.createdAt)} value="Asked for" />
      </View>
    </View>
  );
}

/** Everything about an order; the next thing to do stands in thumb's reach. */
export function OrderDetail({ row }: { row: OrderRow }) {
  const { order, person } = row;
  const write = useWriters();
  const router = useRouter();
  const wide = useWidthClass() === 'wide';
  const [moving, setMoving] = useState(false);
  const [remove] = useRemoveOrderMutation();
  const archive = useArchive('order', remove);
  const undecided = order.state === 'asked' && order.planId === null;
  return (
    <View className="flex-1 bg-paper">
      <ScrollView contentContainerClassName="gap-4 px-4 pb-6 pt-3">
        <View className="gap-1">
          <Type as="title">{order.name}</Type>
          <Type as="small">{person}</Type>
          <View className="flex-row items-center justify-between gap-3">
            <Type as="strong" testID="order-state">
              {STATE_NAMES[order.state]}
            </Type>
            <StationLine count={USUAL_WAY.length} at={USUAL_WAY.indexOf(order.state)} width={230} />
          </View>
          <DueWords row={row} />
          <View className="flex-row items-center justify-between gap-3">
            {wide ? null : <TextButton label="All orders" onPress={() => router.navigate('/orders')} />}
            <TextButton
              label="Move it …"
              describe={`Move ${order.name} to another state`}
              onPress={() => setMoving(true)}
            />
            <TextButton
              label="Archive"
              describe={`Archive ${order.name}`}
              onPress={() => void archive(order)}
            />
          </View>
        </View>
        {undecided ? <OrderAnswers order={order} person={person} /> : null}
        <View role="list" aria-label="What was asked for">
          {wishFacts(order, write).map(([name, value]) => (
            <FactLine key={name} name={name} value={value} />
          ))}
        </View>
        {order.planId ? <PricePanel order={order} person={person} /> : null}
        <LettersOf orderId={order.id} />
        <History row={row} />
      </ScrollView>
      <OrderActions order={order} person={person} />
      {moving ? <MoveSheet order={order} onClose={() => setMoving(false)} /> : null}
    </View>
  );
}
