import type { RingChances } from '@round-mint/core/uncertainty';
import { useMemo } from 'react';
import { useJob, type Job } from '@/workers/use-job';
import { chancesQuestion, type PlanModel } from '@/features/plan/draft/plan-model';

/** How sure the plan is, worked out in a worker while the maker looks. */
export function usePlanChances(model: PlanModel): Job<RingChances> {
  const question = useMemo(() => chancesQuestion(model), [model]);
  return useJob('chances', question);
}
