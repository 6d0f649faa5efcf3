import { parseLengthMm } from '@round-mint/core/format';
import { useRouter } from 'expo-router';
import { useState } from 'react';
import { View } from 'react-native';
import { useSettings, useWriters } from '@/features/settings/use-settings';
import { Button } from '@/ui/Button';
import { Field } from '@/ui/Field';
import { Notice } from '@/ui/Notice';
import { Type } from '@/ui/Type';
import type { BenchRing } from './bench-model';
import type { BenchLog } from './use-bench-log';

const ACCEPTED = 'must be a length such as 9.1';

interface MeasureProps {
  label: string;
  expected: string;
  text: string;
  onChange: (text: string) => void;
  problem: string | undefined;
  unit: string;
}

function Measure({ label, expected, text, onChange, problem, unit }: MeasureProps) {
  return (
    <Field
      label={label}
      unit={unit}
      value={text}
      onChangeText={onChange}
      inputMode="decimal"
      error={problem}
      hint={`plan ${expected}`}
      className="flex-1"
    />
  );
}

/** All steps are done: the calliper's figures, so that the log can compare, and the ring is finished. */
export function FinishForm({ bench, log }: { bench: BenchRing; log: BenchLog }) {
  const router = useRouter();
  const { lengthUnit } = useSettings();
  const write = useWriters();
  const [texts, setTexts] = useState({ width: '', cut: '', rim: '' });
  const [tried, setTried] = useState(false);
  const { ring, state } = bench;
  const { bandWidthMm, thicknessCutEdgeMm, thicknessRimEdgeMm } = ring.prediction;
  const read = {
    width: parseLengthMm(texts.width, lengthUnit),
    cut: parseLengthMm(texts.cut, lengthUnit),
    rim: parseLengthMm(texts.rim, lengthUnit),
  };
  const problemOf = (key: keyof typeof texts, needed: boolean) =>
    tried && read[key] === undefined && (needed || texts[key].trim() !== '') ? ACCEPTED : undefined;
  const finish = async () => {
    setTried(true);
    const wrong =
      read.width === undefined ||
      (texts.cut && read.cut === undefined) ||
      (texts.rim && read.rim === undefined);
    if (wrong || read.width === undefined) return;
    const measured = {
      kind: 'measured' as const,
      bandWidthMm: read.width,
      ...(read.cut === undefined ? {} : { thicknessCutEdgeMm: read.cut }),
      ...(read.rim === undefined ? {} : { thicknessRimEdgeMm: read.rim }),
    };
    const done = await log.log(measured, { kind: 'finished' });
    if (done) router.replace({ pathname: '/log/[id]', params: { id: ring.id } });
  };
  const type = (key: keyof typeof texts) => (text: string) =>
    setTexts((before) => ({ ...before, [key]: text }));
  return (
    <View className="gap-3" testID="finish-form">
      <Type as="small">{ring.name}</Type>
      <Type as="verb">Measure it</Type>
      <Type>Every step is done. Width and edges with the calliper: the next prediction leans on them.</Type>
      {state.readings.length === 0 ? (
        <Notice level="warn" title="No reading was logged.">
          Undo the last step and log one, or the log cannot compare sizes.
        </Notice>
      ) : null}
      <View className="flex-row gap-3">
        <Measure
          label="Width"
          expected={write.length(bandWidthMm)}
          text={texts.width}
          onChange={type('width')}
          problem={problemOf('width', true)}
          unit={lengthUnit}
        />
      </View>
      <View className="flex-row gap-3">
        <Measure
          label="Cut edge"
          expected={write.length(thicknessCutEdgeMm)}
          text={texts.cut}
          onChange={type('cut')}
          problem={problemOf('cut', false)}
          unit={lengthUnit}
        />
        <Measure
          label="Rim edge"
          expected={write.length(thicknessRimEdgeMm)}
          text={texts.rim}
          onChange={type('rim')}
          problem={problemOf('rim', false)}
          unit={lengthUnit}
        />
      </View>
      <Button look="main" label="Finish this ring" disabled={log.busy} onPress={() => void finish()} />
    </View>
  );
}
