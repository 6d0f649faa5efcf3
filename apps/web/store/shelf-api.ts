import type { RequestOf, ResponseOf } from '@round-mint/contract/endpoint';
import { shelf } from '@round-mint/contract/endpoints-shelf';
import { api } from './api';
import { call } from './call';
import { pagedList, wholeList, type Asked, type ItemsOf } from './lists';
import { addedBy, savedBy, type Base } from './saving';

export const ON_SHELF: Asked = { gone: '0' };
export const GONE: Asked = { gone: '1', sort: '-goneAt' };

/** What a sale changes beside the shelf. */
const OF_SALE = ['ShelfRing', 'Order', 'Person', 'Scrap', 'DayPlan', 'Shop'] as const;

/** A ring that is sold, and what it is called where the sale waits for the server. */
type SoldRing = RequestOf<typeof shelf.sell> & { readonly shelfId: string; readonly label: string };

/** Rings that nobody ordered. */
export const shelfApi = api.injectEndpoints({
  endpoints: (build) => ({
    /** Those that lie on it: for sale, or reserved. */
    listShelf: build.query<ItemsOf<typeof shelf.list>, void>({
      queryFn: wholeList(shelf.list, ON_SHELF),
      providesTags: ['ShelfRing'],
    }),
    gonePages: build.infiniteQuery<ResponseOf<typeof shelf.list>, Asked, string>({
      ...pagedList(shelf.list, GONE),
      providesTags: ['ShelfRing'],
    }),
    getShelfRing: build.query<ResponseOf<typeof shelf.get>, string>({
      query: (id) => call(shelf.get, { params: { id } }),
      providesTags: ['ShelfRing'],
    }),
    /** The one of a ring of the log, if it lies there or did. */
    shelfOfRing: build.query<ItemsOf<typeof shelf.list>, string>({
      queryFn: (ringId, ...rest) => wholeList(shelf.list, { ringId })(undefined, ...rest),
      providesTags: ['ShelfRing'],
    }),
    unplacedPages: build.infiniteQuery<ResponseOf<typeof shelf.unplaced>, Asked, string>({
      ...pagedList(shelf.unplaced),
      providesTags: ['ShelfRing', 'Order', 'Ring'],
    }),
    /** What to make next, looking so many months ahead. */
    getNextRings: build.query<ResponseOf<typeof shelf.next>, number>({
      query: (months) => call(shelf.next, { query: { months } }),
      providesTags: ['ShelfRing', 'Order', 'Ring', 'Stock', 'Settings'],
    }),
    getRingCosts: build.query<ResponseOf<typeof shelf.costs>, string>({
      query: (id) => call(shelf.costs, { params: { id } }),
      providesTags: ['Ring', 'Scrap', 'Supply', 'Spot', 'Settings', 'Stock'],
    }),
    putOnShelf: build.mutation<ResponseOf<typeof shelf.create>, RequestOf<typeof shelf.create>>({
      query: (body) => call(shelf.create, { body }),
      invalidatesTags: ['ShelfRing'],
    }),
    changeShelfRing: build.mutation<
      ResponseOf<typeof shelf.replace>,
      RequestOf<typeof shelf.replace> & { readonly isNew: false; readonly base: Base }
    >({
      queryFn: savedBy(shelf),
      invalidatesTags: ['ShelfRing'],
    }),
    logShelfRing: build.mutation<
      ResponseOf<typeof shelf.logEvents>,
      RequestOf<typeof shelf.logEvents> & { readonly id: string }
    >({
      query: ({ id, events }) => call(shelf.logEvents, { params: { id }, body: { events } }),
      invalidatesTags: OF_SALE,
    }),
    /** Kept in the browser while the server is away: then nothing of its order is known yet. */
    sellShelfRing: build.mutation<Partial<ResponseOf<typeof shelf.sell>>, SoldRing>({
      queryFn: addedBy('sale', ({ shelfId, label, ...body }: SoldRing) => ({ body, shelfId, label })),
      invalidatesTags: OF_SALE,
    }),
    removeShelfRing: build.mutation<void, string>({
      query: (id) => call(shelf.archive, { params: { id } }),
      invalidatesTags: ['ShelfRing'],
    }),
    restoreShelfRing: build.mutation<ResponseOf<typeof shelf.restore>, string>({
      query: (id) => call(shelf.restore, { params: { id } }),
      invalidatesTags: ['ShelfRing'],
    }),
  }),
});

export const {
  useListShelfQuery,
  useGonePagesInfiniteQuery,
  useGetShelfRingQuery,
  useShelfOfRingQuery,
  useUnplacedPagesInfiniteQuery,
  useGetNextRingsQuery,
  useGetRingCostsQuery,
  usePutOnShelfMutation,
  useChangeShelfRingMutation,
  useLogShelfRingMutation,
  useSellShelfRingMutation,
  useRemoveShelfRingMutation,
  useRestoreShelfRingMutation,
} = shelfApi;
