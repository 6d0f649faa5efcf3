import type { Endpoint } from '@round-mint/contract/endpoint';
import { orders, people, scrap, sizers } from '@round-mint/contract/endpoints-trade';
import { dieCharts, kit, recipes, stock } from '@round-mint/contract/endpoints-workshop';
import type { z } from 'zod';
import { api, archivedPage, itemsOf } from './api';
import { call } from './call';

type Tag = Parameters<typeof api.util.invalidateTags>[0][number];
type ListCall<Item> = Endpoint & { readonly response: z.ZodType<{ readonly items: Item[] }> };

/** What was archived, of each kind. */
const archivedApi = api.injectEndpoints({
  endpoints: (build) => {
    const archived = <Item>(list: ListCall<Item>, tag: Tag) =>
      build.query<Item[], void>({
        query: () => call<Endpoint>(list, archivedPage),
        transformResponse: itemsOf<Item>,
        providesTags: [tag],
      });
    return {
      archivedStock: archived(stock.list, 'Stock'),
      archivedTools: archived(kit.list, 'Kit'),
      archivedDieCharts: archived(dieCharts.list, 'DieChart'),
      archivedRecipes: archived(recipes.list, 'Recipe'),
      archivedPeople: archived(people.list, 'Person'),
      archivedOrders: archived(orders.list, 'Order'),
      archivedSizers: archived(sizers.list, 'Sizer'),
      archivedScrap: archived(scrap.list, 'Scrap'),
    };
  },
});

export const {
  useArchivedStockQuery,
  useArchivedToolsQuery,
  useArchivedDieChartsQuery,
  useArchivedRecipesQuery,
  useArchivedPeopleQuery,
  useArchivedOrdersQuery,
  useArchivedSizersQuery,
  useArchivedScrapQuery,
} = archivedApi;
