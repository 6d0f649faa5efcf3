import { SIZE_SYSTEMS, type SizeSystemId } from '@round-mint/core/size';
import { useState } from 'react';
import { Pressable, View } from 'react-native';
import { PadKey } from '@/ui/PadKey';
import { Type } from '@/ui/Type';

interface SizePadProps {
  readonly label: string;
  readonly system: SizeSystemId;
  /** The size in the middle of the pad: what is expected. */
  readonly aroundMm: number;
  readonly valueMm: number;
  readonly onChange: (insideDiameterMm: number) => void;
}

const ROWS = [
  [-4, -3, -2],
  [-1, 0, 1],
  [2, 3, 4],
] as const;

/** Whole sizes on either side that the pad can be moved to by one tap. */
const FAR = [-3, -2, -1, 0, 1, 2, 3] as const;

/** Nine marks round the expected one, so that most readings are a single tap, and those far from it are two. */
export function SizePad({ label, system, aroundMm, valueMm, onChange }: SizePadProps) {
  const scale = SIZE_SYSTEMS[system];
  const expected = Math.round(scale.fromDiameterMm(aroundMm) / scale.step);
  const perWhole = Math.max(1, Math.round(1 / scale.step));
  const lowest = Math.ceil(scale.lowest / scale.step);
  // Belongs to the way round that it was moved for.
  const [moved, setMoved] = useState({ label, to: expected });
  const middle = moved.label === label ? moved.to : expected;
  const whole = Math.round(middle / perWhole);
  const chosen = Math.round(scale.fromDiameterMm(valueMm) / scale.step);
  return (
    <View className="gap-2" role="group" aria-label={`${label}: sizes`}>
      {ROWS.map((row) => (
        <View key={row[0]} className="flex-row gap-2">
          {row.map((offset) => {
            const mark = Math.max(lowest, middle + offset);
            const exact = mark * scale.step;
            return (
              <PadKey
                key={offset}
                label={scale.write(exact)}
                note={mark === expected ? 'plan' : undefined}
                chosen={mark === chosen}
                describe={`${label} ${scale.prefix} ${scale.write(exact)}`}
                onPress={() => onChange(scale.toDiameterMm(exact))}
              />
            );
          })}
        </View>
      ))}
      <View className="flex-row gap-1" role="group" aria-label={`${label}: whole sizes`}>
        {FAR.map((by) => {
          const to = Math.max(lowest, (whole + by) * perWhole);
          const name = scale.write(to * scale.step);
          return (
            <Pressable
              key={by}
              role="button"
              aria-label={`${label}: marks round ${scale.prefix} ${name}`}
              onPress={() => setMoved({ label, to })}
              className={`min-h-[44px] flex-1 items-center justify-center rounded-sm active:opacity-70 ${by === 0 ? 'bg-fold' : 'border border-line'}`}
            >
              <Type as="label">{name}</Type>
            </Pressable>
          );
        })}
      </View>
    </View>
  );
}
