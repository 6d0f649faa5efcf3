import type { Kit } from '@round-mint/core/kit';
import type { Way } from '@round-mint/core/ways';
import { useMemo, useState } from 'react';
import { ScrollView, View, type LayoutChangeEvent } from 'react-native';
import { Section } from '@/drawings/section/Section';
import { between } from '@/features/shared/words/chances-words';
import { useWriters } from '@/features/shared/settings/use-settings';
import { useBenchTraits } from '@/store/use-bench-traits';
import { Button } from '@/ui/Button';
import { Sheet } from '@/ui/Sheet';
import { Type } from '@/ui/Type';
import { comparedPlan, type Asked } from './compared-plan';
import { madeWords } from './made-words';
import { wayKey } from './search-model';

interface Shared {
  asked: Asked;
  kit: Kit;
}

interface CompareSheetProps extends Shared {
  ways: readonly Way[];
  nameOf: (stockId: string) => string;
  open: boolean;
  onClose: () => void;
  onPlan: (way: Way) => void;
}

const COLUMN = { least: 220, drawing: 210 };

function missingWords({ missingTools }: Way): string {
  return missingTools.length === 0 ? 'nothing' : missingTools.map(({ words }) => words).join(', ');
}

function WayColumn({
  way,
  name,
  asked,
  kit,
  onPlan,
}: Shared & { way: Way; name: string; onPlan: () => void }) {
  const write = useWriters();
  const [width, setWidth] = useState(0);
  const traits = useBenchTraits();
  const plan = useMemo(() => comparedPlan(way, asked, { kit, traits }), [way, asked, kit, traits]);
  const lines: readonly (readonly [string, string])[] = [
    ['Width', between(way.widthMm, (mm) => write.length(mm))],
    ['Size before true-up', between(way.sizeMm, write.size)],
    ['Cut edge', write.length(plan.cutEdgeMm, 2)],
    ['Rim edge', write.length(plan.rimEdgeMm, 2)],
    ['Anneals', String(way.annealCount)],
    ['Minutes', String(Math.round(way.minutes))],
    ['Lost', `${Math.round(way.lost * 100)} in 100`],
    ['Another pass', `${Math.round(way.anotherPass * 100)} in 100`],
    ['Piece', way.price === undefined ? 'no price' : write.money(way.price)],
    ['Missing', missingWords(way)],
  ];
  return (
    <View
      role="listitem"
      aria-label={`${name}, ${madeWords(way, write)}`}
      style={{ minWidth: COLUMN.least }}
      onLayout={(event: LayoutChangeEvent) => setWidth(event.nativeEvent.layout.width)}
      className="flex-1 gap-2"
    >
      <View>
        <Type as="heading" numberOfLines={1}>
          {name}
        </Type>
        <Type as="small">{madeWords(way, write)}</Type>
      </View>
      <View style={{ height: COLUMN.drawing }}>
        {width > 0 && plan.outline ? (
          <Section outline={plan.outline} width={width} height={COLUMN.drawing} length={write.length} />
        ) : null}
      </View>
      <View role="list" aria-label="Figures">
        {lines.map(([line, value]) => (
          <View
            key={line}
            role="listitem"
            className="min-h-[40px] flex-row items-center justify-between gap-2 border-b border-line"
          >
            <Type as="small">{line}</Type>
            <Type as="label" className="flex-1 text-right">
              {value}
            </Type>
          </View>
        ))}
      </View>
      <Button label="Plan this one" onPress={onPlan} />
    </View>
  );
}

/** Two to four ways side by side, drawn at work and in figures. */
export function CompareSheet({ ways, nameOf, open, onClose, onPlan, ...shared }: CompareSheetProps) {
  return (
    <Sheet title="Side by side" open={open} onClose={onClose} wide>
      <ScrollView
        horizontal
        role="list"
        aria-label="Options side by side"
        contentContainerClassName="min-w-full gap-5 pb-2"
      >
        {ways.map((way) => (
          <WayColumn
            key={wayKey(way)}
            way={way}
            name={nameOf(way.stockId)}
            onPlan={() => onPlan(way)}
            {...shared}
          />
        ))}
      </ScrollView>
    </Sheet>
  );
}
