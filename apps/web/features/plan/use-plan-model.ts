import { useMemo } from 'react';
import { useSettings, useWriters } from '@/features/settings/use-settings';
import { useListKitQuery, useListStockQuery } from '@/store/api';
import { useAppSelector } from '@/store/store';
import { planModel, type PlanModel } from './plan-model';

interface PlanData {
  readonly model: PlanModel;
  readonly isLoading: boolean;
  readonly failed: boolean;
  readonly retry: () => void;
}

const NO_STOCK: never[] = [];

/** The plan screen's model, computed anew at every change: about two milliseconds. */
export function usePlanModel(): PlanData {
  const draft = useAppSelector((state) => state.planDraft);
  const stock = useListStockQuery();
  const kit = useListKitQuery();
  const settings = useSettings();
  const { sizeAndLength } = useWriters();
  const pieces = stock.data ?? NO_STOCK;
  const tools = kit.data ?? NO_STOCK;
  const model = useMemo(
    () => planModel(draft, pieces, tools, settings, sizeAndLength),
    [draft, pieces, tools, settings, sizeAndLength],
  );
  return {
    model,
    isLoading: stock.isLoading || kit.isLoading,
    failed: (stock.isError && !stock.data) || (kit.isError && !kit.data),
    retry: () => {
      void stock.refetch();
      void kit.refetch();
    },
  };
}
