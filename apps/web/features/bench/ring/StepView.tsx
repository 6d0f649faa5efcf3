import {
  gaugesOf,
  isRead,
  pastMark,
  stopAt,
  toMark,
  wayRoundWords,
  type BenchWord,
} from '@round-mint/core/bench';
import type { RouteStep } from '@round-mint/core/steps';
import { useState } from 'react';
import { View, type LayoutChangeEvent } from 'react-native';
import { SoftnessGauge } from '@/drawings/gauge/SoftnessGauge';
import { Ladder } from '@/drawings/ladder/Ladder';
import { BlankDrawing } from '@/drawings/blank/BlankDrawing';
import { StepIcon } from '@/drawings/route/StepIcon';
import { Section } from '@/drawings/section/Section';
import { useSettings, useWriters } from '@/features/shared/settings/use-settings';
import { Explained } from '@/features/shared/handbook/Explained';
import { HandbookLink } from '@/features/shared/handbook/HandbookLink';
import { STEP_SECTIONS } from '@/features/shared/handbook/sections';
import { BegunFrom } from '@/features/shared/ring/BegunFrom';
import { GoldLiningPanel } from './GoldLiningPanel';
import { Notice } from '@/ui/Notice';
import { Type } from '@/ui/Type';
import { CautionLine } from './CautionLine';
import { ToolLine } from './ToolLine';
import { useCautionSeen } from './use-caution-seen';
import { replanWords } from './replan-words';
import { tapeWords } from '@/features/shared/words/tape-words';
import type { BenchLog } from '@/features/shared/ring/use-bench-log';
import { stopMark, verbOf, type BenchRing } from '@/features/shared/ring/bench-model';

const DRAWING_HEIGHT = 250;
/** "marked" beside its pointer is the longest of the names. */
const LADDER_WIDTH = 152;

interface StepViewProps {
  readonly bench: BenchRing;
  readonly step: RouteStep;
  /** Its place in the route: the one at hand, or one that is only looked at. */
  readonly at: number;
  readonly word: BenchWord;
  readonly log: BenchLog;
}

/** Before (ghost) and after of the step at hand, and where the edges stand on the ladder. */
function BenchDrawing({ bench, step, at }: Pick<StepViewProps, 'bench' | 'step' | 'at'>) {
  const [width, setWidth] = useState(0);
  const { primarySystem, secondSystem } = useSettings();
  const write = useWriters();
  const { state } = bench;
  const before = state.steps[at - 1]?.outline;
  const height = DRAWING_HEIGHT;
  const onLayout = (event: LayoutChangeEvent) => setWidth(event.nativeEvent.layout.width);
  const ladder = isRead(step);
  const [rim, cut] = [bench.edges.rim, bench.edges.cut].map((name) => name.replace(' edge', ''));
  const edges = [
    { label: rim ?? '', diameterMm: state.edges.rimInsideDiameterMm },
    { label: cut ?? '', diameterMm: state.edges.cutInsideDiameterMm },
    {
      label: 'stop',
      diameterMm: stopAt(step, primarySystem)?.insideDiameterMm ?? step.after.cutInsideDiameterMm,
      ghost: true,
    },
  ];
  return (
    <View onLayout={onLayout} style={{ height }} className="flex-row">
      {width > 0 && step.blank ? (
        <BlankDrawing
          blank={step.blank}
          widthMm={bench.ring.prediction.bandWidthMm}
          width={ladder ? width - LADDER_WIDTH : width}
          height={height}
          length={write.length}
        />
      ) : null}
      {width > 0 && !step.blank ? (
        <Section
          outline={step.outline}
          ghost={before}
          width={ladder ? width - LADDER_WIDTH : width}
          height={height}
          length={write.length}
          edges={bench.edges}
        />
      ) : null}
      {width > 0 && ladder ? (
        <Ladder
          width={LADDER_WIDTH}
          height={height}
          targetMm={bench.targetMm}
          primary={primarySystem}
          second={secondSystem}
          pointers={edges}
          history={state.readings.map(({ cutInsideDiameterMm }) => cutInsideDiameterMm)}
          testID="ladder"
        />
      ) : null}
    </View>
  );
}

/** Advice that goes with a reading, and how loud it is told. */
const LEVELS: Partial<Readonly<Record<BenchWord['advice']['code'], 'good' | 'note' | 'warn' | 'stop'>>> = {
  'on-mark': 'good',
  'part-way': 'note',
  past: 'warn',
  'off-plan': 'warn',
  'edges-differ': 'warn',
  'anneal-first': 'warn',
  'cannot-soften': 'stop',
};

