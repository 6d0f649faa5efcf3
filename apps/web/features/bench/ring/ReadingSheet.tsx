import { capital } from '@round-mint/core/format';
import type { RouteStep } from '@round-mint/core/steps';
import { parseSize, stepMark, type ReadingMark, type SizeSystemId } from '@round-mint/core/size';
import { useState } from 'react';
import { Pressable, View } from 'react-native';
import { RadioGroup } from '@/ui/RadioGroup';
import { TakeFrom } from '@/features/shared/inputs/TakeFrom';
import { SizePad } from '@/features/shared/inputs/SizePad';
import { useSettings, useWriters } from '@/features/shared/settings/use-settings';
import { useWidthClass } from '@/features/shared/screen/use-width';
import { Term } from '@/features/shared/handbook/Term';
import { useDraft } from '@/store/use-draft';
import { Choices, LabelledChoices } from '@/ui/Choices';
import { Field } from '@/ui/Field';
import { NumberPad } from '@/ui/NumberPad';
import { PadKey } from '@/ui/PadKey';
import { Sheet } from '@/ui/Sheet';
import { Type } from '@/ui/Type';
import type { BenchRing } from '@/features/shared/ring/bench-model';
import { doubtWords, expectedAt } from './reading-model';
import type { BenchLog } from '@/features/shared/ring/use-bench-log';
import { LogFooter } from './LogFooter';

interface ReadingSheetProps {
  onClose: () => void;
  bench: BenchRing;
  step: RouteStep;
  log: BenchLog;
}

type Side = 'rim' | 'cut';
type Pad = 'sizes' | 'millimetres';

/** A reading as far as it is told. */
interface Draft {
  readonly mark: ReadingMark;
  readonly values: Readonly<Record<Side, number>>;
  readonly side: Side;
  readonly pad: Pad;
  readonly typed: string;
  readonly reveal: number | undefined;
}

const SIDES: readonly Side[] = ['rim', 'cut'];
const MARKS: readonly { value: ReadingMark; label: string }[] = [
  { value: 'leading', label: 'at the leading edge' },
  { value: 'centre', label: 'at the middle' },
];
const PADS: readonly { value: Pad; label: string }[] = [
  { value: 'sizes', label: 'sizes, from the mandrel' },
  { value: 'millimetres', label: 'millimetres, from a calliper' },
];
/** What a ring can measure inside, mm. */
const POSSIBLE_MM = { min: 5, max: 80 } as const;

interface SideTileProps {
  readonly name: string;
  readonly valueMm: number;
  readonly plannedMm: number;
  readonly typed: string | undefined;
  readonly active: boolean;
  readonly onPress: () => void;
}

/** One way round: what is to be logged, in both notations, beside what the plan expects. */
function SideTile({ name, valueMm, plannedMm, typed, active, onPress }: SideTileProps) {
  const write = useWriters();
  return (
    <Pressable
      role="radio"
      aria-checked={active}
      aria-label={`${name}: ${write.size(valueMm)}, ${write.length(valueMm, 2)}`}
      onPress={onPress}
      className={`flex-1 gap-0.5 rounded-sm px-3 py-2 active:opacity-70 ${active ? 'border-2 border-ink bg-fold' : 'border border-line'}`}
    >
      <Type as="label">{name}</Type>
      <Type as="figure">{typed === undefined ? write.size(valueMm) : `${typed || '…'} mm`}</Type>
      <Type as="small">{typed === undefined ? write.length(valueMm, 2) : write.size(valueMm)}</Type>
      <Type as="small">{`plan ${write.size(plannedMm)}`}</Type>
    </Pressable>
  );
}

/** A size in any notation, for a bench with a keyboard. */
function TypedSize({
  label,
  system,
  onSize,
}: {
  label: string;
  system: SizeSystemId;
  onSize: (mm: number) => void;
}) {
  const [text, setText] = useState('');
  const parsed = parseSize(text, system);
  return (
    <Field
      label={`${label}: or type it`}
      value={text}
      error={text.trim() === '' || parsed.ok ? undefined : parsed.message}
      onChangeText={(typed) => {
        setText(typed);
        const size = parseSize(typed, system);
        if (size.ok) onSize(size.insideDiameterMm);
      }}
    />
  );
}

const LINE_STEP = 0.5;
const MOST_LINES = 40;

/** How many lines of the pusher can still be seen, by half lines. */
function RevealRow({
  reveal,
  onChange,
}: {
  reveal: number | undefined;
  onChange: (reveal: number | undefined) => void;
}) {
  const by = (lines: number) =>
    onChange(Math.max(0, Math.min(MOST_LINES, Math.round((reveal ?? 0) / LINE_STEP) * LINE_STEP + lines)));
  return (
    <View className="gap-1" role="group" aria-label="Lines of the pusher still to be seen">
      <Term word="reveal">Lines of the pusher still to be seen</Term>
      <View className="flex-row items-center gap-2">
        <PadKey label="−" describe="Half a line fewer" onPress={() => by(-LINE_STEP)} />
        <Type as="figure" className="flex-1 text-center">
          {reveal === undefined ? 'not read' : reveal.toFixed(1)}
        </Type>
        <PadKey label="+" describe="Half a line more" onPress={() => by(LINE_STEP)} />
      </View>
    </View>
  );
}

