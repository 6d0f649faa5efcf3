import { useEffect } from 'react';
import { useAppDispatch } from '@/store/store';
import { readBackUnsent } from '@/store/unsent-sender';
import { sendAgain } from '@/store/unsent-slice';

/** What this page has fetched so far, from the same place. */
function fetchedHere(): string[] {
  return performance
    .getEntriesByType('resource')
    .map(({ name }) => name)
    .filter((url) => url.startsWith(window.location.origin));
}

/** Lets the service worker keep the app and what was last fetched, so that a reload works while the server is away. */
async function keepForLater(): Promise<void> {
  await navigator.serviceWorker.register('/service-worker.js');
  const { active } = await navigator.serviceWorker.ready;
  // The first visit was over before the worker could see it.
  active?.postMessage({ keep: [window.location.origin + '/', ...fetchedHere()] });
}

/** Nothing is lost while the server is away: what an earlier page could not send is sent, and reloads work. */
export function useOffline(): void {
  const dispatch = useAppDispatch();
  useEffect(() => {
    void dispatch(readBackUnsent());
    const back = () => dispatch(sendAgain(undefined));
    window.addEventListener('online', back);
    // Without a worker everything works as long as the server does.
    if ('serviceWorker' in navigator) keepForLater().catch(() => undefined);
    return () => window.removeEventListener('online', back);
  }, [dispatch]);
}