/** What the bench says of the last reading, and how the rest goes on from it. */
function BenchSays({ bench, word }: Pick<StepViewProps, 'bench' | 'word'>) {
  const write = useWriters();
  const { advice, derived, standing } = word;
  // What was changed is told with whatever is to be done next.
  const level = LEVELS[advice.code] ?? (bench.stored.openChange ? 'note' : undefined);
  const { reroute } = bench;
  if (!level) {
    return reroute ? (
      <Notice level="note" title="Planned again from what you found." live testID="reroute">
        {reroute.why}
      </Notice>
    ) : null;
  }
  const changed = derived.kind === 'changed' && derived.route;
  return (
    <View testID="reading-verdict">
      <Notice level={level} title={advice.message} live testID={standing}>
        {derived.kind === 'pending'
          ? 'Working out the rest …'
          : changed
            ? replanWords(changed, write.size, write.length, { next: false })
            : undefined}
      </Notice>
    </View>
  );
}

/** One step a screen: one verb, the number that matters, what to look for. */
export function StepView({ bench, step, at, word, log }: StepViewProps) {
  const write = useWriters();
  const { primarySystem } = useSettings();
  const { ring, state } = bench;
  const next = state.steps[at + 1];
  const atHand = at === state.step;
  const stop = stopAt(step, primarySystem);
  const seen = useCautionSeen(step.kind, at);
  const caution = step.caution ? <CautionLine key={step.kind} caution={step.caution} seen={seen} /> : null;
  const past = pastMark(step, primarySystem);
  return (
    <View className="gap-3" testID="step-view">
      <View className="flex-row items-start justify-between gap-3">
        <View className="flex-1">
          <Type as="small">{`${ring.name} · ${atHand ? 'step' : at < state.step ? 'done: step' : 'to come: step'} ${at + 1} of ${state.steps.length}`}</Type>
          <Type as="verb" testID="verb">
            {verbOf(step)}
          </Type>
        </View>
        <StepIcon kind={step.kind} size={52} />
      </View>
      {seen ? null : caution}
      <View>
        <Type as="figure" testID="stop-mark">
          {step.kind === 'anneal'
            ? step.instruction
            : stop
              ? `${step.kind === 'read' ? 'Reads' : 'Stop at'} ${stop.mark}`
              : stopMark(step, primarySystem, write.length, bench.edges)}
        </Type>
        {stop ? <Type as="label">{wayRoundWords(stop, primarySystem, bench.edges)}</Type> : null}
        {step.kind === 'anneal' ? null : <Type>{step.instruction}</Type>}
        {atHand && word.step ? (
          <ToolLine word={word.step} kind={step.kind} log={log} />
        ) : step.tool ? (
          <Type as="label">{`With: ${step.tool}`}</Type>
        ) : null}
        {step.tape ? <Type as="label">{tapeWords(step.tape, write.length)}</Type> : null}
        {past ? <Type as="small">{`Take it ${past.words} it: ${past.why}.`}</Type> : null}
        {(step.risks ?? []).map(({ message }) => (
          <Notice key={message} level="warn" title={message} />
        ))}
      </View>
      {atHand ? <BenchSays bench={bench} word={word} /> : null}
      {atHand ? (
        <SoftnessGauge
          gauges={gaugesOf(ring.kind, state)}
          allowanceStrainLog={ring.allowanceStrainLog}
          mayAnneal={word.mayAnneal}
          testID="gauge"
        />
      ) : null}
      <BenchDrawing bench={bench} step={step} at={at} />
      {step.kind === 'plate' ? (
        <GoldLiningPanel insideDiameterMm={bench.targetMm} heightMm={ring.prediction.axialHeightMm} />
      ) : null}
      {at === 0 ? <BegunFrom ring={ring} /> : null}
      <Notice
        level="note"
        title={<Explained>{step.lookFor}</Explained>}
        end={<HandbookLink section={STEP_SECTIONS[step.kind]} about={step.title} />}
      />
      {seen ? caution : null}
      {next ? (
        <Type as="small">{`Next: ${next.title.toLowerCase()}${toMark(next, primarySystem)}`}</Type>
      ) : null}
    </View>
  );
}
