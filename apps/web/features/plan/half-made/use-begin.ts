import type { StartedFrom } from '@round-mint/core/half-made';
import type { CoinStock } from '@round-mint/contract/stock';
import type { Coin } from '@round-mint/core/stock';
import { useRouter } from 'expo-router';
import { useState } from 'react';
import { useIdsFor } from '@/features/plan/answer/use-ids-for';
import type { PlanToTake } from '@/features/plan/answer/use-take-to-bench';
import { useAddPlanMutation, useSaveStockMutation, useStartRingMutation } from '@/store/api';
import { problemText } from '@/store/problem';
import { useAppDispatch } from '@/store/store';
import { boughtPiece } from './half-made-model';
import { halfMadeBegun } from './half-made-slice';

type CoinPlan = Extract<PlanToTake, { holeMm: number }>;

/** What is to be begun, and of what. */
export interface Beginning {
  readonly started: StartedFrom;
  readonly coin: Coin;
  /** The piece that leaves the stock; undefined where it came half-made, and is entered first. */
  readonly piece: CoinStock | undefined;
  readonly plan: Omit<CoinPlan, 'stockId'>;
  readonly name: string;
}

/** Enters a half-made piece and begins its ring from there; pressed again after a failure, nothing is made twice. */
export function useBegin() {
  const [saveStock, saving] = useSaveStockMutation();
  const [addPlan, adding] = useAddPlanMutation();
  const [startRing, starting] = useStartRingMutation();
  const [problem, setProblem] = useState<string>();
  const dispatch = useAppDispatch();
  const router = useRouter();
  const { idsFor, allMade } = useIdsFor();
  const begin = async (beginning: Beginning) => {
    const { started, coin, piece, plan, name } = beginning;
    const { planId, ringId, ...entered } = idsFor(beginning);
    const stockId = piece?.id ?? entered.stockId;
    setProblem(undefined);
    try {
      if (!piece) await saveStock({ ...boughtPiece(coin, name), id: stockId, isNew: true }).unwrap();
      await addPlan({ ...plan, id: planId, stockId, name }).unwrap();
      await startRing({ id: ringId, planId, name, startedFrom: started }).unwrap();
      allMade();
      dispatch(halfMadeBegun());
      router.push({ pathname: '/bench/[id]', params: { id: ringId } });
    } catch (error) {
      setProblem(problemText(error));
    }
  };
  return { begin, problem, busy: saving.isLoading || adding.isLoading || starting.isLoading };
}
