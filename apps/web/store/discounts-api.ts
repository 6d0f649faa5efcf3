import type { ResponseOf } from '@round-mint/contract/endpoint';
import { discounts } from '@round-mint/contract/endpoints-trade';
import { api, type Saved } from './api';
import { call } from './call';
import { wholeList, type ItemsOf } from './lists';
import { savedBy } from './saving';

/** Codes for which something is taken off a price. */
const discountsApi = api.injectEndpoints({
  endpoints: (build) => ({
    listDiscounts: build.query<ItemsOf<typeof discounts.list>, void>({
      queryFn: wholeList(discounts.list),
      providesTags: ['Discount'],
    }),
    saveDiscount: build.mutation<ResponseOf<typeof discounts.create>, Saved<typeof discounts.create>>({
      queryFn: savedBy(discounts),
      invalidatesTags: ['Discount'],
    }),
    removeDiscount: build.mutation<void, string>({
      query: (id) => call(discounts.archive, { params: { id } }),
      invalidatesTags: ['Discount'],
    }),
    restoreDiscount: build.mutation<ResponseOf<typeof discounts.restore>, string>({
      query: (id) => call(discounts.restore, { params: { id } }),
      invalidatesTags: ['Discount'],
    }),
  }),
});

export const {
  useListDiscountsQuery,
  useSaveDiscountMutation,
  useRemoveDiscountMutation,
  useRestoreDiscountMutation,
} = discountsApi;
