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
import { NO_MORE } from '@/ui/ShowMore';
import { Type } from '@/ui/Type';
import { Fetched } from '@/ui/Waiting';
import { DueWords } from './DueWords';
import { ACTION_WORDS, isOver, nextAction, type OrderRow } from './order-model';
import { OrdersTabs } from '@/features/shared/tabs/OrdersTabs';
import { NoOrders } from './NoOrders';
import { useOpenOrders, useOverOrders } from './use-orders';
import { SHOWN, WideOrders } from './WideOrders';
import { VirtualRows } from '@/ui/VirtualRows';

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
    <View className="border-b border-line">
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
    <Fetched from={useOpenOrders()} what="the orders">
      {(open) => <Orders open={open} />}
    </Fetched>
  );
}

const ROW_PX = 124;

function Orders({ open }: { open: readonly OrderRow[] }) {
  const router = useRouter();
  const wide = useWidthClass() === 'wide';
  const [shown, setShown] = useState<'open' | 'over'>('open');
  const over = useOverOrders(shown === 'open');
  const list = shown === 'open' ? { ...NO_MORE, data: open } : over;
  const add = () => router.push('/orders/new');
  const note = summary(open);
  if (wide) return <WideOrders list={list} shown={shown} onShow={setShown} note={note} onAdd={add} />;
  const { data: rows } = list;
  return (
    <Screen
      testID="orders-screen"
      header={
        <>
          <PlaceHeader title="Orders" note={note} />
          <OrdersTabs here="Orders" />
        </>
      }
      footer={<Button look="main" label="New order" onPress={add} />}
    >
      <Choices label="Which orders" choices={SHOWN} value={shown} onChange={setShown} />
      {rows && rows.length > 0 ? null : <NoOrders fetching={rows === undefined} />}
      <VirtualRows
        label="Orders"
        items={rows ?? []}
        keyOf={({ order }) => order.id}
        rowPx={ROW_PX}
        from={list}
        renderRow={(row) => (
          <PhoneRow
            row={row}
            onOpen={() => router.push({ pathname: '/orders/[id]', params: { id: row.order.id } })}
          />
        )}
      />
    </Screen>
  );
}
