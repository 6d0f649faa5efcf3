import { metalById } from '@round-mint/core/metal';
import { type CoinRingPlan, outlineOf } from '@round-mint/core/route';
import { useState } from 'react';
import { View, type LayoutChangeEvent } from 'react-native';
import { Ladder, type LadderPointer } from '@/drawings/ladder/Ladder';
import { Section } from '@/drawings/section/Section';
import { useSettings, useWriters } from '@/features/shared/settings/use-settings';
import type { PlanModel } from '@/features/plan/draft/plan-model';

/** Where the route takes the edges, for the ladder. */
function pointersOf(plan: CoinRingPlan, targetMm: number): LadderPointer[] {
  const steps = plan.route?.steps ?? [];
  const folded = steps.filter(({ kind }) => kind === 'fold').at(-1);
  const widest = steps.filter(({ kind }) => kind === 'stretch').at(-1);
  return [
    ...(folded ? [{ label: 'folded', diameterMm: folded.after.cutInsideDiameterMm, ghost: true }] : []),
    ...(widest ? [{ label: 'stretched', diameterMm: widest.after.cutInsideDiameterMm, ghost: true }] : []),
    { label: 'ring', diameterMm: targetMm },
  ];
}

interface PlanDrawingProps {
  model: PlanModel;
  plan: CoinRingPlan;
  height: number;
  /** Which of the two drawings; left out, both side by side. */
  only?: 'section' | 'ladder';
}

const LADDER_WIDTH = 160;

/** The ring that will come out, to scale, and where its size lies. */
export function PlanDrawing({ model, plan, height, only }: PlanDrawingProps) {
  const [width, setWidth] = useState(0);
  const { primarySystem, secondSystem } = useSettings();
  const write = useWriters();
  const { piece, holeMm = 0, targetMm = 0 } = model;
  const onLayout = (event: LayoutChangeEvent) => setWidth(event.nativeEvent.layout.width);
  const ladderWidth = only === 'ladder' ? width : LADDER_WIDTH;
  const sectionWidth = only === 'section' ? width : width - LADDER_WIDTH;
  return (
    <View onLayout={onLayout} className="flex-row" style={{ height }}>
      {width > 0 && only !== 'ladder' ? (
        <Section
          outline={outlineOf(plan.meridian)}
          flat={{ diameterMm: piece?.diameterMm ?? 0, holeMm, thicknessMm: plan.workingThicknessMm }}
          width={sectionWidth}
          height={height}
          length={write.length}
          flatText={`flat: ${write.length(piece?.diameterMm ?? 0)} ${metalById(piece?.metal ?? 'copper').name}`}
          testID="section"
        />
      ) : null}
      {width > 0 && only !== 'section' ? (
        <Ladder
          width={ladderWidth}
          height={height}
          targetMm={targetMm}
          primary={primarySystem}
          second={secondSystem}
          pointers={pointersOf(plan, targetMm)}
          range={plan.sizeRangeMm}
          testID="ladder"
        />
      ) : null}
    </View>
  );
}
