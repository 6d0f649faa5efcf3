import type { Way, WayPiece } from '@round-mint/core/ways';
import { kitOrReference } from '@round-mint/core/kit';
import { useMemo } from 'react';
import { useSettings } from '@/features/shared/settings/use-settings';
import { useListKitQuery } from '@/store/api';
import { useAppSelector } from '@/store/store';
import { useBenchTraits } from '@/store/use-bench-traits';
import { useJob, type Job } from '@/workers/use-job';
import { wishFrom, type WishProblems } from './search-model';

interface Search {
  readonly job: Job<readonly Way[]>;
  /** Whether the answer shown belongs to an older wish than the one typed now. */
  readonly changed: boolean;
  readonly asked: boolean;
  readonly problems: WishProblems;
}

/** The search of the wish that was last asked for, in a worker. */
export function useSearch(drawer: readonly WayPiece[]): Search {
  const { wish: texts, asked } = useAppSelector((state) => state.search);
  const draft = useAppSelector((state) => state.planDraft);
  const settings = useSettings();
  const traits = useBenchTraits();
  const kit = useListKitQuery().data;
  const question = useMemo(() => {
    const wish = asked && wishFrom(asked, draft, settings).wish;
    if (!wish || !kit) return undefined;
    return {
      drawer,
      kit: kitOrReference(kit),
      wish: { ...wish, traits, finish: draft.finish },
      system: settings.primarySystem,
    };
    // The chosen piece and hole are no part of the wish: planning an option must not start the search again.
    // eslint-disable-next-line react-hooks/exhaustive-deps
  }, [
    asked,
    draft.sizeText,
    draft.allowanceUs,
    draft.wall,
    draft.curl,
    draft.finish,
    settings,
    drawer,
    kit,
    traits,
  ]);
  return {
    job: useJob('search', question, 0),
    changed: asked !== null && asked !== texts,
    asked: asked !== null,
    problems: wishFrom(texts, draft, settings).problems,
  };
}
