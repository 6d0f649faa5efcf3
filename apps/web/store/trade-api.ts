import type { RequestOf, ResponseOf } from '@round-mint/contract/endpoint';
import {
  consumables,
  orders,
  outbox,
  people,
  scrap,
  shop,
  sizers,
} from '@round-mint/contract/endpoints-trade';
import type { ConsumableId } from '@round-mint/core/trade';
import { api, type Saved } from './api';
import { call } from './call';
import { itemsOf, pagedList, wholeList, type Asked, type ItemsOf } from './lists';
import { savedBy } from './saving';

export const OPEN: Asked = { over: '0' };
export const OVER: Asked = { over: '1', sort: '-wantedBy' };
export const FROM_SIZER: Asked = { fromSizer: '1' };
export const IN_TIN: Asked = { inTin: '1' };

/** What happens around the bench: people, orders, money, the day. */
export const tradeApi = api.injectEndpoints({
  endpoints: (build) => ({
    listPeople: build.query<ItemsOf<typeof people.list>, void>({
      queryFn: wholeList(people.list),
      providesTags: ['Person'],
    }),
    peoplePages: build.infiniteQuery<ResponseOf<typeof people.list>, Asked, string>({
      ...pagedList(people.list),
      // Each is told with how many orders they have.
      providesTags: ['Person', 'Order'],
    }),
    savePerson: build.mutation<ResponseOf<typeof people.create>, Saved<typeof people.create>>({
      queryFn: savedBy(people, 'person'),
      invalidatesTags: ['Person'],
    }),
    removePerson: build.mutation<void, string>({
      query: (id) => call(people.archive, { params: { id } }),
      invalidatesTags: ['Person'],
    }),
    restorePerson: build.mutation<ResponseOf<typeof people.restore>, string>({
      query: (id) => call(people.restore, { params: { id } }),
      invalidatesTags: ['Person'],
    }),
    /** Those that something is still to be done with. */
    listOrders: build.query<ItemsOf<typeof orders.list>, void>({
      queryFn: wholeList(orders.list, OPEN),
      providesTags: ['Order'],
    }),
    /** Those that came of a sizer, over or not. */
    listSizedOrders: build.query<ItemsOf<typeof orders.list>, void>({
      queryFn: wholeList(orders.list, FROM_SIZER),
      providesTags: ['Order'],
    }),
    orderPages: build.infiniteQuery<ResponseOf<typeof orders.list>, Asked, string>({
      ...pagedList(orders.list),
      providesTags: ['Order'],
    }),
    getOrder: build.query<ResponseOf<typeof orders.get>, string>({
      query: (id) => call(orders.get, { params: { id } }),
      providesTags: ['Order'],
    }),
    saveOrder: build.mutation<ResponseOf<typeof orders.create>, Saved<typeof orders.create>>({
      queryFn: savedBy(orders, 'order'),
      invalidatesTags: ['Order', 'DayPlan'],
    }),
    removeOrder: build.mutation<void, string>({
      query: (id) => call(orders.archive, { params: { id } }),
      invalidatesTags: ['Order', 'ShelfRing', 'DayPlan'],
    }),
    restoreOrder: build.mutation<ResponseOf<typeof orders.restore>, string>({
      query: (id) => call(orders.restore, { params: { id } }),
      invalidatesTags: ['Order', 'ShelfRing', 'DayPlan'],
    }),
    logOrder: build.mutation<
      ResponseOf<typeof orders.logEvents>,
      RequestOf<typeof orders.logEvents> & { readonly id: string }
    >({
      query: ({ id, events }) => call(orders.logEvents, { params: { id }, body: { events } }),
      invalidatesTags: ['Order', 'ShelfRing', 'DayPlan', 'Shop'],
    }),
    getOrderCosts: build.query<ResponseOf<typeof orders.costs>, string>({
      query: (id) => call(orders.costs, { params: { id } }),
      providesTags: ['Order', 'Ring', 'Scrap', 'Supply', 'Spot', 'Settings', 'Stock'],
    }),
    listSizers: build.query<ItemsOf<typeof sizers.list>, void>({
      queryFn: wholeList(sizers.list),
      providesTags: ['Sizer'],
    }),
    saveSizer: build.mutation<ResponseOf<typeof sizers.create>, Saved<typeof sizers.create>>({
      queryFn: savedBy(sizers),
      invalidatesTags: ['Sizer'],
    }),
    removeSizer: build.mutation<void, string>({
      query: (id) => call(sizers.archive, { params: { id } }),
      invalidatesTags: ['Sizer'],
    }),
    restoreSizer: build.mutation<ResponseOf<typeof sizers.restore>, string>({
      query: (id) => call(sizers.restore, { params: { id } }),
      invalidatesTags: ['Sizer'],
    }),
    listScrap: build.query<ItemsOf<typeof scrap.list>, void>({
      queryFn: wholeList(scrap.list, IN_TIN),
      providesTags: ['Scrap'],
    }),
    saveScrap: build.mutation<ResponseOf<typeof scrap.create>, Saved<typeof scrap.create>>({
      queryFn: savedBy(scrap),
      invalidatesTags: ['Scrap'],
    }),
    removeScrap: build.mutation<void, string>({
      query: (id) => call(scrap.archive, { params: { id } }),
      invalidatesTags: ['Scrap'],
    }),
    restoreScrap: build.mutation<ResponseOf<typeof scrap.restore>, string>({
      query: (id) => call(scrap.restore, { params: { id } }),
      invalidatesTags: ['Scrap'],
    }),
    meltOut: build.mutation<ResponseOf<typeof scrap.meltOut>, RequestOf<typeof scrap.meltOut>>({
      query: (body) => call(scrap.meltOut, { body }),
      invalidatesTags: ['Scrap'],
    }),
    listSupplies: build.query<ItemsOf<typeof consumables.list>, void>({
      query: () => call(consumables.list, {}),
      transformResponse: itemsOf,
      providesTags: ['Supply'],
    }),
    countSupply: build.mutation<
      ResponseOf<typeof consumables.count>,
      RequestOf<typeof consumables.count> & { readonly id: ConsumableId }
    >({
      query: ({ id, ...body }) => call(consumables.count, { params: { id }, body }),
      invalidatesTags: ['Supply'],
    }),
    buyPacks: build.mutation<
      ResponseOf<typeof consumables.buy>,
      RequestOf<typeof consumables.buy> & { readonly id: ConsumableId }
    >({
      query: ({ id, packs }) => call(consumables.buy, { params: { id }, body: { packs } }),
      invalidatesTags: ['Supply'],
    }),
    getMetalPrices: build.query<ResponseOf<typeof shop.metalPrices>, void>({
      query: () => call(shop.metalPrices, {}),
      providesTags: ['Spot'],
    }),
    messagePages: build.infiniteQuery<ResponseOf<typeof outbox.list>, Asked, string>({
      ...pagedList(outbox.list),
      providesTags: ['Message'],
    }),
    getMessage: build.query<ResponseOf<typeof outbox.get>, string>({
      query: (id) => call(outbox.get, { params: { id } }),
      providesTags: ['Message'],
    }),
    postMessage: build.mutation<ResponseOf<typeof outbox.post>, RequestOf<typeof outbox.post>>({
      query: (body) => call(outbox.post, { body }),
      invalidatesTags: ['Message', 'Order', 'DayPlan'],
    }),
    getDayPlan: build.query<ResponseOf<typeof shop.dayPlan>, void>({
      query: () => call(shop.dayPlan, {}),
      providesTags: ['DayPlan'],
    }),
    saveDayPlan: build.mutation<ResponseOf<typeof shop.saveDayPlan>, RequestOf<typeof shop.saveDayPlan>>({
      query: (body) => call(shop.saveDayPlan, { body }),
      // The answer is the plan itself: nothing need be fetched again.
      async onQueryStarted(_plan, { dispatch, queryFulfilled }) {
        try {
          const { data } = await queryFulfilled;
          await dispatch(tradeApi.util.upsertQueryData('getDayPlan', undefined, data));
        } catch {
          // Who saved it shows the failure.
        }
      },
    }),
    getShopNumbers: build.query<ResponseOf<typeof shop.numbers>, void>({
      query: () => call(shop.numbers, {}),
      providesTags: ['Shop'],
    }),
  }),
});

export const {
  useListPeopleQuery,
  usePeoplePagesInfiniteQuery,
  useSavePersonMutation,
  useRemovePersonMutation,
  useRestorePersonMutation,
  useListOrdersQuery,
  useListSizedOrdersQuery,
  useOrderPagesInfiniteQuery,
  useGetOrderQuery,
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
  useListSuppliesQuery,
  useCountSupplyMutation,
  useBuyPacksMutation,
  useGetMetalPricesQuery,
  useMessagePagesInfiniteQuery,
  useGetMessageQuery,
  usePostMessageMutation,
  useGetDayPlanQuery,
  useSaveDayPlanMutation,
  useGetShopNumbersQuery,
} = tradeApi;
