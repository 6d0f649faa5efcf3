import { type Kit, kitOrReference } from '@round-mint/core/kit';
import { STOCK_FOR, type WorkKind } from '@round-mint/core/work';
import { useMemo } from 'react';
import { useSettings } from '@/features/shared/settings/use-settings';
import { useListKitQuery, useListStockQuery } from '@/store/api';
import { useAppSelector } from '@/store/store';
import { useBenchTraits } from '@/store/use-bench-traits';
import { both, type Fetch } from '@/ui/Waiting';
import { once, type Asked } from '@/store/lists';
import { workModel, type WorkModel } from './work-model';

const STRIPS: Asked = { kind: 'strip' };

/** The planner's model of a kind of work, computed anew at every change: well under a millisecond. */
export function useWorkModel(kind: WorkKind): Fetch<{ readonly model: WorkModel; readonly kit: Kit }> {
  const draft = useAppSelector((state) => state.works[kind]);
  const pieces = useListStockQuery(useMemo(() => ({ kind: STOCK_FOR[kind] }), [kind]));
  const strips = useListStockQuery(STRIPS);
  const fetched = both(both(pieces, strips), useListKitQuery());
  const settings = useSettings();
  const traits = useBenchTraits();
  const stock = useMemo(
    () => (pieces.data && strips.data ? once([...pieces.data, ...strips.data]) : undefined),
    [pieces.data, strips.data],
  );
  const tools = fetched.data?.[1];
  const data = useMemo(() => {
    if (!stock || !tools) return undefined;
    const kit = kitOrReference(tools);
    return { model: workModel(kind, draft, stock, kit, settings, traits), kit };
  }, [kind, draft, stock, tools, settings, traits]);
  return { ...fetched, data };
}
