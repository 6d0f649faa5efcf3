import { newId } from '@/store/new-id';
import { useRef } from 'react';

/** What is made when a ring is begun. */
interface Ids {
  readonly stockId: string;
  readonly planId: string;
  readonly ringId: string;
}

/**
 * Ids that belong to what was told: asked again with the same, they are the same, so that a press after a failure makes
 * nothing twice; after a change, or once all was made, it is another ring.
 */
export function useIdsFor() {
  const kept = useRef<{ readonly key: string; readonly ids: Ids }>(undefined);
  return {
    idsFor: (told: unknown): Ids => {
      const key = JSON.stringify(told);
      if (kept.current?.key !== key) {
        const [stockId, planId, ringId] = [newId(), newId(), newId()];
        kept.current = { key, ids: { stockId, planId, ringId } };
      }
      return kept.current.ids;
    },
    allMade: () => {
      kept.current = undefined;
    },
  };
}
