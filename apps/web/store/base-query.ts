import { PAGE_HEADER } from '@round-mint/contract/access';
import { API_PATH } from '@round-mint/contract/endpoint';
import { fetchBaseQuery, type BaseQueryApi } from '@reduxjs/toolkit/query';
import { keptAnswerShown, serverHeard, serverLost, turnedAway } from './contact-slice';
import { newId } from './new-id';

/** What this page calls itself, so that it does not hear of its own changes. */
export const PAGE = newId();
/** The service worker's word on an answer that it had kept: when that was fetched. */
const KEPT_AT = 'round-mint-kept-at';
/** An answer is news again after this long, ms: a run of them changes nothing on the screen. */
const NEWS_AFTER_MS = 30_000;

const fetchAnswer = fetchBaseQuery({ baseUrl: API_PATH, headers: { [PAGE_HEADER]: PAGE } });

interface Contact {
  readonly contact: { readonly away: boolean; readonly asOf: string | null };
}

function noteAnswer({ dispatch, getState }: BaseQueryApi, response: Response): void {
  const keptAt = response.headers.get(KEPT_AT);
  if (keptAt !== null) {
    dispatch(keptAnswerShown(keptAt));
  } else if (response.status === 401) {
    dispatch(turnedAway());
  } else {
    // The store that this query belongs to has the slice.
    const { away, asOf } = (getState() as Contact).contact;
    const now = new Date();
    const isNews = away || asOf === null || now.getTime() - Date.parse(asOf) > NEWS_AFTER_MS;
    if (isNews) dispatch(serverHeard(now.toISOString()));
  }
}

/** Asks the server, and notes whether it answered itself. */
export const baseQuery: typeof fetchAnswer = async (asked, queryApi, extra) => {
  const result = await fetchAnswer(asked, queryApi, extra);
  const response = result.meta?.response;
  if (response) noteAnswer(queryApi, response);
  else if (result.error?.status === 'FETCH_ERROR') queryApi.dispatch(serverLost());
  return result;
};
