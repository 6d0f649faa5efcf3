import type { Kit } from '@round-mint/core/kit';
import { outlineOf, planCoinRing } from '@round-mint/core/route';
import type { SearchOption } from '@round-mint/core/search';
import { useMemo, useState } from 'react';
import { ScrollView, View, type LayoutChangeEvent } from 'react-native';
import { Section } from '@/drawings/section/Section';
import { between } from '@/features/shared/words/chances-words';
import { useWriters } from '@/features/shared/settings/use-settings';
import { useBenchTraits } from '@/store/use-bench-traits';
import { Button } from '@/ui/Button';
import { Sheet } from '@/ui/Sheet';
import { Type } from '@/ui/Type';

interface CompareSheetProps {
  options: readonly SearchOption[];
  nameOf: (stockId: string) => string;
  targetMm: number;
  wall: Parameters<typeof planCoinRing>[0]['wall'];
  kit: Kit;
  open: boolean;
  onClose: () => void;
  onPlan: (option: SearchOption) => void;
}

const COLUMN = { least: 220, drawing: 210 };

function OptionColumn({
  option,
  name,
  targetMm,
  wall,
  kit,
  onPlan,
}: { option: SearchOption; name: string; onPlan: () => void } & Pick<
  CompareSheetProps,
  'targetMm' | 'wall' | 'kit'
>) {
  const write = useWriters();
  const [width, setWidth] = useState(0);
  const traits = useBenchTraits();
  const { piece, holeMm, school } = option;
  const plan = useMemo(
    () =>
      planCoinRing({ coin: piece, holeMm, targetInsideDiameterMm: targetMm, wall, school }, { kit, traits }),
    [piece, holeMm, targetMm, wall, school, kit, traits],
  );
  const lines: readonly (readonly [string, string])[] = [
    ['Width', between(option.widthMm, (mm) => write.length(mm))],
    ['Size before true-up', between(option.sizeMm, write.size)],
    ['Cut edge', write.length(plan.thicknessCutEdgeMm, 2)],
    ['Rim edge', write.length(plan.thicknessRimEdgeMm, 2)],
    ['Anneals', String(option.annealCount)],
    ['Minutes', String(Math.round(option.minutes))],
    ['Lost', `${Math.round(option.lost * 100)} in 100`],
    ['Another pass', `${Math.round(option.anotherPass * 100)} in 100`],
    ['Piece', option.price === undefined ? 'no price' : write.money(option.price)],
    [
      'Missing',
      option.missingTools.length === 0 ? 'nothing' : option.missingTools.map(({ words }) => words).join(', '),
    ],
  ];
  return (
    <View
      role="listitem"
      aria-label={`${name}, hole ${write.length(holeMm)}`}
      style={{ minWidth: COLUMN.least }}
      onLayout={(event: LayoutChangeEvent) => setWidth(event.nativeEvent.layout.width)}
      className="flex-1 gap-2"
    >
      <View>
        <Type as="heading" numberOfLines={1}>
          {name}
        </Type>
        <Type as="small">{`hole ${write.length(holeMm)}`}</Type>
      </View>
      <View style={{ height: COLUMN.drawing }}>
        {width > 0 ? (
          <Section
            outline={outlineOf(plan.meridian)}
            width={width}
            height={COLUMN.drawing}
            length={write.length}
          />
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

/** Two to four options side by side, drawn at work and in figures. */
export function CompareSheet({ options, nameOf, open, onClose, onPlan, ...shared }: CompareSheetProps) {
  return (
    <Sheet title="Side by side" open={open} onClose={onClose} wide>
      <ScrollView
        horizontal
        role="list"
        aria-label="Options side by side"
        contentContainerClassName="min-w-full gap-5 pb-2"
      >
        {options.map((option) => (
          <OptionColumn
            key={`${option.stockId} ${option.holeMm}`}
            option={option}
            name={nameOf(option.stockId)}
            onPlan={() => onPlan(option)}
            {...shared}
          />
        ))}
      </ScrollView>
    </Sheet>
  );
}
