import type { CsvImportResult } from '@round-mint/contract/csv';
import type { Device, DeviceId, DeviceReading } from '@round-mint/contract/devices';
import type { DieChartInput, StoredDieChart } from '@round-mint/contract/die-charts';
import type { LearntAnswer } from '@round-mint/contract/learnt';
import type { LogEntry } from '@round-mint/contract/log';
import type { StoredTool, ToolInput } from '@round-mint/contract/kit';
import type { Photo, PhotoInput } from '@round-mint/contract/photos';
import type { Plan, PlanInput } from '@round-mint/contract/plans';
import type { RecipeInput, StoredRecipe } from '@round-mint/contract/recipes';
import type { RingEventInput, RingInput, RingWithEvents } from '@round-mint/contract/rings';
import type { Settings } from '@round-mint/contract/settings';
import type { StockInput, StockItem } from '@round-mint/contract/stock';
import { createApi, fetchBaseQuery } from '@reduxjs/toolkit/query/react';

/** Where the server's interface lies; the app is served from the same place. */
export const API_PATH = '/api/v1';

interface ListAnswer<T> {
  readonly items: T[];
  readonly nextCursor: string | null;
}

export function itemsOf<T>({ items: list }: ListAnswer<T>): T[] {
  return list;
}

/** The server's data, cached; every write fetches anew what it touched. */
export const api = createApi({
  reducerPath: 'api',
  baseQuery: fetchBaseQuery({ baseUrl: API_PATH }),
  tagTypes: [
    ...(['Stock', 'Kit', 'DieChart', 'Ring', 'Settings', 'Device', 'Learnt', 'Recipe', 'Photo'] as const),
    // Of what happens around the bench: trade-api.ts.
    ...(['Person', 'Order', 'Sizer', 'Scrap', 'Shelf', 'Spot', 'Message', 'DayPlan', 'Shop'] as const),
  ],
  endpoints: (build) => ({
    listStock: build.query<StockItem[], void>({
      query: () => '/stock?limit=200',
      transformResponse: itemsOf<StockItem>,
      providesTags: ['Stock'],
    }),
    saveStock: build.mutation<StockItem, StockInput & { readonly isNew: boolean }>({
      query: ({ isNew, ...body }) => ({
        url: isNew ? '/stock' : `/stock/${body.id}`,
        method: isNew ? 'POST' : 'PUT',
        body,
      }),
      invalidatesTags: ['Stock'],
    }),
    removeStock: build.mutation<void, string>({
      query: (id) => ({ url: `/stock/${id}`, method: 'DELETE' }),
      invalidatesTags: ['Stock'],
    }),
    restoreStock: build.mutation<StockItem, string>({
      query: (id) => ({ url: `/stock/${id}/restore`, method: 'POST' }),
      invalidatesTags: ['Stock'],
    }),
    importCsv: build.mutation<
      CsvImportResult,
      { readonly table: 'stock' | 'kit'; readonly csv: string; readonly dryRun: boolean }
    >({
      query: ({ table, csv, dryRun }) => ({
        url: `/${table}/import${dryRun ? '?dryRun=1' : ''}`,
        method: 'POST',
        body: { csv },
      }),
      invalidatesTags: (result) => (result?.taken ? ['Stock', 'Kit'] : []),
    }),
    listKit: build.query<StoredTool[], void>({
      query: () => '/kit?limit=200',
      transformResponse: itemsOf<StoredTool>,
      providesTags: ['Kit'],
    }),
    addTool: build.mutation<StoredTool, ToolInput>({
      query: (body) => ({ url: '/kit', method: 'POST', body }),
      invalidatesTags: ['Kit'],
    }),
    removeTool: build.mutation<void, string>({
      query: (id) => ({ url: `/kit/${id}`, method: 'DELETE' }),
      invalidatesTags: ['Kit'],
    }),
    restoreTool: build.mutation<StoredTool, string>({
      query: (id) => ({ url: `/kit/${id}/restore`, method: 'POST' }),
      invalidatesTags: ['Kit'],
    }),
    listDieCharts: build.query<StoredDieChart[], void>({
      query: () => '/die-charts?limit=200',
      transformResponse: itemsOf<StoredDieChart>,
      providesTags: ['DieChart'],
    }),
    saveDieChart: build.mutation<StoredDieChart, DieChartInput & { readonly isNew: boolean }>({
      query: ({ isNew, ...body }) => ({
        url: isNew ? '/die-charts' : `/die-charts/${body.id}`,
        method: isNew ? 'POST' : 'PUT',
        body,
      }),
      invalidatesTags: ['DieChart'],
    }),
    removeDieChart: build.mutation<void, string>({
      query: (id) => ({ url: `/die-charts/${id}`, method: 'DELETE' }),
      invalidatesTags: ['DieChart'],
    }),
    restoreDieChart: build.mutation<StoredDieChart, string>({
      query: (id) => ({ url: `/die-charts/${id}/restore`, method: 'POST' }),
      invalidatesTags: ['DieChart'],
    }),
    addPlan: build.mutation<Plan, PlanInput>({
      query: (body) => ({ url: '/plans', method: 'POST', body }),
    }),
    /** Rings in work: the log holds the others. */
    listRings: build.query<RingWithEvents[], void>({
      query: () => '/rings?status=in-work&limit=200',
      transformResponse: itemsOf<RingWithEvents>,
      providesTags: ['Ring'],
    }),
    getRing: build.query<RingWithEvents, string>({
      query: (id) => `/rings/${id}`,
      providesTags: ['Ring'],
    }),
    startRing: build.mutation<RingWithEvents, RingInput>({
      query: (body) => ({ url: '/rings', method: 'POST', body }),
      invalidatesTags: ['Ring', 'Stock', 'DayPlan'],
    }),
    removeRing: build.mutation<void, string>({
      query: (id) => ({ url: `/rings/${id}`, method: 'DELETE' }),
      invalidatesTags: ['Ring', 'Stock', 'Learnt', 'DayPlan'],
    }),
    restoreRing: build.mutation<RingWithEvents, string>({
      query: (id) => ({ url: `/rings/${id}/restore`, method: 'POST' }),
      invalidatesTags: ['Ring', 'Stock'],
    }),
    logEvents: build.mutation<RingWithEvents, { readonly ringId: string; readonly events: RingEventInput[] }>(
      {
        query: ({ ringId, events }) => ({ url: `/rings/${ringId}/events`, method: 'POST', body: { events } }),
        // The answer is the ring itself: put it in the list rather than fetch all rings again.
        async onQueryStarted({ ringId }, { dispatch, queryFulfilled }) {
          try {
            const { data } = await queryFulfilled;
            dispatch(
              api.util.updateQueryData('listRings', undefined, (rings) =>
                rings.map((ring) => (ring.id === ringId ? data : ring)),
              ),
            );
            const over = data.status !== 'in-work';
            // What a ring leaves and uses up follows from its events.
            dispatch(api.util.invalidateTags(['Ring', 'Scrap', 'Shelf', 'DayPlan', 'Order']));
            if (over) dispatch(api.util.invalidateTags(['Learnt', 'Shop']));
          } catch {
            // The component that sent it shows the failure.
          }
        },
      },
    ),
    listRecipes: build.query<StoredRecipe[], void>({
      query: () => '/recipes?limit=200',
      transformResponse: itemsOf<StoredRecipe>,
      providesTags: ['Recipe'],
    }),
    saveRecipe: build.mutation<StoredRecipe, RecipeInput & { readonly isNew: boolean }>({
      query: ({ isNew, ...body }) => ({
        url: isNew ? '/recipes' : `/recipes/${body.id}`,
        method: isNew ? 'POST' : 'PUT',
        body,
      }),
      invalidatesTags: ['Recipe'],
    }),
    removeRecipe: build.mutation<void, string>({
      query: (id) => ({ url: `/recipes/${id}`, method: 'DELETE' }),
      invalidatesTags: ['Recipe'],
    }),
    restoreRecipe: build.mutation<StoredRecipe, string>({
      query: (id) => ({ url: `/recipes/${id}/restore`, method: 'POST' }),
      invalidatesTags: ['Recipe'],
    }),
    listPhotos: build.query<Photo[], string>({
      query: (ringId) => `/rings/${ringId}/photos`,
      transformResponse: itemsOf<Photo>,
      providesTags: ['Photo'],
    }),
    addPhoto: build.mutation<Photo, { readonly ringId: string; readonly photo: PhotoInput }>({
      query: ({ ringId, photo }) => ({ url: `/rings/${ringId}/photos`, method: 'POST', body: photo }),
      invalidatesTags: ['Photo'],
    }),
    removePhoto: build.mutation<void, string>({
      query: (id) => ({ url: `/photos/${id}`, method: 'DELETE' }),
      invalidatesTags: ['Photo'],
    }),
    restorePhoto: build.mutation<Photo, string>({
      query: (id) => ({ url: `/photos/${id}/restore`, method: 'POST' }),
      invalidatesTags: ['Photo'],
    }),
    listDevices: build.query<Device[], void>({
      query: () => '/devices',
      transformResponse: ({ items: devices }: { items: Device[] }) => devices,
      providesTags: ['Device'],
    }),
    setDevice: build.mutation<Device, { readonly id: DeviceId; readonly value: number }>({
      query: ({ id, value }) => ({ url: `/devices/${id}`, method: 'PUT', body: { value } }),
      invalidatesTags: ['Device'],
    }),
    sendReading: build.mutation<DeviceReading, DeviceId>({
      query: (id) => ({ url: `/devices/${id}/send`, method: 'POST' }),
    }),
    listLog: build.query<LogEntry[], void>({
      query: () => '/log?limit=200',
      transformResponse: itemsOf<LogEntry>,
      providesTags: ['Ring'],
    }),
    getLearnt: build.query<LearntAnswer, void>({
      query: () => '/learnt',
      providesTags: ['Learnt'],
    }),
    getSettings: build.query<Settings, void>({
      query: () => '/settings',
      providesTags: ['Settings'],
    }),
    changeSettings: build.mutation<Settings, Partial<Settings>>({
      query: (body) => ({ url: '/settings', method: 'PATCH', body }),
      async onQueryStarted(patch, { dispatch, queryFulfilled }) {
        // A switch answers at once and goes back when the server would not have it.
        const change = dispatch(
          api.util.updateQueryData('getSettings', undefined, (settings) => ({ ...settings, ...patch })),
        );
        try {
          await queryFulfilled;
          if ('spotTyped' in patch) dispatch(api.util.invalidateTags(['Spot']));
          if ('useLearnt' in patch || 'standardFor' in patch) dispatch(api.util.invalidateTags(['Learnt']));
        } catch {
          change.undo();
        }
      },
    }),
  }),
});

export const {
  useListStockQuery,
  useSaveStockMutation,
  useRemoveStockMutation,
  useRestoreStockMutation,
  useImportCsvMutation,
  useListKitQuery,
  useAddToolMutation,
  useRemoveToolMutation,
  useRestoreToolMutation,
  useListDieChartsQuery,
  useSaveDieChartMutation,
  useRemoveDieChartMutation,
  useRestoreDieChartMutation,
  useAddPlanMutation,
  useListRingsQuery,
  useGetRingQuery,
  useStartRingMutation,
  useRemoveRingMutation,
  useRestoreRingMutation,
  useLogEventsMutation,
  useListRecipesQuery,
  useSaveRecipeMutation,
  useRemoveRecipeMutation,
  useRestoreRecipeMutation,
  useListPhotosQuery,
  useAddPhotoMutation,
  useRemovePhotoMutation,
  useRestorePhotoMutation,
  useListDevicesQuery,
  useSetDeviceMutation,
  useSendReadingMutation,
  useListLogQuery,
  useGetLearntQuery,
  useGetSettingsQuery,
  useChangeSettingsMutation,
} = api;
