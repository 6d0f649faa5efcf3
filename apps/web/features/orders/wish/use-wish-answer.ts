import type { CustomerWish, WishAnswer } from '@round-mint/core/trade';
import { useMemo } from 'react';
import { useSettings } from '@/features/shared/settings/use-settings';
import { useDrawer } from '@/store/use-drawer';
import { useJob, type Job } from '@/workers/use-job';

/** Waits this long for the maker to go on typing before the drawer is searched, ms. */
const SETTLE_MS = 450;

/** What the drawer makes of a wish, worked out in a worker while it is taken down. @param wish memoised */
export function useWishAnswer(wish: CustomerWish | undefined): Job<WishAnswer> {
  const bench = useDrawer();
  const { primarySystem: system } = useSettings();
  const question = useMemo(
    () => (wish && bench ? { wish, bench, system } : undefined),
    [wish, bench, system],
  );
  return useJob('wish', question, SETTLE_MS);
}
