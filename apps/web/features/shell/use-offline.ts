import { listOf } from '@round-mint/contract/common';
import { useEffect } from 'react';
import { z } from 'zod';
import { keep, readKept } from '@/store/kept';
import { offlineCalls, offlineCallsOf, OPEN_LISTS } from '@/store/offline-calls';
import { useAppDispatch } from '@/store/store';
import { sendAgain, unsentOpened } from '@/store/unsent-slice';
import { whenCalm } from './when-calm';

/** When all places were kept last, ms since 1970. */
const KEPT_AT = 'all-kept-at';
/** What is visited is kept as it is fetched; the rest is fetched again after this long, ms. */
const KEEP_EVERY_MS = 3_600_000;

const namedSchema = listOf(z.object({ id: z.string() }));

async function idsOf(address: string): Promise<readonly { readonly id: string }[]> {
  const answer = await fetch(address);
  return namedSchema.parse(await answer.json()).items;
}

/** Lets the service worker keep the whole app, and what every place shows, so that each opens while the server is away. */
async function keepForLater(): Promise<void> {
  await navigator.serviceWorker.register('/service-worker.js');
  const { active } = await navigator.serviceWorker.ready;
  const now = Date.now();
  if (now - readKept(KEPT_AT, z.number(), 0) < KEEP_EVERY_MS) return;
  const [rings, orders] = await Promise.all([idsOf(OPEN_LISTS.rings), idsOf(OPEN_LISTS.orders)]);
  navigator.serviceWorker.addEventListener('message', () => keep(KEPT_AT, now), { once: true });
  active?.postMessage({ keep: [...offlineCalls(), ...offlineCallsOf(rings, orders)] });
}

/**
 * Nothing is lost while the server is away: what an earlier page could not send is sent, and every place opens.
 * @param letIn a device that is not paired keeps nothing, and all of it anew when it is
 */
export function useOffline(letIn: boolean): void {
  const dispatch = useAppDispatch();
  useEffect(() => {
    if (!letIn) {
      keep(KEPT_AT, 0);
      return undefined;
    }
    dispatch(unsentOpened());
    const back = () => dispatch(sendAgain(undefined));
    window.addEventListener('online', back);
    // Without a worker everything works as long as the server does.
    const callOff = whenCalm(() => {
      if ('serviceWorker' in navigator) keepForLater().catch(() => undefined);
    });
    return () => {
      window.removeEventListener('online', back);
      callOff();
    };
  }, [dispatch, letIn]);
}
