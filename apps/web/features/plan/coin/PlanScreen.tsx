import { useEffect } from 'react';
import { beginRingPicture } from '@/features/shared/picture/LazyRingPicture';
import { useWidthClass } from '@/features/shared/screen/use-width';
import { Fetched } from '@/ui/Waiting';
import { PhonePlan } from './PhonePlan';
import { usePieceParam } from '@/features/plan/draft/use-piece-param';
import { usePlanModel } from '@/features/plan/draft/use-plan-model';
import { WidePlan } from './WidePlan';

/** Before you punch, know what ring comes out. */
export function PlanScreen() {
  const width = useWidthClass();
  usePieceParam();
  useEffect(beginRingPicture, []);
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
