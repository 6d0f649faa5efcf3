import type { ShelfAnswer, ShelfInput } from '@round-mint/contract/consumables';
import type { DayPlan, SavedDayPlan } from '@round-mint/contract/day-plan';
import type { MetalPrices } from '@round-mint/contract/metal-prices';
import type { Order, OrderCosts, OrderEventInput, OrderInput } from '@round-mint/contract/orders';
import type { Message, MessageInput } from '@round-mint/contract/outbox';
import type { Person, PersonInput } from '@round-mint/contract/people';
import type { MeltOutInput, ScrapInput, StoredScrap } from '@round-mint/contract/scrap';
import type { ShopNumbersAnswer } from '@round-mint/contract/shop';
import type { SizerInput, StoredSizer } from '@round-mint/contract/sizers';
import { api, itemsOf } from './api';

/** The call that keeps a new thing, or a changed one, of a plain resource. */
function saved<Input extends { readonly id?: string | undefined }>(path: string) {
  return ({ isNew, ...body }: Input & { readonly isNew: boolean }) => ({
    url: isNew ? path : `${path}/${body.id}`,
    method: isNew ? 'POST' : 'PUT',
    body,
  });
}

const removed = (path: string) => (id: string) => ({ url: `${path}/${id}`, method: 'DELETE' });
const restored = (path: string) => (id: string) => ({ url: `${path}/${id}/restore`, method: 'POST' });

