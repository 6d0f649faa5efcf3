import type { SearchOption } from '@round-mint/core/search';
import { kitOrReference } from '@round-mint/core/kit';
import { useMemo } from 'react';
import { useSettings } from '@/features/shared/settings/use-settings';
import { permitsOf } from '@/features/shared/words/piece-words';
import { useListKitQuery } from '@/store/api';
import { useCoins } from '@/store/use-coins';
import { useAppSelector } from '@/store/store';
import { useBenchTraits } from '@/store/use-bench-traits';
import { useJob, type Job } from '@/workers/use-job';
import { wishFrom, type WishProblems } from './search-model';

interface Search {
  readonly job: Job<readonly SearchOption[]>;
  /** Whether the answer shown belongs to an older wish than the one typed now. */
  readonly changed: boolean;
  readonly asked: boolean;
  readonly problems: WishProblems;
}

/** The search of the wish that was last asked for, in a worker. */
export function useSearch(): Search {
  const { wish: texts, asked } = useAppSelector((state) => state.search);
  const draft = useAppSelector((state) => state.planDraft);
  const settings = useSettings();
  const traits = useBenchTraits();
  const stock = useCoins().data;
  const kit = useListKitQuery().data;
  const question = useMemo(() => {
    const wish = asked && wishFrom(asked, draft, settings).wish;
    if (!wish || !stock || !kit) return undefined;
    // What a test has ruled out is not offered.
    const open = stock.filter((piece) => permitsOf(piece)?.fold !== 'no');
    return { stock: open, kit: kitOrReference(kit), wish: { ...wish, traits } };
    // The chosen piece and hole are no part of the wish: planning an option must not start the search again.
    // eslint-disable-next-line react-hooks/exhaustive-deps
  }, [asked, draft.sizeText, draft.allowanceUs, draft.wall, draft.curl, settings, stock, kit, traits]);
  return {
    job: useJob('search', question, 0),
    changed: asked !== null && asked !== texts,
    asked: asked !== null,
    problems: wishFrom(texts, draft, settings).problems,
  };
}
