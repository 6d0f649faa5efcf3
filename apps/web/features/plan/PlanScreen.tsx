import { useWidthClass } from '@/features/shell/use-width';
import { Fetched } from '@/ui/Waiting';
import { PhonePlan } from './PhonePlan';
import { usePieceParam } from './use-piece-param';
import { usePlanModel } from './use-plan-model';
import { WidePlan } from './WidePlan';

/** Before you punch, know what ring comes out. */
export function PlanScreen() {
  const width = useWidthClass();
  usePieceParam();
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
