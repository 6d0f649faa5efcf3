import { fingerStripSheet, PAPER_THICKNESS_MM, ringHolesSheet } from '@round-mint/core/template';
import { parseSize } from '@round-mint/core/size';
import { useState, type ReactNode } from 'react';
import { View } from 'react-native';
import { TakeFrom } from '@/features/shared/inputs/TakeFrom';
import { PrintButtons } from '@/features/shared/print/PrintButtons';
import { useSettings, useWriters } from '@/features/shared/settings/use-settings';
import { PlaceHeader } from '@/features/shared/tabs/PlaceHeader';
import { SizeInput } from '@/features/shared/inputs/SizeInput';
import { PlanTabs } from '@/features/shared/tabs/PlanTabs';
import { Choices } from '@/ui/Choices';
import { Field } from '@/ui/Field';
import { Notice } from '@/ui/Notice';
import { Screen } from '@/ui/Screen';
import { Type } from '@/ui/Type';
import {
  converted,
  knuckleAnswer,
  mandrelAnswer,
  stripAnswer,
  wideWords,
  type MandrelTexts,
} from '@/features/shared/words/finger-model';

function Tool({ title, children }: { title: string; children: ReactNode }) {
  return (
    <View className="gap-2 border-t border-line pt-3">
      <Type as="heading">{title}</Type>
      {children}
    </View>
  );
}

/** Every system at once: the nearest mark, the exact number, and how far off the mark it is. */
function Converter() {
  const { primarySystem } = useSettings();
  const write = useWriters();
  const [text, setText] = useState('US 7½');
  const parsed = parseSize(text, primarySystem);
  const mm = parsed.ok ? parsed.insideDiameterMm : undefined;
  return (
    <View className="gap-2">
      <Type as="label">Size</Type>
      <SizeInput
        label="Size"
        text={text}
        targetMm={mm}
        problem={parsed.ok ? undefined : parsed.message}
        system={primarySystem}
        note={mm === undefined ? '' : `⌀ ${write.length(mm, 2)} · round ${write.length(Math.PI * mm, 2)}`}
        write={write.size}
        onChange={setText}
      />
      <TakeFrom device="calliper" onTake={(value) => setText(`${value.toFixed(2)} mm`)} />
      {mm === undefined ? null : (
        <View role="table" aria-label="The size in every system">
          <View role="row" className="flex-row border-b-2 border-ink pb-1">
            <Type as="small" role="columnheader" className="flex-[1.5]">
              system
            </Type>
            <Type as="small" role="columnheader" className="flex-1">
              nearest
            </Type>
            <Type as="small" role="columnheader" className="w-[56px] text-right">
              exact
            </Type>
            <Type as="small" role="columnheader" className="w-[86px] text-right">
              off the mark
            </Type>
          </View>
          {converted(mm).map(({ system, name, mark, exact, offMm }) => (
            <View key={system} role="row" className="min-h-[40px] flex-row items-center border-b border-line">
              <Type as="small" role="rowheader" className="flex-[1.5]">
                {name}
              </Type>
              <Type as="strong" role="cell" className="flex-1">
                {mark}
              </Type>
              <Type role="cell" className="w-[56px] text-right">
                {exact ?? '–'}
              </Type>
              <Type as="small" role="cell" className="w-[86px] text-right">
                {`${offMm < 0 ? '−' : '+'}${write.length(Math.abs(offMm), 2)}`}
              </Type>
            </View>
          ))}
        </View>
      )}
    </View>
  );
}

function PaperStrip() {
  const { lengthUnit } = useSettings();
  const write = useWriters();
  const [length, setLength] = useState('');
  const [thickness, setThickness] = useState(String(PAPER_THICKNESS_MM));
  const answer = stripAnswer(length, thickness, lengthUnit);
  return (
    <Tool title="From a strip round the finger">
      <View className="flex-row gap-3">
        <Field
          className="flex-1"
          label="Ends meet at"
          unit={lengthUnit}
          value={length}
          onChangeText={setLength}
          error={answer && 'problem' in answer ? answer.problem : undefined}
          inputMode="decimal"
        />
        <Field
          className="flex-1"
          label="Strip’s own thickness"
          unit={lengthUnit}
          value={thickness}
          onChangeText={setThickness}
          hint="A strip as thick as the metal gives the blank’s length."
          inputMode="decimal"
        />
      </View>
      {answer && 'value' in answer ? (
        <Type as="figure" role="status" testID="strip-size">
          {`${write.size(answer.value)} · ⌀ ${write.length(answer.value)}`}
        </Type>
      ) : null}
    </Tool>
  );
}

