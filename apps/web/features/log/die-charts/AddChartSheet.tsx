import { useRef, useState } from 'react';
import { MetalPicker } from '@/features/shared/inputs/MetalPicker';
import { AddSheet } from '@/features/shared/screen/AddSheet';
import { useSettings } from '@/features/shared/settings/use-settings';
import { newId } from '@/store/new-id';
import { useSaveDieChartMutation } from '@/store/bench-api';
import { problemText } from '@/store/problem';
import { useFormDraft } from '@/store/use-form-draft';
import { Field } from '@/ui/Field';
import { parseChart, type ChartTexts } from './die-chart-form';

const EMPTY: ChartTexts = { metal: 'silver-900', coinDiameter: '', die: 'Long die', pusher: '' };

/** A new chart: which kind of coin, which die, which pusher. */
export function AddChartSheet({ open, onClose }: { open: boolean; onClose: () => void }) {
  const { lengthUnit } = useSettings();
  const [save, { isLoading }] = useSaveDieChartMutation();
  const { texts, type, line } = useFormDraft('die-chart/new', EMPTY);
  const [problems, setProblems] = useState<Readonly<Record<string, string>>>({});
  const id = useRef(newId());
  const add = async () => {
    const parsed = parseChart(id.current, texts, lengthUnit);
    if (!parsed.ok) {
      setProblems(parsed.problems);
      return;
    }
    try {
      await save({ ...parsed.chart, isNew: true }).unwrap();
      id.current = newId();
      line.onStartOver();
      setProblems({});
      onClose();
    } catch (error) {
      setProblems({ server: problemText(error) });
    }
  };
  return (
    <AddSheet
      title="A new die chart"
      action="Add the chart"
      open={open}
      saving={isLoading}
      problem={problems['server']}
      draft={line}
      onAdd={() => void add()}
      onClose={onClose}
    >
      <Field
        label="Long die"
        value={texts.die}
        error={problems['die']}
        onChangeText={(die) => type({ die })}
      />
      <Field
        label="Pusher"
        unit={lengthUnit}
        inputMode="decimal"
        value={texts.pusher}
        error={problems['pusherMm']}
        onChangeText={(pusher) => type({ pusher })}
      />
      <Field
        label="Diameter of the coins"
        unit={lengthUnit}
        inputMode="decimal"
        value={texts.coinDiameter}
        error={problems['coinDiameterMm']}
        onChangeText={(coinDiameter) => type({ coinDiameter })}
      />
      <MetalPicker value={texts.metal} onChange={(metal) => type({ metal })} />
    </AddSheet>
  );
}
