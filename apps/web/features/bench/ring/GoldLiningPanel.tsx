import { goldLining } from '@round-mint/core/finishing';
import { useState } from 'react';
import { View } from 'react-native';
import { useWriters } from '@/features/shared/settings/use-settings';
import { Choices, LabelledChoices } from '@/ui/Choices';
import { FactLine } from '@/ui/FactLine';
import { Type } from '@/ui/Type';

const THICKNESSES = [
  { value: 0.25, label: '0.25 µm', note: 'flash' },
  { value: 0.5, label: '0.5 µm', note: 'flash' },
  { value: 2.5, label: '2.5 µm', note: 'for wear' },
];
const CURRENTS = [0.05, 0.1, 0.2].map((value) => ({ value, label: `${value} A` }));

interface GoldLiningPanelProps {
  readonly insideDiameterMm: number;
  readonly heightMm: number;
}

/** How long to brush for how much gold, by charge. */
export function GoldLiningPanel({ insideDiameterMm, heightMm }: GoldLiningPanelProps) {
  const write = useWriters();
  const [thicknessUm, setThicknessUm] = useState(0.5);
  const [currentA, setCurrentA] = useState(0.1);
  const { areaMm2, goldMassG, chargeC, minutes } = goldLining({
    insideDiameterMm,
    heightMm,
    thicknessUm,
    currentA,
  });
  return (
    <View className="gap-2" testID="gold-lining">
      <Type as="label">Gold to lay on</Type>
      <Choices
        label="Thickness of the gold"
        choices={THICKNESSES}
        value={thicknessUm}
        onChange={setThicknessUm}
      />
      <LabelledChoices label="Current" choices={CURRENTS} value={currentA} onChange={setCurrentA} />
      <View role="list" aria-label="Lining">
        <FactLine name="Brush for" value={`${minutes.toFixed(1)} min, ${chargeC.toFixed(1)} C`} />
        <FactLine name="Gold" value={`${(goldMassG * 1000).toFixed(1)} mg`} />
        <FactLine
          name="Area"
          value={`${areaMm2.toFixed(0)} mm² = π × ${write.length(insideDiameterMm)} × ${write.length(heightMm)}`}
        />
      </View>
      <Type as="small">
        By t = m n F/(M I η), univalent gold, six tenths of the charge doing work: brushing loses some.
      </Type>
    </View>
  );
}
