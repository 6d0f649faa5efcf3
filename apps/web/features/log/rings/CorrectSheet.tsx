import type { RingWithEvents } from '@round-mint/contract/rings';
import { capital } from '@round-mint/core/format';
import { parseSize } from '@round-mint/core/size';
import { useState } from 'react';
import { benchRing } from '@/features/shared/ring/bench-model';
import { FIGURES, finishFigures, type FigureTexts } from '@/features/shared/ring/finish-figures';
import { useBenchLog } from '@/features/shared/ring/use-bench-log';
import { useSettings, useWriters, type Writers } from '@/features/shared/settings/use-settings';
import { Button } from '@/ui/Button';
import { Field } from '@/ui/Field';
import { Sheet } from '@/ui/Sheet';
import { Type } from '@/ui/Type';

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
  const last = bench.state.readings.at(-1);
  const readAt = {
    rimDown: last ? write.size(last.leading.rimDownMm) : '',
    cutDown: last ? write.size(last.leading.cutDownMm) : '',
  };
  const [texts, setTexts] = useState(() => textsOf(bench, write));
  const [sizes, setSizes] = useState(readAt);
  const { problems, measured } = finishFigures(texts, lengthUnit);
  const resized = sizes.rimDown !== readAt.rimDown || sizes.cutDown !== readAt.cutDown;
  const [rimDown, cutDown] = [sizes.rimDown, sizes.cutDown].map((text) => parseSize(text, primarySystem));
  const sizeProblem = (parsed: ReturnType<typeof parseSize> | undefined) =>
    resized && parsed && !parsed.ok ? parsed.message : undefined;
  const labels = {
    width: 'Width',
    cut: capital(bench.edges.cut),
    rim: capital(bench.edges.rim),
    mass: 'Mass',
  } as const;
  const save = () => {
    if (!measured || !rimDown || !cutDown) return;
    if (!resized) correct(measured);
    else if (rimDown.ok && cutDown.ok) {
      correct(measured, {
        kind: 'reading',
        rimDownMm: rimDown.insideDiameterMm,
        cutDownMm: cutDown.insideDiameterMm,
        mark: 'leading',
      });
    } else return;
    onClose();
  };
  return (
    <>
      <Type as="small">What was said before stays in its history.</Type>
      {FIGURES.map((figure) => (
        <Field
          key={figure}
          label={labels[figure]}
          unit={figure === 'mass' ? 'g' : lengthUnit}
          value={texts[figure]}
          onChangeText={(text) => setTexts((before) => ({ ...before, [figure]: text }))}
          error={problems[figure]}
          inputMode="decimal"
        />
      ))}
      <Field
        label={`Reads, ${bench.edges.rim} down`}
        value={sizes.rimDown}
        onChangeText={(text) => setSizes((before) => ({ ...before, rimDown: text }))}
        error={sizeProblem(rimDown)}
      />
      <Field
        label={`Reads, ${bench.edges.cut} down`}
        value={sizes.cutDown}
        onChangeText={(text) => setSizes((before) => ({ ...before, cutDown: text }))}
        error={sizeProblem(cutDown)}
      />
      <Button look="main" label="Save the figures" onPress={save} />
    </>
  );
}
