import { metalById } from '@round-mint/core/metal';
import { ringMetal, type BenchRing } from '@/features/shared/ring/bench-model';
import type { BenchLog } from '@/features/shared/ring/use-bench-log';
import { Button } from '@/ui/Button';
import { Sheet } from '@/ui/Sheet';
import { Type } from '@/ui/Type';

/** What must not be heated is not annealed by one tap: the reason first. */
export function AskAnnealSheet({
  bench,
  log,
  onClose,
}: {
  bench: BenchRing;
  log: BenchLog;
  onClose: () => void;
}) {
  const metal = metalById(ringMetal(bench.ring)).name;
  const tested = bench.ring.mayHeat === false;
  return (
    <Sheet title="This piece must not be heated." open onClose={onClose}>
      <Type>
        {tested
          ? 'A test of this piece says so.'
          : `${metal} is not softened by heat: it is spoilt, or gives off fumes.`}
      </Type>
      <Button look="main" label="It was not annealed" onPress={onClose} />
      <Button
        look="stop"
        label="It was annealed all the same"
        onPress={() => {
          log.log({ kind: 'anneal-done' });
          onClose();
        }}
      />
    </Sheet>
  );
}
