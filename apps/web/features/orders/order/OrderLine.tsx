import { useDraggable } from '@dnd-kit/core';
import { STATE_NAMES, USUAL_WAY } from '@round-mint/core/trade';
import { useState } from 'react';
import { Pressable, View, type ViewStyle } from 'react-native';
import Svg, { Circle } from 'react-native-svg';
import { StationLine, stationX } from '@/drawings/orders/StationLine';
import { useWriters } from '@/features/shared/settings/use-settings';
import { usePalette } from '@/theme/light';
import { Type } from '@/ui/Type';
import { DueWords } from './DueWords';
import type { OrderRow } from './order-model';

const TOKEN = 34;

interface OrderLineProps {
  row: OrderRow;
  chosen: boolean;
  onChoose: () => void;
  lineWidth: number;
}

/** A web style that React Native's types do not know. */
const GRAB = { cursor: 'grab', touchAction: 'none' } as unknown as ViewStyle;

/** The ring that is dragged along the line; the menu does the same for keyboards. */
function Token({ row, lineWidth }: { row: OrderRow; lineWidth: number }) {
  const palette = usePalette();
  const at = USUAL_WAY.indexOf(row.order.state);
  const { setNodeRef, listeners, transform } = useDraggable({ id: row.order.id });
  if (at < 0) return null;
  const left = stationX(at, USUAL_WAY.length, lineWidth) - TOKEN / 2;
  return (
    <View
      ref={setNodeRef as unknown as React.Ref<View>}
      aria-hidden
      testID={`token-${row.order.id}`}
      style={{
        ...{ position: 'absolute', left, top: 0, width: TOKEN, height: TOKEN },
        transform: [{ translateX: transform?.x ?? 0 }],
        ...GRAB,
      }}
      {...(listeners as object)}
    >
      <Svg width={TOKEN} height={TOKEN}>
        <Circle
          cx={TOKEN / 2}
          cy={TOKEN / 2}
          r={11}
          fill={palette.paper}
          stroke={palette.ink}
          strokeWidth="3.5"
        />
        <Circle cx={TOKEN / 2} cy={TOKEN / 2} r={6} fill="none" stroke={palette.ink} strokeWidth="1" />
      </Svg>
    </View>
  );
}

/** One order on a wide screen: who and what, and the line it travels. */
export function OrderLine({ row, chosen, onChoose, lineWidth }: OrderLineProps) {
  const write = useWriters();
  const { order, person } = row;
  const [hover, setHover] = useState(false);
  return (
    <View
      className={`flex-row items-center gap-3 border-b border-line px-3 py-2 ${chosen || hover ? 'bg-fold' : ''}`}
    >
      <Pressable
        role="link"
        aria-label={`${order.name}, ${person}, ${STATE_NAMES[order.state]}`}
        aria-current={chosen ? 'true' : undefined}
        onPress={onChoose}
        onHoverIn={() => setHover(true)}
        onHoverOut={() => setHover(false)}
        className="min-h-[52px] min-w-0 flex-1 justify-center active:opacity-70"
      >
        <Type as="heading" numberOfLines={1}>
          {order.name}
        </Type>
        <Type as="small" numberOfLines={1}>{`${person} · ${write.size(order.insideDiameterMm)}`}</Type>
        <DueWords row={row} />
      </Pressable>
      <View style={{ width: lineWidth, height: TOKEN }}>
        <StationLine
          count={USUAL_WAY.length}
          at={USUAL_WAY.indexOf(order.state)}
          width={lineWidth}
          height={TOKEN}
          withoutToken
        />
        <Token row={row} lineWidth={lineWidth} />
      </View>
    </View>
  );
}
