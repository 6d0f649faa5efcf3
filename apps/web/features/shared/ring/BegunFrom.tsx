import type { RingWithEvents } from '@round-mint/contract/rings';
import type { StartedStage } from '@round-mint/core/half-made';
import { View } from 'react-native';
import { useWriters } from '@/features/shared/settings/use-settings';
import { Type } from '@/ui/Type';

const STAGES: Readonly<Record<StartedStage, string>> = {
  punched: 'punched',
  folded: 'folded',
  straight: 'a straight band',
  rounded: 'a rounded band',
  band: 'a finished band',
};

/** Of a ring that was begun half-way: what it was when it came, and what was taken to be so. */
export function BegunFrom({ ring: { startedFrom, assumptions = [] } }: { ring: RingWithEvents }) {
  const write = useWriters();
  if (!startedFrom) return null;
  const { stage, rimDownMm, cutDownMm } = startedFrom;
  const read =
    stage === 'punched'
      ? `hole ${write.length(rimDownMm)}`
      : `read ${write.size(rimDownMm)} and ${write.size(cutDownMm)}`;
  return (
    <View className="gap-1" testID="begun-from">
      <Type as="label">{`Begun half-way: ${STAGES[stage]}, ${read}`}</Type>
      {assumptions.map(({ code, message }) => (
        <Type key={code} as="small">{`– ${message}`}</Type>
      ))}
    </View>
  );
}
