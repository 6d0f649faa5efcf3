import type { RingWithEvents } from '@round-mint/contract/rings';
import { capital } from '@round-mint/core/format';
import { View } from 'react-native';
import { DraftLine } from '@/features/shared/inputs/DraftLine';
import { benchRing } from '@/features/shared/ring/bench-model';
import { FIGURES, finishFigures, type FigureTexts } from '@/features/shared/ring/finish-figures';
import { useBenchLog } from '@/features/shared/ring/use-bench-log';
import { useSettings, useWriters, type Writers } from '@/features/shared/settings/use-settings';
import { useFormDraft } from '@/store/use-form-draft';
import { Field } from '@/ui/Field';
import { SaveButton } from '@/ui/SaveButton';
import { Sheet } from '@/ui/Sheet';
import { Type } from '@/ui/Type';
import { useProblemSum } from '@/ui/use-problem-sum';
import { correctedReading, readingTexts } from './correct-model';

interface CorrectSheetProps {
  ring: RingWithEvents;
  open: boolean;
  onClose: () => void;
}

type Bench = ReturnType<typeof benchRing>;

/** The number alone: the unit stands beside the field. */
function bare(mm: number | undefined, write: Writers): string {
  return mm === undefined ? '' : write.length(mm, 2).replace(/[^0-9.,]/g, '');
}

function textsOf({ state: { measured } }: Bench, write: Writers): FigureTexts {
  return {
    width: bare(measured?.bandWidthMm, write),
    cut: bare(measured?.thicknessCutEdgeMm, write),
    rim: bare(measured?.thicknessRimEdgeMm, write),
    mass: measured?.massG === undefined ? '' : String(measured.massG),
  };
}

/** What a finished ring was measured at, put right afterwards; what was said before stays in its history. */
export function CorrectSheet(props: CorrectSheetProps) {
  return (
    <Sheet title="Correct the figures" open={props.open} onClose={props.onClose}>
      {props.open ? <CorrectForm {...props} /> : null}
    </Sheet>
  );
}

function CorrectForm({ ring, onClose }: CorrectSheetProps) {
  const bench = benchRing(ring);
  const write = useWriters();
  const { lengthUnit, primarySystem } = useSettings();
  const { correct } = useBenchLog(ring.id);
  const last = bench.state.readings.at(-1)?.leading;
  const {
    texts: typed,
    type,
    forget,
    line,
  } = useFormDraft(`correct/${ring.id}`, {
    texts: textsOf(bench, write),
    sizes: readingTexts(last, write),
  });
  const { texts, sizes } = typed;
  const { part, ...sum } = useProblemSum();
  const { problems, measured } = finishFigures(texts, lengthUnit);
  const reading = correctedReading(sizes, last, write, primarySystem);
  const labels = {
    width: 'Width',
    cut: capital(bench.edges.cut),
    rim: capital(bench.edges.rim),
    mass: 'Mass',
  } as const;
  const save = () => {
    if (!measured || !reading.events) return;
    correct(measured, ...reading.events);
    forget();
    onClose();
  };
  return (
    <View ref={part} className="gap-3">
      <DraftLine {...line} />
      <Type as="small">What was said before stays in its history.</Type>
      {FIGURES.map((figure) => (
        <Field
          key={figure}
          label={labels[figure]}
          unit={figure === 'mass' ? 'g' : lengthUnit}
          value={texts[figure]}
          onChangeText={(text) => type({ texts: { ...texts, [figure]: text } })}
          error={problems[figure]}
          inputMode="decimal"
        />
      ))}
      <Field
        label={`Reads, ${bench.edges.rim} down`}
        value={sizes.rim}
        onChangeText={(text) => type({ sizes: { ...sizes, rim: text } })}
        error={reading.problems.rim}
      />
      <Field
        label={`Reads, ${bench.edges.cut} down`}
        value={sizes.cut}
        onChangeText={(text) => type({ sizes: { ...sizes, cut: text } })}
        error={reading.problems.cut}
      />
      <SaveButton sum={sum} label="Save the figures" onPress={save} />
    </View>
  );
}
