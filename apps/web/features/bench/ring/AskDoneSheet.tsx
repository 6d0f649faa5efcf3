import { expectedReading } from '@round-mint/core/ring';
import { useWriters } from '@/features/shared/settings/use-settings';
import type { BenchRing } from '@/features/shared/ring/bench-model';
import type { BenchLog } from '@/features/shared/ring/use-bench-log';
import { Button } from '@/ui/Button';
import { Sheet } from '@/ui/Sheet';
import { Type } from '@/ui/Type';

interface AskDoneSheetProps {
  readonly bench: BenchRing;
  /** Keeps the route that follows from what was found. */
  readonly log: BenchLog;
  readonly onRead: () => void;
  readonly onClose: () => void;
}

/** A step is said to be done, and its last reading is off the mark: asked once (craft §13). */
export function AskDoneSheet({ bench, log, onRead, onClose }: AskDoneSheetProps) {
  const write = useWriters();
  const { state, stored, step } = bench;
  const read = stored.openReading;
  if (!step || !read) return null;
  const mark = expectedReading(step);
  const lastMm = Math.min(read.leading.rimDownMm, read.leading.cutDownMm);
  const last = write.size(lastMm);
  const done = { kind: 'step-done', step: state.step } as const;
  const goOn = () => {
    log.log({ ...done, asRead: true });
    onClose();
  };
  const atMark = () => {
    // Told, not read: where the step was planned from the reading, doing it is all there is to tell.
    if (stored.steps[stored.step] !== step) log.log(done);
    else log.log({ kind: 'reading', ...mark, mark: 'leading' }, done);
    onClose();
  };
  return (
    <Sheet
      title={`Last read ${last}; the mark is ${write.size(Math.min(mark.rimDownMm, mark.cutDownMm))}.`}
      open
      onClose={onClose}
    >
      <Type>The rest is planned from what you choose.</Type>
      <Button look="main" label="Read again" onPress={onRead} />
      <Button label={`Go on from ${last}`} onPress={goOn} />
      <Button label="I took it to the mark" onPress={atMark} />
    </Sheet>
  );
}
