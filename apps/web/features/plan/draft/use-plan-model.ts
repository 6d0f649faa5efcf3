import { useMemo } from 'react';
import { useSettings, useWriters } from '@/features/shared/settings/use-settings';
import { useListKitQuery } from '@/store/api';
import { useCoins } from '@/store/use-coins';
import { useAppSelector } from '@/store/store';
import { useBenchTraits } from '@/store/use-bench-traits';
import { useDieCharts } from '@/store/use-die-charts';
import { both, type Fetch } from '@/ui/Waiting';
import { planModel, type PlanModel } from './plan-model';

const NOTHING: readonly [never[], never[]] = [[], []];

/** The plan screen's model, computed anew at every change: about two milliseconds. */
export function usePlanModel(): Fetch<PlanModel> {
  const draft = useAppSelector((state) => state.planDraft);
  const fetched = both(useCoins(), useListKitQuery());
  const dieCharts = useDieCharts();
  const settings = useSettings();
  const traits = useBenchTraits();
  const { sizeAndLength } = useWriters();
  const [pieces, tools] = fetched.data ?? NOTHING;
  const model = useMemo(
    () => planModel(draft, pieces, tools, settings, sizeAndLength, dieCharts, traits),
    [draft, pieces, tools, settings, sizeAndLength, dieCharts, traits],
  );
  return { ...fetched, data: fetched.data && model };
}
