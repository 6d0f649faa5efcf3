import type { DayPlan } from '@round-mint/contract/day-plan';
import type { Pin, Schedule } from '@round-mint/core/schedule';
import { useCallback, useMemo, useState } from 'react';
import { useSettings } from '@/features/shared/settings/use-settings';
import { noticeShown } from '@/store/notices-slice';
import { problemText } from '@/store/problem';
import { useAppDispatch } from '@/store/store';
import { useSaveDayPlanMutation } from '@/store/trade-api';
import { useJob, type Job } from '@/workers/use-job';
import type { Run } from '@/drawings/day/lane-shape';
import { pinnedAt, unpinned } from './day-model';
import { planningNow, shopOf } from '@/features/orders/promise/shop-model';

export interface DayPlanning {
  readonly job: Job<Schedule>;
  readonly nowMin: number;
  readonly pins: readonly Pin[];
  /** Holds a go of the hands at a wall-clock minute. */
  readonly pin: (run: Run, startMin: number) => void;
  readonly unpin: (run: Run) => void;
  /** Plans anew from this moment on. */
  readonly again: () => void;
  /** Whether the bench follows the plan that is shown. */
  readonly followed: boolean;
  readonly follow: () => Promise<void>;
}

/** The day plan from now on, solved in a worker; what the maker pins is solved around. */
export function useDayPlanning(day: DayPlan): DayPlanning {
  const dispatch = useAppDispatch();
  const settings = useSettings();
  const [save] = useSaveDayPlanMutation();
  const [nowMin, setNowMin] = useState(() => planningNow());
  const [changed, setChanged] = useState<readonly Pin[]>();
  const [followed, setFollowed] = useState<Schedule>();
  const { jobs, plan } = day;
  const saved = plan?.pins;
  const pins = useMemo(() => changed ?? saved ?? [], [changed, saved]);
  const shop = useMemo(() => shopOf(jobs, settings, pins, nowMin), [jobs, settings, pins, nowMin]);
  const job = useJob('schedule', shop, 0);
  const { answer } = job;
  const pin = useCallback((run: Run, startMin: number) => setChanged(pinnedAt(run, pins, startMin)), [pins]);
  const unpin = useCallback((run: Run) => setChanged(unpinned(run, pins)), [pins]);
  const follow = async () => {
    if (!answer) return;
    // What comes back is the same plan: it need not be solved again.
    setChanged(pins);
    try {
      const madeAt = new Date().toISOString();
      await save({ madeAt, pins: [...shop.pins], blocks: [...answer.blocks] }).unwrap();
      setFollowed(answer);
      dispatch(noticeShown({ text: 'This plan is now in use.' }));
    } catch (error) {
      dispatch(noticeShown({ text: problemText(error), problem: true }));
    }
  };
  return {
    job,
    nowMin,
    pins,
    pin,
    unpin,
    again: () => setNowMin(planningNow()),
    followed: followed !== undefined && followed === answer,
    follow,
  };
}