/** A reading both ways round, by thumb alone: begun from what the plan expects, so that most are a tap or two. */
export function ReadingSheet({ onClose, bench, step, log }: ReadingSheetProps) {
  const { primarySystem } = useSettings();
  const wide = useWidthClass() === 'wide';
  // Under tape the lines of the pusher tell how deep it went: read with the size, they teach the die's chart.
  const taped = step.kind === 'stepped';
  // Of this moment of the ring: once anything is told of it, what was being typed is of no use.
  const { id: ringId, events } = bench.ring;
  const first = expectedAt(bench, step, 'leading');
  const { draft, change, forget } = useDraft<Draft>(`reading/${ringId}/${events.length}`, {
    mark: 'leading',
    values: { rim: first.rimDownMm, cut: first.cutDownMm },
    side: 'rim',
    pad: 'sizes',
    typed: '',
    reveal: step.tape?.reveal,
  });
  const { mark, values, side, pad, typed, reveal } = draft;
  const set = (part: Partial<Draft>) => change((before) => ({ ...before, ...part }));
  const planned = expectedAt(bench, step, mark);
  const [asked, setAsked] = useState<string>();

  const put = (mm: number) => {
    setAsked(undefined);
    if (mm >= POSSIBLE_MM.min && mm <= POSSIBLE_MM.max)
      change((before) => ({ ...before, values: { ...before.values, [side]: mm } }));
  };
  const take = (mm: number) => {
    put(mm);
    // One way round is done: the other one is next.
    set({ typed: '', ...(side === 'rim' ? { side: 'cut' } : {}) });
  };
  const choose = (next: Side) => set({ side: next, typed: '' });
  const type = (text: string) => {
    set({ typed: text });
    put(Number(text.replace(',', '.')));
  };
  const read = { rimDownMm: values.rim, cutDownMm: values.cut };
  const save = () => {
    const doubt = doubtWords(bench, step, read, mark, primarySystem);
    if (doubt && asked === undefined) {
      setAsked(doubt);
      return;
    }
    log.log({ kind: 'reading', ...read, mark, ...(taped && reveal !== undefined ? { reveal } : {}) });
    forget();
    onClose();
  };
  const plannedMm = { rim: planned.rimDownMm, cut: planned.cutDownMm };
  const nameOf = (one: Side) => `${capital(bench.edges[one])} down`;
  const name = nameOf(side);
  return (
    <Sheet
      title="Log a reading"
      open
      onClose={onClose}
      footer={
        <LogFooter
          asked={asked}
          again="Read again. If it is so, log it all the same."
          label="Log reading"
          onPress={save}
        />
      }
    >
      <RadioGroup label="Which way round" className="flex-row gap-2">
        {SIDES.map((one) => (
          <SideTile
            key={one}
            name={nameOf(one)}
            valueMm={values[one]}
            plannedMm={plannedMm[one]}
            typed={pad === 'millimetres' && side === one && typed !== '' ? typed : undefined}
            active={side === one}
            onPress={() => choose(one)}
          />
        ))}
      </RadioGroup>
      {pad === 'sizes' ? (
        <>
          <SizePad
            label={name}
            system={primarySystem}
            aroundMm={plannedMm[side]}
            valueMm={values[side]}
            onChange={take}
          />
          <View className="flex-row gap-2">
            <PadKey
              label="−"
              describe={`${name}: one mark smaller`}
              onPress={() => put(stepMark(values[side], primarySystem, -1))}
            />
            <PadKey
              label="+"
              describe={`${name}: one mark larger`}
              onPress={() => put(stepMark(values[side], primarySystem, 1))}
            />
          </View>
        </>
      ) : (
        <NumberPad text={typed} onChange={type} />
      )}
      <TakeFrom device="calliper" onTake={take} />
      {wide ? <TypedSize label={name} system={primarySystem} onSize={put} /> : null}
      {taped ? <RevealRow reveal={reveal} onChange={(lines) => set({ reveal: lines })} /> : null}
      <Choices
        label="Keys"
        choices={PADS}
        value={pad}
        onChange={(keys) => set({ pad: keys })}
        minWidth={140}
      />
      <LabelledChoices
        label="Mark read"
        choices={MARKS}
        value={mark}
        onChange={(read) => set({ mark: read })}
        minWidth={140}
      />
    </Sheet>
  );
}
