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
  const measures = [
    { key: 'width', label: 'Width', plannedMm: bandWidthMm, needed: true },
    { key: 'cut', label: 'Cut edge', plannedMm: thicknessCutEdgeMm, needed: false },
    { key: 'rim', label: 'Rim edge', plannedMm: thicknessRimEdgeMm, needed: false },
  ] as const;
  const finish = () => {
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
    log.log(measured, { kind: 'finished' });
    router.replace({ pathname: '/log/[id]', params: { id: ring.id } });
  };
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
      {measures.map(({ key, label, plannedMm, needed }) => (
        <Field
          key={key}
          label={label}
          unit={lengthUnit}
          value={texts[key]}
          onChangeText={(text) => setTexts((before) => ({ ...before, [key]: text }))}
          inputMode="decimal"
          error={problemOf(key, needed)}
          hint={`plan ${write.length(plannedMm)}`}
        />
      ))}
      <Button look="main" label="Finish this ring" onPress={finish} />
    </View>
  );
}
