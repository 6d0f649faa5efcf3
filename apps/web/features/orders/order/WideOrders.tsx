import { DndContext, PointerSensor, useSensor, useSensors, type DragEndEvent } from '@dnd-kit/core';
import { STATE_NAMES, USUAL_WAY } from '@round-mint/core/trade';
import { useState } from 'react';
import { View } from 'react-native';
import { stationX } from '@/drawings/orders/StationLine';
import { Button } from '@/ui/Button';
import { Choices } from '@/ui/Choices';
import { ScrollArea } from '@/ui/ScrollArea';
import type { GoesOn } from '@/ui/ShowMore';
import { Type } from '@/ui/Type';
import { VirtualRows } from '@/ui/VirtualRows';
import { NoOrders } from './NoOrders';
import { OrderDetail } from './OrderDetail';
import { OrderLine } from './OrderLine';
import type { OrderRow } from './order-model';
import { OrdersTabs } from '@/features/shared/tabs/OrdersTabs';
import { useMoveOrder } from '@/features/shared/ring/use-move-order';

const DETAIL_WIDTH = 420;
const LINE_WIDTH = 400;
const ROW_PX = 87;
/** A press that moves less than this is a press, px. */
const DRAG_FROM_PX = 5;

interface WideOrdersProps {
  list: GoesOn & { readonly data?: readonly OrderRow[] | undefined };
  shown: 'open' | 'over';
  onShow: (shown: 'open' | 'over') => void;
  note: string;
  onAdd: () => void;
}

/** The station that lies nearest to where a ring was let go. */
function stationAt(from: number, byPx: number): number {
  const x = stationX(from, USUAL_WAY.length, LINE_WIDTH) + byPx;
  const away = USUAL_WAY.map((_, i) => Math.abs(stationX(i, USUAL_WAY.length, LINE_WIDTH) - x));
  return away.indexOf(Math.min(...away));
}

/** All orders under each other, earliest wanted first, each with the line it travels; the ring is dragged along it. */
export function WideOrders({ list, shown, onShow, note, onAdd }: WideOrdersProps) {
  const { data } = list;
  const rows = data ?? [];
  const [chosenId, setChosenId] = useState<string>();
  const { move } = useMoveOrder();
  const sensors = useSensors(useSensor(PointerSensor, { activationConstraint: { distance: DRAG_FROM_PX } }));
  const chosen = rows.find(({ order }) => order.id === chosenId) ?? rows[0];
  const drop = ({ active, delta }: DragEndEvent) => {
    const row = rows.find(({ order }) => order.id === active.id);
    if (!row) return;
    const from = USUAL_WAY.indexOf(row.order.state);
    const to = USUAL_WAY[stationAt(from, delta.x)];
    if (to && to !== row.order.state) void move(row.order, to);
  };
  return (
    <View className="flex-1 flex-row" testID="orders-screen">
      <View className="min-w-0 flex-1">
        <View className="gap-2 px-4 pb-2 pt-4">
          <View className="flex-row items-center gap-3">
            <View className="flex-1">
              <Type as="title" aria-level={chosen ? 2 : 1}>
                Orders
              </Type>
              <Type as="small">{note}</Type>
            </View>
            <Button label="New order" onPress={onAdd} />
          </View>
          <OrdersTabs here="Orders" />
          <View className="flex-row items-end gap-3">
            <View style={{ width: 200 }}>
              <Choices label="Which orders" choices={SHOWN} value={shown} onChange={onShow} minWidth={80} />
            </View>
            <View className="flex-1" />
            <View style={{ width: LINE_WIDTH, height: 34, marginRight: 12 }}>
              {USUAL_WAY.map((state, i) => (
                <Type
                  key={state}
                  as="small"
                  style={{
                    position: 'absolute',
                    width: 70,
                    left: stationX(i, USUAL_WAY.length, LINE_WIDTH) - 35,
                    bottom: i % 2 === 0 ? 0 : 14,
                    fontSize: 13,
                    lineHeight: 14,
                  }}
                  className="text-center"
                >
                  {state === 'awaiting-approval' ? 'approval' : STATE_NAMES[state]}
                </Type>
              ))}
            </View>
          </View>
        </View>
        <ScrollArea contentContainerClassName="pb-6">
          {rows.length === 0 ? (
            <View className="px-4">
              <NoOrders fetching={data === undefined} />
            </View>
          ) : null}
          <DndContext sensors={sensors} onDragEnd={drop}>
            <VirtualRows
              label="Orders"
              items={rows}
              keyOf={({ order }) => order.id}
              rowPx={ROW_PX}
              from={list}
              renderRow={(row) => (
                <OrderLine
                  row={row}
                  chosen={row.order.id === chosen?.order.id}
                  onChoose={() => setChosenId(row.order.id)}
                  lineWidth={LINE_WIDTH}
                />
              )}
            />
          </DndContext>
        </ScrollArea>
      </View>
      {chosen ? (
        <View style={{ width: DETAIL_WIDTH }} className="border-l border-line">
          <OrderDetail key={chosen.order.id} row={chosen} />
        </View>
      ) : null}
    </View>
  );
}

export const SHOWN = [
  { value: 'open', label: 'open' },
  { value: 'over', label: 'closed' },
] as const;
