import type { StoredDieChart } from '@round-mint/contract/die-charts';
import { metalById } from '@round-mint/core/metal';
import { revealFor } from '@round-mint/core/kit';
import { parseSize } from '@round-mint/core/size';
import { useState } from 'react';
import { View, type LayoutChangeEvent } from 'react-native';
import { DieChartDrawing } from '@/drawings/die-chart/DieChartDrawing';
import { useSettings, useWriters } from '@/features/shared/settings/use-settings';
import { useSaveDieChartMutation } from '@/store/bench-api';
import { problemText } from '@/store/problem';
import { Button } from '@/ui/Button';
import { Field } from '@/ui/Field';
import { Notice } from '@/ui/Notice';
import { TextButton } from '@/ui/TextButton';
import { Type } from '@/ui/Type';
import { parseObservation } from './die-chart-form';

const HEIGHT = 220;

function inputOf(chart: StoredDieChart) {
  const { createdAt: _created, updatedAt: _updated, ...input } = chart;
  return { ...input, isNew: false, base: chart };
}

/** One more observation: lines showing, and the size read after the pass. */
function AddObservation({ chart }: { chart: StoredDieChart }) {
  const { primarySystem } = useSettings();
  const [save, { isLoading }] = useSaveDieChartMutation();
  const [texts, setTexts] = useState({ reveal: '', size: '' });
  const [problems, setProblems] = useState<{ reveal?: string; size?: string; server?: string }>({});
  const add = async () => {
    const parsed = parseObservation(texts.reveal, texts.size, primarySystem);
    if (!parsed.ok) {
      setProblems(parsed);
      return;
    }
    try {
      const { observations } = chart;
      await save({ ...inputOf(chart), observations: [...observations, parsed.observation] }).unwrap();
      setTexts({ reveal: '', size: '' });
      setProblems({});
    } catch (error) {
      setProblems({ server: problemText(error) });
    }
  };
  return (
    <View className="gap-2">
      <View className="flex-row items-start gap-3">
        <Field
          className="flex-1"
          label="Lines showing"
          inputMode="decimal"
          value={texts.reveal}
          error={problems.reveal}
          onChangeText={(reveal) => setTexts({ ...texts, reveal })}
        />
        <Field
          className="flex-1"
          label="Size after it"
          value={texts.size}
          error={problems.size}
          onChangeText={(size) => setTexts({ ...texts, size })}
        />
        <Button
          className="mt-6"
          label="Add"
          describe={`Add an observation to the ${chart.die} chart`}
          disabled={isLoading}
          onPress={() => void add()}
        />
      </View>
      {problems.server ? <Notice level="stop" title={problems.server} live /> : null}
    </View>
  );
}

function stopWords(answer: ReturnType<typeof revealFor>): string {
  if (!answer) return 'Two observations at least are needed to tell.';
  const lines = answer.reveal.toFixed(1).replace(/\.0$/, '');
  return `Stop with ${lines} ${lines === '1' ? 'line' : 'lines'} showing${answer.extrapolated ? ': outside what was seen, so go slowly' : ''}.`;
}

/** One chart: what was seen, where to stop for a size, and one more observation. */
export function DieChartCard({ chart, onRemove }: { chart: StoredDieChart; onRemove: () => void }) {
  const write = useWriters();
  const { primarySystem } = useSettings();
  const [width, setWidth] = useState(0);
  const [wanted, setWanted] = useState('');
  const size = parseSize(wanted, primarySystem);
  const wantMm = wanted.trim() !== '' && size.ok ? size.insideDiameterMm : undefined;
  const answer = wantMm === undefined ? undefined : revealFor(chart.observations, wantMm);
  const title = `${write.length(chart.pusherMm)} pusher, ${chart.die}`;
  return (
    <View
      role="listitem"
      aria-label={title}
      className="gap-2 border-b border-line py-4"
      onLayout={(event: LayoutChangeEvent) => setWidth(event.nativeEvent.layout.width)}
    >
      <View className="flex-row items-start justify-between gap-3">
        <View className="flex-1">
          <Type as="heading">{title}</Type>
          <Type as="small">{`${metalById(chart.metal).name} coins of ${write.length(chart.coinDiameterMm)} · ${chart.observations.length} observations`}</Type>
        </View>
        <TextButton label="archive" describe={`Archive the chart of the ${title}`} onPress={onRemove} />
      </View>
      {width > 0 && chart.observations.length > 0 ? (
        <DieChartDrawing
          observations={chart.observations}
          want={answer && wantMm !== undefined ? { ...answer, insideDiameterMm: wantMm } : undefined}
          width={width}
          height={HEIGHT}
          write={write.size}
        />
      ) : null}
      <Field
        label="Size wanted after this pass"
        value={wanted}
        error={wanted.trim() !== '' && !size.ok ? size.message : undefined}
        hint={wantMm === undefined ? undefined : stopWords(answer)}
        onChangeText={setWanted}
      />
      <AddObservation chart={chart} />
    </View>
  );
}
