import type { PlanInput } from '@round-mint/contract/plans';
import { useRouter } from 'expo-router';
import { useRef, useState } from 'react';
import { useAddPlanMutation, useStartRingMutation } from '@/store/api';
import { problemText } from '@/store/problem';

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
  // The ids belong to what was chosen: after a change it is another plan.
  const ids = useRef({ key: '', planId: '', ringId: '' });

  const take = async (name: string) => {
    if (!plan) return;
    const key = JSON.stringify([plan, name]);
    if (ids.current.key !== key) {
      ids.current = { key, planId: crypto.randomUUID(), ringId: crypto.randomUUID() };
    }
    const { planId, ringId } = ids.current;
    setProblem(undefined);
    try {
      await addPlan({ ...plan, id: planId, name }).unwrap();
      await startRing({ id: ringId, planId, name }).unwrap();
      ids.current = { key: '', planId: '', ringId: '' };
      router.push({ pathname: '/bench/[id]', params: { id: ringId } });
    } catch (error) {
      setProblem(problemText(error));
    }
  };
  return { take, problem, busy: adding.isLoading || starting.isLoading };
}
