import { SIZE_SYSTEMS, type SizeSystemId } from '@round-mint/core/size';
import { View } from 'react-native';
import { PadKey } from '@/ui/PadKey';

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

/** Nine marks round the expected one, so that most readings are a single tap. */
export function SizePad({ label, system, aroundMm, valueMm, onChange }: SizePadProps) {
  const scale = SIZE_SYSTEMS[system];
  const middle = Math.round(scale.fromDiameterMm(aroundMm) / scale.step);
  const chosen = Math.round(scale.fromDiameterMm(valueMm) / scale.step);
  return (
    <View className="gap-2" role="group" aria-label={`${label}: sizes`}>
      {ROWS.map((row) => (
        <View key={row[0]} className="flex-row gap-2">
          {row.map((offset) => {
            const mark = Math.max(scale.lowest / scale.step, middle + offset);
            const exact = mark * scale.step;
            return (
              <PadKey
                key={offset}
                label={scale.write(exact)}
                note={offset === 0 ? 'plan' : undefined}
                chosen={mark === chosen}
                describe={`${label} ${scale.prefix} ${scale.write(exact)}`}
                onPress={() => onChange(scale.toDiameterMm(exact))}
              />
            );
          })}
        </View>
      ))}
    </View>
  );
}
