import { capital, inchToMm, type LengthUnit } from '@round-mint/core/format';
import { useRouter } from 'expo-router';
import { useState } from 'react';
import { View } from 'react-native';
import { TakeFrom } from '@/features/shared/inputs/TakeFrom';
import { useSettings, useWriters } from '@/features/shared/settings/use-settings';
import { useDraft } from '@/store/use-draft';
import { Field } from '@/ui/Field';
import { Notice } from '@/ui/Notice';
import { NumberPad } from '@/ui/NumberPad';
import { SaveButton } from '@/ui/SaveButton';
import { TextButton } from '@/ui/TextButton';
import { Type } from '@/ui/Type';
import { useProblemSum } from '@/ui/use-problem-sum';
import type { BenchRing } from '@/features/shared/ring/bench-model';
import {
  FIGURES,
  finishFigures,
  NO_FIGURES,
  type Figure,
  type FigureTexts,
} from '@/features/shared/ring/finish-figures';
import type { BenchLog } from '@/features/shared/ring/use-bench-log';

/** A figure this far from the plan is more likely a slip of the finger than a ring. */
const FAR_SHARE = 0.4;

function isStrange(found: number | undefined, planned: number): boolean {
  return found !== undefined && planned > 0 && Math.abs(found / planned - 1) > FAR_SHARE;
}

interface FormState {
  readonly texts: FigureTexts;
  /** The field that pad, calliper and scale write into. */
  readonly active: Figure;
}

const EMPTY: FormState = { texts: NO_FIGURES, active: 'width' };

/** What a device shows, as the maker writes it: a calliper's display is in millimetres whatever that is. */
function displayed(figure: Figure, value: number, unit: LengthUnit): string {
  return figure === 'mass' || unit === 'mm' ? String(value) : (value / inchToMm(1)).toFixed(3);
}

interface FinishFormProps {
  bench: BenchRing;
  log: BenchLog;
  onPhoto: () => void;
}

/** All steps are done: calliper and scale, so that the log can compare, and the ring is finished. By thumb alone. */
export function FinishForm({ bench, log, onPhoto }: FinishFormProps) {
  const router = useRouter();
  const { lengthUnit } = useSettings();
  const write = useWriters();
  const [tried, setTried] = useState(false);
  const { part, ...sum } = useProblemSum();
  // Asked once about figures that are far from the plan.
  const [asked, setAsked] = useState('');
  const { ring, state } = bench;
  const { draft, change: setForm, forget } = useDraft(`finish/${ring.id}`, EMPTY);
  const { texts, active } = draft;
  const { bandWidthMm, thicknessCutEdgeMm, thicknessRimEdgeMm, ringMassG } = ring.prediction;
  const { values, problems, measured } = finishFigures(texts, lengthUnit);
  const measures = [
    {
      key: 'width',
      label: 'Width',
      unit: lengthUnit,
      hint: `plan ${write.length(bandWidthMm)}`,
      planned: bandWidthMm,
    },
    {
      key: 'cut',
      label: capital(bench.edges.cut),
      unit: lengthUnit,
      hint: `plan ${write.length(thicknessCutEdgeMm, 2)}`,
      planned: thicknessCutEdgeMm,
    },
    {
      key: 'rim',
      label: capital(bench.edges.rim),
      unit: lengthUnit,
      hint: `plan ${write.length(thicknessRimEdgeMm, 2)}`,
      planned: thicknessRimEdgeMm,
    },
    { key: 'mass', label: 'Mass', unit: 'g', hint: `plan ${ringMassG.toFixed(1)} g`, planned: ringMassG },
  ] as const;
  const strange = measures.filter(({ key, planned }) => isStrange(values[key], planned));
  const put = (key: Figure, text: string) =>
    setForm((before) => ({ ...before, texts: { ...before.texts, [key]: text } }));
  const choose = (key: Figure) => setForm((before) => ({ ...before, active: key }));
  // Two presses of the data button may come between two frames: each goes to the field that is next by then.
  const take = (value: number) =>
    setForm(({ texts: typed, active: field }) => ({
      texts: { ...typed, [field]: displayed(field, value, lengthUnit) },
      active: FIGURES[FIGURES.indexOf(field) + 1] ?? field,
    }));
  const finish = () => {
    setTried(true);
    if (!measured) return;
    const seen = strange.map(({ key }) => `${key} ${texts[key]}`).join();
    if (strange.length > 0 && asked !== seen) {
      setAsked(seen);
      return;
    }
    log.log(measured, { kind: 'finished' });
    forget();
    router.replace({ pathname: '/log/[id]', params: { id: ring.id } });
  };
  return (
    <View className="gap-3" testID="finish-form">
      <Type as="small">{ring.name}</Type>
      <Type as="verb">Measure it</Type>
      <Type>Every step is done. Width and edges with the calliper: the next prediction leans on them.</Type>
      {state.formedSinceReading ? (
        <Notice level="warn" title="The finished size was not read.">
          Undo the last step and log a reading, or the log has no size to compare.
        </Notice>
      ) : null}
      <View ref={part} className="flex-row flex-wrap gap-3">
        {measures.map(({ key, label, unit, hint }) => (
          <View
            key={key}
            className={`min-w-[140px] flex-1 ${active === key ? 'border-l-4 border-ink pl-2' : 'pl-3'}`}
          >
            <Field
              label={label}
              unit={unit}
              value={texts[key]}
              onChangeText={(text) => put(key, text)}
              onFocus={() => choose(key)}
              // The pad below types: no keyboard comes up over it.
              inputMode="none"
              error={tried ? problems[key] : undefined}
              hint={hint}
            />
          </View>
        ))}
      </View>
      <TakeFrom
        key={active === 'mass' ? 'scale' : 'calliper'}
        device={active === 'mass' ? 'scale' : 'calliper'}
        onTake={take}
      />
      <NumberPad text={texts[active]} onChange={(text) => put(active, text)} />
      {asked === '' ? null : (
        <Notice level="warn" title="Far from the plan:" live testID="far-from-plan">
          {strange.map(({ key, label, hint }) => `${label} ${texts[key]}, ${hint}`).join('; ')}
        </Notice>
      )}
      <SaveButton
        sum={sum}
        label={asked === '' ? 'Finish this ring' : 'Finish with these figures'}
        onPress={finish}
      />
      <TextButton label="Take its photo" onPress={onPhoto} />
    </View>
  );
}
