import { shelf } from '@round-mint/contract/endpoints-shelf';
import { discounts, orders, people, scrap, sizers } from '@round-mint/contract/endpoints-trade';
import { dieCharts, kit, recipes, stock } from '@round-mint/contract/endpoints-workshop';
import type { ResponseOf } from '@round-mint/contract/endpoint';
import { api, ARCHIVED } from './api';
import { pagedList, type Asked, type ListCall } from './lists';

type Tag = Parameters<typeof api.util.invalidateTags>[0][number];

/** What was archived, of each kind. */
const archivedApi = api.injectEndpoints({
  endpoints: (build) => {
    const archived = <E extends ListCall>(list: E, tag: Tag) =>
      build.infiniteQuery<ResponseOf<E>, Asked, string>({
        ...pagedList(list, ARCHIVED),
        providesTags: [tag],
      });
    return {
      archivedStock: archived(stock.list, 'Stock'),
      archivedTools: archived(kit.list, 'Kit'),
      archivedDieCharts: archived(dieCharts.list, 'DieChart'),
      archivedRecipes: archived(recipes.list, 'Recipe'),
      archivedPeople: archived(people.list, 'Person'),
      archivedOrders: archived(orders.list, 'Order'),
      archivedShelf: archived(shelf.list, 'ShelfRing'),
      archivedDiscounts: archived(discounts.list, 'Discount'),
      archivedSizers: archived(sizers.list, 'Sizer'),
      archivedScrap: archived(scrap.list, 'Scrap'),
    };
  },
});

export const {
  useArchivedStockInfiniteQuery,
  useArchivedToolsInfiniteQuery,
  useArchivedDieChartsInfiniteQuery,
  useArchivedRecipesInfiniteQuery,
  useArchivedPeopleInfiniteQuery,
  useArchivedOrdersInfiniteQuery,
  useArchivedShelfInfiniteQuery,
  useArchivedDiscountsInfiniteQuery,
  useArchivedSizersInfiniteQuery,
  useArchivedScrapInfiniteQuery,
} = archivedApi;
