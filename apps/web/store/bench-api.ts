import type { DeviceId } from '@round-mint/contract/devices';
import type { RequestOf, ResponseOf } from '@round-mint/contract/endpoint';
import { devices } from '@round-mint/contract/endpoints-bench';
import { dieCharts, recipes } from '@round-mint/contract/endpoints-workshop';
import { api, type Saved } from './api';
import { call } from './call';
import { itemsOf, wholeList, type ItemsOf } from './lists';
import { savedBy } from './saving';

/** What a bench goes by: die charts, recipes, calliper and scale. */
const benchApi = api.injectEndpoints({
  endpoints: (build) => ({
    listDieCharts: build.query<ItemsOf<typeof dieCharts.list>, void>({
      queryFn: wholeList(dieCharts.list),
      providesTags: ['DieChart'],
    }),
    saveDieChart: build.mutation<ResponseOf<typeof dieCharts.create>, Saved<typeof dieCharts.create>>({
      queryFn: savedBy(dieCharts),
      invalidatesTags: ['DieChart'],
    }),
    removeDieChart: build.mutation<void, string>({
      query: (id) => call(dieCharts.archive, { params: { id } }),
      invalidatesTags: ['DieChart'],
    }),
    restoreDieChart: build.mutation<ResponseOf<typeof dieCharts.restore>, string>({
      query: (id) => call(dieCharts.restore, { params: { id } }),
      invalidatesTags: ['DieChart'],
    }),
    listRecipes: build.query<ItemsOf<typeof recipes.list>, void>({
      queryFn: wholeList(recipes.list),
      providesTags: ['Recipe'],
    }),
    saveRecipe: build.mutation<ResponseOf<typeof recipes.create>, Saved<typeof recipes.create>>({
      queryFn: savedBy(recipes),
      invalidatesTags: ['Recipe'],
    }),
    removeRecipe: build.mutation<void, string>({
      query: (id) => call(recipes.archive, { params: { id } }),
      invalidatesTags: ['Recipe'],
    }),
    restoreRecipe: build.mutation<ResponseOf<typeof recipes.restore>, string>({
      query: (id) => call(recipes.restore, { params: { id } }),
      invalidatesTags: ['Recipe'],
    }),
    listDevices: build.query<ItemsOf<typeof devices.list>, void>({
      query: () => call(devices.list, {}),
      transformResponse: itemsOf,
      providesTags: ['Device'],
    }),
    setDevice: build.mutation<
      ResponseOf<typeof devices.set>,
      RequestOf<typeof devices.set> & { readonly id: DeviceId }
    >({
      query: ({ id, value }) => call(devices.set, { params: { device: id }, body: { value } }),
      invalidatesTags: ['Device'],
    }),
    sendReading: build.mutation<ResponseOf<typeof devices.send>, DeviceId>({
      query: (id) => call(devices.send, { params: { device: id } }),
    }),
  }),
});

export const {
  useListDieChartsQuery,
  useSaveDieChartMutation,
  useRemoveDieChartMutation,
  useRestoreDieChartMutation,
  useListRecipesQuery,
  useSaveRecipeMutation,
  useRemoveRecipeMutation,
  useRestoreRecipeMutation,
  useListDevicesQuery,
  useSetDeviceMutation,
  useSendReadingMutation,
} = benchApi;
