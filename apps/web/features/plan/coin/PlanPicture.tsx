import { type CoinRingPlan, outlineOf } from '@round-mint/core/route';
import { useCallback, useMemo, useState } from 'react';
import { View } from 'react-native';
import type { PlanModel } from '@/features/plan/draft/plan-model';
import { LazyRingPicture } from '@/features/shared/picture/LazyRingPicture';
import { shownRing } from '@/features/shared/picture/shown-ring';
import { useAppSelector } from '@/store/store';
import { Choices } from '@/ui/Choices';
import { useSwipe } from '@/ui/use-swipe';
import { PlanDrawing } from './PlanDrawing';

interface PlanPictureProps {
  model: PlanModel;
  plan: CoinRingPlan;
  height: number;
}

/** The very ring that comes out; nothing where no ring does. */
export function PlanRing({ model, plan, height }: PlanPictureProps) {
  const finish = useAppSelector((state) => state.planDraft.finish);
  const { piece, traits } = model;
  const { meridian, route } = plan;
  const ring = useMemo(() => {
    return piece && route ? shownRing(piece, outlineOf(meridian), route.steps, traits) : undefined;
  }, [piece, route, meridian, traits]);
  return ring ? <LazyRingPicture ring={ring} finish={finish} height={height} steps={route?.steps} /> : null;
}

const VIEWS = [
  { value: 'ring', label: 'Ring' },
  { value: 'section', label: 'Section' },
] as const;

/** One of the two at a time: the ring first, its section and where its size lies a swipe to the left of it. */
export function PlanPicture(props: PlanPictureProps) {
  const [view, setView] = useState<'ring' | 'section'>('ring');
  const isRing = props.plan.route !== undefined;
  const shown = isRing ? view : 'section';
  const swipe = useSwipe(useCallback((direction) => setView(direction === 1 ? 'section' : 'ring'), []));
  return (
    <View className="gap-2" {...(isRing ? swipe : undefined)} testID="plan-picture">
      {isRing ? <Choices label="What is shown" choices={VIEWS} value={shown} onChange={setView} /> : null}
      {shown === 'ring' ? <PlanRing {...props} /> : <PlanDrawing {...props} />}
    </View>
  );
}
