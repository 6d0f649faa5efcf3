import type { RingChances } from '@round-mint/core/uncertainty';
import { useMemo } from 'react';
import { useJob, type Job } from '@/workers/use-job';
import { chancesQuestion, type PlanModel } from '@/features/plan/draft/plan-model';

/** The ring's picture, which is looked at first, has the processor to itself for so long, ms. */
const AFTER_PICTURE_MS = 700;

/** How sure the plan is, worked out in a worker while the maker looks. */
export function usePlanChances(model: PlanModel): Job<RingChances> {
  const question = useMemo(() => chancesQuestion(model), [model]);
  return useJob('chances', question, AFTER_PICTURE_MS);
}
