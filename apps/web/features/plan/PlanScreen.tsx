import { useLocalSearchParams } from 'expo-router';
import { useEffect } from 'react';
import { useWidthClass } from '@/features/shell/use-width';
import { useAppDispatch } from '@/store/store';
import { Fetched } from '@/ui/Waiting';
import { PhonePlan } from './PhonePlan';
import { stockChosen } from './plan-draft-slice';
import { usePlanModel } from './use-plan-model';
import { WidePlan } from './WidePlan';

/** Before you punch, know what ring comes out. */
export function PlanScreen() {
  const { stockId } = useLocalSearchParams<{ stockId?: string }>();
  const dispatch = useAppDispatch();
  const width = useWidthClass();
  useEffect(() => {
    if (stockId) dispatch(stockChosen(stockId));
  }, [stockId, dispatch]);
  return (
    <Fetched from={usePlanModel()} what="stock and tools">
      {(model) =>
        width === 'wide' ? (
          <WidePlan model={model} />
        ) : (
          <PhonePlan model={model} twoColumns={width === 'two'} />
        )
      }
    </Fetched>
  );
}
