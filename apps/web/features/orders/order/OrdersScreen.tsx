import { STATE_NAMES, USUAL_WAY } from '@round-mint/core/trade';
import { useRouter } from 'expo-router';
import { useState } from 'react';
import { Pressable, View } from 'react-native';
import { StationLine } from '@/drawings/orders/StationLine';
import { useWriters } from '@/features/shared/settings/use-settings';
import { PlaceHeader } from '@/features/shared/tabs/PlaceHeader';
import { useWidthClass } from '@/features/shared/screen/use-width';
import { Button } from '@/ui/Button';
import { Choices } from '@/ui/Choices';
import { Screen } from '@/ui/Screen';
import { Type } from '@/ui/Type';
import { Empty, Fetched } from '@/ui/Waiting';
import { DueWords } from './DueWords';
import { ACTION_WORDS, isOver, nextAction, type OrderRow } from './order-model';
import { OrdersTabs } from '@/features/shared/tabs/OrdersTabs';
import { useOrderRows } from './use-orders';
import { SHOWN, WideOrders } from './WideOrders';

const LINE_WIDTH = 150;

function summary(rows: readonly OrderRow[]): string {
  const late = rows.filter(({ lateMin = 0 }) => lateMin > 0).length;
  const waiting = rows.filter(({ order }) => order.state === 'awaiting-approval').length;
  return [
    `${rows.length} open, earliest wanted first`,
    late > 0 ? `${late} late by the day plan` : undefined,
    waiting > 0 ? `${waiting} with the customer` : undefined,
  ]
    .filter(Boolean)
    .join(' · ');
}

function PhoneRow({ row, onOpen }: { row: OrderRow; onOpen: () => void }) {
  const write = useWriters();
  const { order, person } = row;
  return (
    <View role="listitem" className="border-b border-line">
      <Pressable
        role="link"
        aria-label={`${order.name}, ${person}, ${STATE_NAMES[order.state]}`}
        onPress={onOpen}
        className="gap-1 px-1 py-3 active:opacity-70"
      >
        <View className="flex-row items-start gap-2">
          <Type as="heading" className="flex-1">
            {order.name}
          </Type>
          <View className="items-end">
            <StationLine count={USUAL_WAY.length} at={USUAL_WAY.indexOf(order.state)} width={LINE_WIDTH} />
          </View>
        </View>
        <View className="flex-row items-center justify-between gap-2">
          <Type as="small" className="flex-1">{`${person} · ${write.size(order.insideDiameterMm)}`}</Type>
          <Type as="label">{STATE_NAMES[order.state]}</Type>
        </View>
        <DueWords row={row} />
        {isOver(order) ? null : <Type as="label">{`→ ${ACTION_WORDS[nextAction(order)]}`}</Type>}
      </Pressable>
    </View>
  );
}

/** What is due and whether it will be ready. */
export function OrdersScreen() {
  return (
    <Fetched from={useOrderRows()} what="the orders">
      {(rows) => <Orders rows={rows} />}
    </Fetched>
  );
}

function Orders({ rows }: { rows: readonly OrderRow[] }) {
  const router = useRouter();
  const wide = useWidthClass() === 'wide';
  const [shown, setShown] = useState<'open' | 'over'>('open');
  const open = rows.filter(({ order }) => !isOver(order));
  const some = shown === 'open' ? open : rows.filter(({ order }) => isOver(order)).reverse();
  const add = () => router.push('/orders/new');
  const note = summary(open);
  if (wide) return <WideOrders rows={some} shown={shown} onShow={setShown} note={note} onAdd={add} />;
  return (
    <Screen
      testID="orders-screen"
      header={
        <>
          <PlaceHeader title="Orders" note={note} />
          <OrdersTabs here="Orders" />
        </>
      }
      footer={<Button look="main" label="A new wish" onPress={add} />}
    >
      <Choices label="Which orders" choices={SHOWN} value={shown} onChange={setShown} />
      {some.length === 0 ? (
        <Empty title="Nothing here.">
          Orders stand here, each with what is wished and until when. “A new wish” begins one.
        </Empty>
      ) : null}
      <View role="list" aria-label="Orders">
        {some.map((row) => (
          <PhoneRow
            key={row.order.id}
            row={row}
            onOpen={() => router.push({ pathname: '/orders/[id]', params: { id: row.order.id } })}
          />
        ))}
      </View>
    </Screen>
  );
}
