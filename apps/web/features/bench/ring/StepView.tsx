import type { RouteStep } from '@round-mint/core/steps';
import { useState } from 'react';
import { View, type LayoutChangeEvent } from 'react-native';
import { SoftnessGauge } from '@/drawings/gauge/SoftnessGauge';
import { Ladder } from '@/drawings/ladder/Ladder';
import { BlankDrawing } from '@/drawings/blank/BlankDrawing';
import { StepIcon } from '@/drawings/route/StepIcon';
import { Section } from '@/drawings/section/Section';
import { useSettings, useWriters } from '@/features/shared/settings/use-settings';
import { GoldLiningPanel } from './GoldLiningPanel';
import { Notice } from '@/ui/Notice';
import { Type } from '@/ui/Type';
import { CautionLine } from './CautionLine';
import { tapeWords } from '@/features/shared/words/tape-words';
import { isSized, stopMark, verbOf, type BenchRing } from '@/features/shared/ring/bench-model';

const DRAWING_HEIGHT = 250;
const LADDER_WIDTH = 138;

interface StepViewProps {
  readonly bench: BenchRing;
  readonly step: RouteStep;
  /** Its place in the route: the one at hand, or one that is only looked at. */
  readonly at: number;
}

/** Before (ghost) and after of the step at hand, and where the edges stand on the ladder. */
function BenchDrawing({ bench, step, at }: StepViewProps) {
  const [width, setWidth] = useState(0);
  const { primarySystem, secondSystem } = useSettings();
  const write = useWriters();
  const { state } = bench;
  const before = state.steps[at - 1]?.outline;
  const height = DRAWING_HEIGHT;
  const onLayout = (event: LayoutChangeEvent) => setWidth(event.nativeEvent.layout.width);
  const ladder = isSized(step);
  const [rim, cut] = bench.coinRing ? ['rim', 'cut'] : ['marked', 'other'];
  const edges = [
    { label: rim ?? '', diameterMm: state.edges.rimInsideDiameterMm },
    { label: cut ?? '', diameterMm: state.edges.cutInsideDiameterMm },
    { label: 'stop', diameterMm: step.after.cutInsideDiameterMm, ghost: true },
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

/** What the last reading says: on plan, or what is off and what to do. */
function ReadingVerdict({ bench }: { bench: BenchRing }) {
  const { reroute } = bench;
  if (!bench.advice || (reroute && bench.advice.length > 0)) {
    return reroute ? (
      <Notice level="note" title="Planned again from what you found." live testID="reroute">
        {reroute.why}
      </Notice>
    ) : null;
  }
  if (bench.advice.length === 0) {
    return (
      <Notice level="good" title="On plan." live testID="reading-verdict">
        Both edges within a quarter size of the plan.
      </Notice>
    );
  }
  return (
    <View testID="reading-verdict">
      {bench.advice.map(({ edge, finding, remedy }) => (
        <Notice key={edge} level="warn" title={finding} live>
          {remedy}
        </Notice>
      ))}
    </View>
  );
}

/** One step a screen: one verb, the number that matters, what to look for. */
export function StepView({ bench, step, at }: StepViewProps) {
  const write = useWriters();
  const { ring, state } = bench;
  const next = state.steps[at + 1];
  const atHand = at === state.step;
  const stop = stopMark(step, write.size, write.length, bench.edges);
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
      <View>
        <Type as="figure" testID="stop-mark">
          {step.kind === 'anneal' ? step.instruction : isSized(step) ? `Stop at ${stop}` : stop}
        </Type>
        {step.kind === 'anneal' ? null : <Type>{step.instruction}</Type>}
        {step.tool ? <Type as="label">{`With: ${step.tool}`}</Type> : null}
        {step.tape ? <Type as="label">{tapeWords(step.tape, write.length)}</Type> : null}
        {step.springbackMm !== undefined && isSized(step) ? (
          <Type as="small">{`Take it ${write.length(step.springbackMm, 2)} past: it springs back by that.`}</Type>
        ) : null}
        {(step.risks ?? []).map(({ message }) => (
          <Notice key={message} level="warn" title={message} />
        ))}
      </View>
      {atHand ? <ReadingVerdict bench={bench} /> : null}
      {atHand ? (
        <SoftnessGauge
          spent={state.spent}
          allowanceStrainLog={ring.allowanceStrainLog}
          edges={bench.edges}
          testID="gauge"
        />
      ) : null}
      <BenchDrawing bench={bench} step={step} at={at} />
      {step.kind === 'plate' ? (
        <GoldLiningPanel insideDiameterMm={bench.targetMm} heightMm={ring.prediction.axialHeightMm} />
      ) : null}
      <Notice level="note" title={step.lookFor} />
      {step.caution ? <CautionLine step={step} caution={step.caution} /> : null}
      {next ? (
        <Type as="small">{`Next: ${next.title.toLowerCase()}${isSized(next) ? `, to ${write.size(next.after.cutInsideDiameterMm)}` : ''}`}</Type>
      ) : null}
    </View>
  );
}