function Knuckle() {
  const { primarySystem } = useSettings();
  const write = useWriters();
  const [knuckle, setKnuckle] = useState('');
  const [base, setBase] = useState('');
  const answer = knuckleAnswer(knuckle, base, primarySystem);
  return (
    <Tool title="Knuckle and base">
      <View className="flex-row gap-3">
        <Field
          className="flex-1"
          label="Knuckle"
          value={knuckle}
          onChangeText={setKnuckle}
          hint="As a size."
        />
        <Field className="flex-1" label="Base of the finger" value={base} onChangeText={setBase} />
      </View>
      {answer && 'problem' in answer ? <Notice level="warn" title={answer.problem} live /> : null}
      {answer && 'value' in answer ? (
        <Notice
          level={answer.value.closed ? 'good' : 'warn'}
          title={`Make ${write.sizeAndLength(answer.value.insideDiameterMm)}, ${answer.value.closed ? 'closed' : 'open'}.`}
          live
          testID="knuckle-advice"
        >
          {answer.value.reason}
        </Notice>
      ) : null}
    </Tool>
  );
}

const INSIDES = [
  { value: 'flat', label: 'flat inside' },
  { value: 'rounded', label: 'rounded inside' },
];

function WideBand() {
  const write = useWriters();
  const { lengthUnit } = useSettings();
  const [width, setWidth] = useState('');
  const [inside, setInside] = useState('flat');
  const answer = wideWords(width, inside === 'rounded', lengthUnit, write);
  return (
    <Tool title="Wide bands feel tighter">
      <Field
        label="Width of the band"
        unit={lengthUnit}
        value={width}
        onChangeText={setWidth}
        error={answer && 'problem' in answer ? answer.problem : undefined}
        inputMode="decimal"
      />
      <Choices label="Inside" choices={INSIDES} value={inside} onChange={setInside} />
      {answer && 'value' in answer ? (
        <Notice level="note" title={answer.value} live testID="wide-advice">
          A proposal: it is never added by itself.
        </Notice>
      ) : null}
    </Tool>
  );
}

const MANDREL_FIELDS: readonly {
  readonly key: keyof MandrelTexts;
  readonly label: string;
  readonly length: boolean;
}[] = [
  { key: 'lowUs', label: 'Small mark, US', length: false },
  { key: 'lowMm', label: 'measures', length: true },
  { key: 'highUs', label: 'Large mark, US', length: false },
  { key: 'highMm', label: 'measures', length: true },
  { key: 'apart', label: 'They are apart', length: true },
];

function MandrelCheck() {
  const { lengthUnit } = useSettings();
  const write = useWriters();
  const [texts, setTexts] = useState<MandrelTexts>({
    lowUs: '',
    lowMm: '',
    highUs: '',
    highMm: '',
    apart: '',
  });
  const answer = mandrelAnswer(texts, lengthUnit);
  return (
    <Tool title="Is the mandrel true?">
      <Type as="small">
        Measure it with a calliper at two of its marks, far apart. The scale printed on a stretcher is not
        trusted: the mandrel is.
      </Type>
      <View className="flex-row flex-wrap gap-3">
        {MANDREL_FIELDS.map(({ key, label, length }, i) => (
          <Field
            key={key}
            className="min-w-[140px] flex-1"
            label={label}
            aria-label={`${i < 2 ? 'Small mark' : i < 4 ? 'Large mark' : 'Marks'}: ${label}`}
            unit={length ? lengthUnit : undefined}
            value={texts[key]}
            onChangeText={(text) => setTexts((before) => ({ ...before, [key]: text }))}
            inputMode="decimal"
          />
        ))}
      </View>
      {answer && 'problem' in answer ? <Notice level="warn" title={answer.problem} live /> : null}
      {answer && 'value' in answer ? (
        <Notice
          level={answer.value.ok ? 'good' : 'stop'}
          title={answer.value.message}
          live
          testID="mandrel-check"
        >
          {`One US size in ${write.length(answer.value.mmPerUsSize)}: enter that under Stock, Kit.`}
        </Notice>
      ) : null}
    </Tool>
  );
}

/** Everything about the finger: sizes in every system, strips, knuckles, and sheets to print. */
export function FingersScreen() {
  const { primarySystem } = useSettings();
  return (
    <Screen
      maxWidth={760}
      testID="fingers-screen"
      header={
        <>
          <PlaceHeader title="Fingers" note="Sizes in every system, and what they are worth" />
          <PlanTabs here="fingers" />
        </>
      }
    >
      <Converter />
      <PaperStrip />
      <Knuckle />
      <WideBand />
      <MandrelCheck />
      <PrintButtons
        title="Finger strip"
        about="To cut out and post; a bank card checks it too."
        fileName="finger-strip"
        sheet={(paper) => fingerStripSheet(paper, primarySystem)}
      />
      <PrintButtons
        title="Ring holes"
        about="Circles to lay a ring on."
        fileName="ring-holes"
        sheet={(paper) => ringHolesSheet(paper, primarySystem)}
      />
    </Screen>
  );
}
