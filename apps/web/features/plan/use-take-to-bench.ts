import { useRouter } from 'expo-router';
import { useRef, useState } from 'react';
import { useAddPlanMutation, useStartRingMutation } from '@/store/api';
import { problemText } from '@/store/problem';
import { useAppSelector } from '@/store/store';
import type { PlanModel } from './plan-model';

/** Makes the plan a ring with a route; pressed again after a failure, nothing is made twice. */
export function useTakeToBench(model: PlanModel) {
  const draft = useAppSelector((state) => state.planDraft);
  const [addPlan, plan] = useAddPlanMutation();
  const [startRing, ring] = useStartRingMutation();
  const [problem, setProblem] = useState<string>();
  const router = useRouter();
  // The ids belong to what was chosen: after a change it is another plan.
  const ids = useRef({ key: '', planId: '', ringId: '' });

  const take = async (name: string) => {
    const { piece, holeMm, targetMm } = model;
    if (!piece || holeMm === undefined || targetMm === undefined) return;
    const key = JSON.stringify([draft, holeMm, targetMm, name]);
    if (ids.current.key !== key) {
      ids.current = { key, planId: crypto.randomUUID(), ringId: crypto.randomUUID() };
    }
    const { planId, ringId } = ids.current;
    setProblem(undefined);
    try {
      await addPlan({
        id: planId,
        name,
        stockId: piece.id,
        holeMm,
        targetInsideDiameterMm: targetMm,
        wall: draft.wall,
        curlDeg: draft.wall === 'rounded' ? draft.curlDeg : null,
        finish: draft.finish,
        school: draft.school,
      }).unwrap();
      await startRing({ id: ringId, planId, name }).unwrap();
      ids.current = { key: '', planId: '', ringId: '' };
      router.push({ pathname: '/bench/[id]', params: { id: ringId } });
    } catch (error) {
      setProblem(problemText(error));
    }
  };
  return { take, problem, busy: plan.isLoading || ring.isLoading };
}
