import { useEffect } from 'react';
import { wakeWorker } from '@/workers/start-job';
import { whenCalm } from './when-calm';

/**
 * Has the browser fetch the code of the other places, which the built page names (scripts/lib/app-files.mjs), when the
 * first screen stands, and a worker ready: from then on each opens at once, even if the server goes away.
 */
export function useAhead(): void {
  useEffect(
    () =>
      whenCalm(() => {
        for (const link of document.querySelectorAll<HTMLLinkElement>('link[rel=later]'))
          link.rel = 'prefetch';
        wakeWorker();
      }),
    [],
  );
}
