import type { WayPiece } from '@round-mint/core/ways';
import { useMemo } from 'react';
import { permitsOf } from '@/features/shared/words/piece-words';
import { useListStockQuery } from '@/store/api';
import type { Asked } from '@/store/lists';
import { useCoins } from '@/store/use-coins';
import { both, type Fetch } from '@/ui/Waiting';

const HANDLES: Asked = { kind: 'handle' };
const STRIPS: Asked = { kind: 'strip' };

/** All that a ring may be made of, with what tests found it to bear. */
export function useDrawer(): Fetch<readonly WayPiece[]> {
  const coins = useCoins();
  const handles = useListStockQuery(HANDLES);
  const strips = useListStockQuery(STRIPS);
  const fetched = both(coins, both(handles, strips));
  const [inDrawer, ofHandles, ofStrips] = [coins.data, handles.data, strips.data];
  const data = useMemo(() => {
    if (!inDrawer || !ofHandles || !ofStrips) return undefined;
    return [...inDrawer, ...ofHandles, ...ofStrips].flatMap((piece): readonly WayPiece[] =>
      piece.kind === 'band' ? [] : [{ ...piece, may: permitsOf(piece) }],
    );
  }, [inDrawer, ofHandles, ofStrips]);
  return { ...fetched, data };
}
