import type { ResponseOf } from '@round-mint/contract/endpoint';
import { kit, stock } from '@round-mint/contract/endpoints-workshop';
import { api } from './api';
import { ALL, pageOf } from './lists';

/** Whether there is anything in a workshop: what the app begins with depends on no more. */
const startApi = api.injectEndpoints({
  endpoints: (build) => ({
    anyStock: build.query<boolean, void>({
      query: () => pageOf(stock.list, ALL, '', 1),
      transformResponse: ({ items }: ResponseOf<typeof stock.list>) => items.length > 0,
      providesTags: ['Stock'],
    }),
    anyKit: build.query<boolean, void>({
      query: () => pageOf(kit.list, ALL, '', 1),
      transformResponse: ({ items }: ResponseOf<typeof kit.list>) => items.length > 0,
      providesTags: ['Kit'],
    }),
  }),
});

export const { useAnyKitQuery, useAnyStockQuery } = startApi;
