import { changeSchema, type Change } from '@round-mint/contract/access';
import { access } from '@round-mint/contract/endpoints-access';
import type { ThunkDispatch, UnknownAction } from '@reduxjs/toolkit';
import { api, type ApiState } from './api';
import { PAGE } from './base-query';
import { addressOf } from './call';
import { serverHeard } from './contact-slice';
import { ALL_TAGS, tagsOf } from './live-tags';
import { ringChangedElsewhere } from './ring-follower';

/** Changes that come so close together are fetched once, ms. */
const TOGETHER_MS = 150;
/** A stream that the server has ended is asked for again after this long, ms. */
const AGAIN_MS = 3000;

/**
 * Listens to what other pages change, and fetches again what is shown of it.
 * A page in the background lets go of its stream: browsers open only six connections to one server.
 * @returns how to stop
 */
export function listenToChanges(dispatch: ThunkDispatch<ApiState, unknown, UnknownAction>): () => void {
  if (typeof EventSource === 'undefined') return () => undefined;
  let stream: EventSource | undefined;
  let again: ReturnType<typeof setTimeout> | undefined;
  let soon: ReturnType<typeof setTimeout> | undefined;
  let missed = false;
  const old = new Set<(typeof ALL_TAGS)[number]>();
  const rings = new Set<string>();

  const fetchSoon = (tags: readonly (typeof ALL_TAGS)[number][], ringId?: string) => {
    for (const tag of tags) old.add(tag);
    if (ringId !== undefined) rings.add(ringId);
    soon ??= setTimeout(() => {
      soon = undefined;
      if (old.size > 0) dispatch(api.util.invalidateTags([...old]));
      for (const id of rings) void dispatch(ringChangedElsewhere(id));
      old.clear();
      rings.clear();
    }, TOGETHER_MS);
  };
  const hear = (change: Change) => {
    if (change.resource === 'rings' && change.id !== undefined) fetchSoon([], change.id);
    else fetchSoon(tagsOf(change));
  };
  const close = () => {
    clearTimeout(again);
    stream?.close();
    stream = undefined;
  };
  const open = () => {
    close();
    const opened = new EventSource(`${addressOf(access.changes, {})}?page=${PAGE}`);
    stream = opened;
    opened.onopen = () => {
      dispatch(serverHeard(new Date().toISOString()));
      if (missed) fetchSoon(ALL_TAGS);
      missed = false;
    };
    opened.onmessage = ({ data }: MessageEvent<string>) => {
      const change = changeSchema.safeParse(JSON.parse(data));
      if (change.success) hear(change.data);
      else fetchSoon(ALL_TAGS);
    };
    opened.onerror = () => {
      missed = true;
      // Either the server is away, or this device was revoked: any call tells, and notes it.
      void dispatch(api.endpoints.getHealth.initiate(undefined, { forceRefetch: true, subscribe: false }));
      // The browser tries again by itself, unless the server has said no.
      if (opened.readyState === EventSource.CLOSED) again = setTimeout(open, AGAIN_MS);
    };
  };
  const follow = () => {
    if (document.visibilityState === 'visible') open();
    else {
      missed = true;
      close();
    }
  };
  follow();
  document.addEventListener('visibilitychange', follow);
  return () => {
    document.removeEventListener('visibilitychange', follow);
    clearTimeout(soon);
    close();
  };
}
