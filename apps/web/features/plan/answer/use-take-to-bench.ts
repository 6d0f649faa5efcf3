import type { PlanInput } from '@round-mint/contract/plans';
import { useRouter } from 'expo-router';
import { useState } from 'react';
import { useAddPlanMutation, useStartRingMutation } from '@/store/api';
import { problemText } from '@/store/problem';
import { useIdsFor } from './use-ids-for';

/** Leaves each kind of plan its own shape. */
type Unnamed<P> = P extends PlanInput ? Omit<P, 'id' | 'name'> : never;
/** A plan but for its name and id, which it is given when it is taken to the bench. */
export type PlanToTake = Unnamed<PlanInput>;

/** Makes the plan a ring with a route; pressed again after a failure, nothing is made twice. */
export function useTakeToBench(plan: PlanToTake | undefined) {
  const [addPlan, adding] = useAddPlanMutation();
  const [startRing, starting] = useStartRingMutation();
  const [problem, setProblem] = useState<string>();
  const router = useRouter();
  const { idsFor, allMade } = useIdsFor();

  const take = async (name: string) => {
    if (!plan) return;
    const { planId, ringId } = idsFor([plan, name]);
    setProblem(undefined);
    try {
      await addPlan({ ...plan, id: planId, name }).unwrap();
      await startRing({ id: ringId, planId, name }).unwrap();
      allMade();
      router.push({ pathname: '/bench/[id]', params: { id: ringId } });
    } catch (error) {
      setProblem(problemText(error));
    }
  };
  return { take, problem, busy: adding.isLoading || starting.isLoading };
}
