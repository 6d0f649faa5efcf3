import { workSchema } from '@round-mint/contract/works';
import type { WorkKind } from '@round-mint/core/work';
import { useLocalSearchParams, useRouter } from 'expo-router';
import { useEffect } from 'react';
import { useSettings } from '@/features/shared/settings/use-settings';
import { jsonParam } from '@/features/shared/screen/json-param';
import { useAppDispatch } from '@/store/store';
import { workChanged, workTaken } from './works-slice';

/**
 * The piece named in the address is the chosen one: links and reloads lead back to it. A size, and how it is made, are
 * taken from it once, and can be changed then.
 */
export function useWorkParam(kind: WorkKind): void {
  const {
    stockId,
    size,
    work: workText,
  } = useLocalSearchParams<{
    stockId?: string;
    size?: string;
    /** How it is made, as JSON. */
    work?: string;
  }>();
  const { lengthUnit: unit } = useSettings();
  const dispatch = useAppDispatch();
  const router = useRouter();
  useEffect(() => {
    const work = jsonParam(workText, workSchema);
    if (stockId && size && work?.kind === kind) {
      dispatch(workTaken({ work, unit, stockId, sizeText: size, finish: 'polished', allowanceUs: 0 }));
    } else {
      if (stockId) dispatch(workChanged({ kind, change: { stockId } }));
      if (size) dispatch(workChanged({ kind, change: { sizeText: size, allowanceUs: 0 } }));
    }
    if (size || workText) router.setParams({ size: undefined, work: undefined });
  }, [stockId, size, workText, kind, unit, dispatch, router]);
}
