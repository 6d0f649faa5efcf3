import { useMemo } from 'react';
import { useSettings, useWriters } from '@/features/shared/settings/use-settings';
import { useListKitQuery } from '@/store/api';
import { usePiece } from '@/store/use-stock';
import { useAppSelector } from '@/store/store';
import { useBenchTraits } from '@/store/use-bench-traits';
import { useDieCharts } from '@/store/use-die-charts';
import type { Fetch } from '@/ui/Waiting';
import { planModel, type PlanModel } from './plan-model';

const NO_TOOLS: never[] = [];

/** The plan screen's model, computed anew at every change: about two milliseconds. */
export function usePlanModel(): Fetch<PlanModel> {
  const draft = useAppSelector((state) => state.planDraft);
  const found = usePiece(draft.stockId ?? undefined);
  const { data: tools, ...fetched } = useListKitQuery();
  const dieCharts = useDieCharts();
  const settings = useSettings();
  const traits = useBenchTraits();
  const { sizeAndLength } = useWriters();
  const piece = found.data?.kind === 'coin' ? found.data : undefined;
  const model = useMemo(
    () => planModel(draft, piece, tools ?? NO_TOOLS, settings, sizeAndLength, dieCharts, traits),
    [draft, piece, tools, settings, sizeAndLength, dieCharts, traits],
  );
  // A piece that was archived since is as good as none.
  const isThere =
    tools !== undefined && (draft.stockId === null || found.data !== undefined || found.isMissing);
  return {
    data: isThere ? model : undefined,
    isError: fetched.isError || found.isError,
    refetch: () => Promise.all([fetched.refetch(), found.refetch()]),
  };
}