/** What happens around the bench: people, orders, money, the day. */
const tradeApi = api.injectEndpoints({
  endpoints: (build) => ({
    listPeople: build.query<Person[], void>({
      query: () => '/people?limit=200',
      transformResponse: itemsOf<Person>,
      providesTags: ['Person'],
    }),
    savePerson: build.mutation<Person, PersonInput & { readonly isNew: boolean }>({
      query: saved<PersonInput>('/people'),
      invalidatesTags: ['Person'],
    }),
    removePerson: build.mutation<void, string>({ query: removed('/people'), invalidatesTags: ['Person'] }),
    restorePerson: build.mutation<Person, string>({
      query: restored('/people'),
      invalidatesTags: ['Person'],
    }),
    listOrders: build.query<Order[], void>({
      query: () => '/orders?limit=200',
      transformResponse: itemsOf<Order>,
      providesTags: ['Order'],
    }),
    saveOrder: build.mutation<Order, OrderInput & { readonly isNew: boolean }>({
      query: saved<OrderInput>('/orders'),
      invalidatesTags: ['Order', 'DayPlan'],
    }),
    removeOrder: build.mutation<void, string>({
      query: removed('/orders'),
      invalidatesTags: ['Order', 'DayPlan'],
    }),
    restoreOrder: build.mutation<Order, string>({
      query: restored('/orders'),
      invalidatesTags: ['Order', 'DayPlan'],
    }),
    logOrder: build.mutation<Order, { readonly id: string; readonly events: OrderEventInput[] }>({
      query: ({ id, events }) => ({ url: `/orders/${id}/events`, method: 'POST', body: { events } }),
      invalidatesTags: ['Order', 'DayPlan', 'Shop'],
    }),
    getOrderCosts: build.query<OrderCosts, string>({
      query: (id) => `/orders/${id}/costs`,
      providesTags: ['Order', 'Ring', 'Scrap', 'Shelf', 'Spot', 'Settings', 'Stock'],
    }),
    listSizers: build.query<StoredSizer[], void>({
      query: () => '/sizers?limit=200',
      transformResponse: itemsOf<StoredSizer>,
      providesTags: ['Sizer'],
    }),
    saveSizer: build.mutation<StoredSizer, SizerInput & { readonly isNew: boolean }>({
      query: saved<SizerInput>('/sizers'),
      invalidatesTags: ['Sizer'],
    }),
    removeSizer: build.mutation<void, string>({ query: removed('/sizers'), invalidatesTags: ['Sizer'] }),
    restoreSizer: build.mutation<StoredSizer, string>({
      query: restored('/sizers'),
      invalidatesTags: ['Sizer'],
    }),
    listScrap: build.query<StoredScrap[], void>({
      query: () => '/scrap?limit=200',
      transformResponse: itemsOf<StoredScrap>,
      providesTags: ['Scrap'],
    }),
    saveScrap: build.mutation<StoredScrap, ScrapInput & { readonly isNew: boolean }>({
      query: saved<ScrapInput>('/scrap'),
      invalidatesTags: ['Scrap'],
    }),
    removeScrap: build.mutation<void, string>({ query: removed('/scrap'), invalidatesTags: ['Scrap'] }),
    restoreScrap: build.mutation<StoredScrap, string>({
      query: restored('/scrap'),
      invalidatesTags: ['Scrap'],
    }),
    meltOut: build.mutation<StoredScrap, MeltOutInput>({
      query: (body) => ({ url: '/scrap/melt-out', method: 'POST', body }),
      invalidatesTags: ['Scrap'],
    }),
    listShelves: build.query<ShelfAnswer[], void>({
      query: () => '/consumables',
      transformResponse: ({ items }: { items: ShelfAnswer[] }) => items,
      providesTags: ['Shelf'],
    }),
    countShelf: build.mutation<ShelfAnswer, ShelfInput & { readonly id: string }>({
      query: ({ id, ...body }) => ({ url: `/consumables/${id}`, method: 'PUT', body }),
      invalidatesTags: ['Shelf'],
    }),
    buyPacks: build.mutation<ShelfAnswer, { readonly id: string; readonly packs: number }>({
      query: ({ id, packs }) => ({ url: `/consumables/${id}/bought`, method: 'POST', body: { packs } }),
      invalidatesTags: ['Shelf'],
    }),
    getMetalPrices: build.query<MetalPrices, void>({
      query: () => '/metal-prices',
      providesTags: ['Spot'],
    }),
    listMessages: build.query<Message[], void>({
      query: () => '/outbox?limit=200',
      transformResponse: itemsOf<Message>,
      providesTags: ['Message'],
    }),
    postMessage: build.mutation<Message, MessageInput>({
      query: (body) => ({ url: '/outbox', method: 'POST', body }),
      invalidatesTags: ['Message', 'Order', 'DayPlan'],
    }),
    getDayPlan: build.query<DayPlan, void>({ query: () => '/day-plan', providesTags: ['DayPlan'] }),
    saveDayPlan: build.mutation<DayPlan, SavedDayPlan>({
      query: (body) => ({ url: '/day-plan', method: 'PUT', body }),
      // The answer is the plan itself: nothing need be fetched again.
      async onQueryStarted(_plan, { dispatch, queryFulfilled }) {
        try {
          const { data } = await queryFulfilled;
          dispatch(tradeApi.util.upsertQueryData('getDayPlan', undefined, data));
        } catch {
          // Who saved it shows the failure.
        }
      },
    }),
    getShopNumbers: build.query<ShopNumbersAnswer, void>({
      query: () => '/shop-numbers',
      providesTags: ['Shop'],
    }),
  }),
});

export const {
  useListPeopleQuery,
  useSavePersonMutation,
  useRemovePersonMutation,
  useRestorePersonMutation,
  useListOrdersQuery,
  useSaveOrderMutation,
  useRemoveOrderMutation,
  useRestoreOrderMutation,
  useLogOrderMutation,
  useGetOrderCostsQuery,
  useListSizersQuery,
  useSaveSizerMutation,
  useRemoveSizerMutation,
  useRestoreSizerMutation,
  useListScrapQuery,
  useSaveScrapMutation,
  useRemoveScrapMutation,
  useRestoreScrapMutation,
  useMeltOutMutation,
  useListShelvesQuery,
  useCountShelfMutation,
  useBuyPacksMutation,
  useGetMetalPricesQuery,
  useListMessagesQuery,
  usePostMessageMutation,
  useGetDayPlanQuery,
  useSaveDayPlanMutation,
  useGetShopNumbersQuery,
} = tradeApi;
