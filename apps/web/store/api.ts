import type { Endpoint, RequestOf, ResponseOf } from '@round-mint/contract/endpoint';
import { photos, rings } from '@round-mint/contract/endpoints-bench';
import { faces, kit, plans, stock, system, workshop } from '@round-mint/contract/endpoints-workshop';
import type { ThunkDispatch, UnknownAction } from '@reduxjs/toolkit';
import { createApi } from '@reduxjs/toolkit/query/react';
import type { CsvTableName } from '@round-mint/contract/csv';
import { consumables, orders, people, scrap } from '@round-mint/contract/endpoints-trade';
import type { PieceFace } from '@round-mint/contract/stock-faces';
import { baseQuery } from './base-query';
import { call } from './call';
import { isAway } from './is-away';
import { ALL, itemsOf, pagedList, wholeList, type Asked, type ItemsOf } from './lists';
import { addedBy, savedBy, type Base } from './saving';
import { TAG_TYPES } from './tag-types';
import { callOfThing } from './things';
import type { ThingKind, UnsentThing } from './unsent-things-slice';

/** Where each list goes out and in as a table. */
export const CSV_CALLS = { stock, kit, people, orders, scrap, supplies: consumables } as const;

/** A thing to be kept, new or changed; a change tells what it began with. */
export type Saved<E extends Endpoint> = RequestOf<E> & {
  readonly isNew: boolean;
  readonly base?: Base | undefined;
};

/** What holds a new thing once the server has it. */
const THING_TAGS = {
  piece: ['Stock'],
  person: ['Person'],
  plan: [],
  order: ['Order', 'DayPlan'],
  photo: ['Photo'],
  sale: ['ShelfRing', 'Order', 'Person', 'Shop'],
} as const satisfies Readonly<Record<ThingKind, readonly string[]>>;

export const IN_WORK: Asked = { status: 'in-work' };
export const SPOILT: Asked = { status: 'spoilt' };
export const ARCHIVED: Asked = { archived: '1' };
/** A ring holds its whole route: fewer of them make a page. */
export const RINGS_A_PAGE = 50;

/** The server's data, cached; every write fetches anew what it touched. */
export const api = createApi({
  reducerPath: 'api',
  baseQuery,
  tagTypes: TAG_TYPES,
  endpoints: (build) => ({
    /** All of it, or all of a kind: what rings can be made from. */
    listStock: build.query<ItemsOf<typeof stock.list>, Asked | void>({
      queryFn: wholeList(stock.list),
      providesTags: ['Stock'],
    }),
    stockPages: build.infiniteQuery<ResponseOf<typeof stock.list>, Asked, string>({
      ...pagedList(stock.list),
      providesTags: ['Stock'],
    }),
    getPiece: build.query<ResponseOf<typeof stock.get>, string>({
      query: (id) => call(stock.get, { params: { id } }),
      providesTags: ['Stock'],
    }),
    saveStock: build.mutation<ResponseOf<typeof stock.create>, Saved<typeof stock.create>>({
      queryFn: savedBy(stock, 'piece'),
      invalidatesTags: ['Stock'],
    }),
    /** A face's picture: a new one, or one that is kept already. */
    setFace: build.mutation<
      ResponseOf<typeof faces.set>,
      { readonly stockId: string; readonly face: PieceFace; readonly input: RequestOf<typeof faces.set> }
    >({
      query: ({ stockId, face, input }) => call(faces.set, { params: { id: stockId, face }, body: input }),
      invalidatesTags: ['Stock'],
    }),
    removeFace: build.mutation<void, { readonly stockId: string; readonly face: PieceFace }>({
      query: ({ stockId, face }) => call(faces.remove, { params: { id: stockId, face } }),
      invalidatesTags: ['Stock'],
    }),
    /** A handle's picture from above with its outline; see setFace. */
    setTop: build.mutation<
      ResponseOf<typeof faces.setTop>,
      { readonly stockId: string; readonly input: RequestOf<typeof faces.setTop> }
    >({
      query: ({ stockId, input }) => call(faces.setTop, { params: { id: stockId }, body: input }),
      invalidatesTags: ['Stock'],
    }),
    removeTop: build.mutation<void, string>({
      query: (id) => call(faces.removeTop, { params: { id } }),
      invalidatesTags: ['Stock'],
    }),
    removeStock: build.mutation<void, string>({
      query: (id) => call(stock.archive, { params: { id } }),
      invalidatesTags: ['Stock'],
    }),
    restoreStock: build.mutation<ResponseOf<typeof stock.restore>, string>({
      query: (id) => call(stock.restore, { params: { id } }),
      invalidatesTags: ['Stock'],
    }),
    importCsv: build.mutation<
      ResponseOf<typeof stock.importCsv>,
      { readonly table: CsvTableName; readonly csv: string; readonly dryRun: boolean }
    >({
      query: ({ table, csv, dryRun }) =>
        call<Endpoint>(CSV_CALLS[table].importCsv, { query: { dryRun: dryRun ? '1' : '0' }, body: { csv } }),
      invalidatesTags: (result) =>
        result?.taken ? ['Stock', 'Kit', 'Person', 'Order', 'DayPlan', 'Scrap', 'Supply'] : [],
    }),
    listKit: build.query<ItemsOf<typeof kit.list>, void>({
      queryFn: wholeList(kit.list),
      providesTags: ['Kit'],
    }),
    saveTool: build.mutation<ResponseOf<typeof kit.create>, Saved<typeof kit.create>>({
      queryFn: savedBy(kit),
      invalidatesTags: ['Kit'],
    }),
    removeTool: build.mutation<void, string>({
      query: (id) => call(kit.archive, { params: { id } }),
      invalidatesTags: ['Kit'],
    }),
    restoreTool: build.mutation<ResponseOf<typeof kit.restore>, string>({
      query: (id) => call(kit.restore, { params: { id } }),
      invalidatesTags: ['Kit'],
    }),
    getPlan: build.query<ResponseOf<typeof plans.get>, string>({
      query: (id) => call(plans.get, { params: { id } }),
    }),
    addPlan: build.mutation<ResponseOf<typeof plans.create>, RequestOf<typeof plans.create>>({
      queryFn: addedBy('plan', (body) => ({ body })),
    }),
    /** What was made while the server was away. */
    sendThing: build.mutation<unknown, UnsentThing>({
      query: callOfThing,
      // What was refused may show something as done that is not.
      invalidatesTags: (_result, error, { kind }) => (error && isAway(error) ? [] : THING_TAGS[kind]),
    }),
    /** Rings in work: the log holds the others. */
    listRings: build.query<ItemsOf<typeof rings.listInFull>, void>({
      queryFn: wholeList(rings.listInFull, IN_WORK, RINGS_A_PAGE),
      providesTags: ['Ring'],
    }),
    /** Rings that are neither on the bench nor in the log: archived, or given up as spoilt. */
    ringPages: build.infiniteQuery<ResponseOf<typeof rings.listInFull>, Asked, string>({
      ...pagedList(rings.listInFull, ALL, RINGS_A_PAGE),
      providesTags: ['Ring'],
    }),
    getRing: build.query<ResponseOf<typeof rings.get>, string>({
      query: (id) => call(rings.get, { params: { id } }),
      providesTags: (_ring, _error, id) => [{ type: 'Ring', id }],
    }),
    startRing: build.mutation<ResponseOf<typeof rings.start>, RequestOf<typeof rings.start>>({
      query: (body) => call(rings.start, { body }),
      invalidatesTags: ['Ring', 'Stock', 'DayPlan'],
    }),
    removeRing: build.mutation<void, string>({
      query: (id) => call(rings.archive, { params: { id } }),
      invalidatesTags: ['Ring', 'Stock', 'Learnt', 'DayPlan'],
    }),
    restoreRing: build.mutation<ResponseOf<typeof rings.restore>, string>({
      query: (id) => call(rings.restore, { params: { id } }),
      invalidatesTags: ['Ring', 'Stock'],
    }),
    logEvents: build.mutation<
      ResponseOf<typeof rings.logEvents>,
      RequestOf<typeof rings.logEvents> & { readonly ringId: string }
    >({
      query: ({ ringId, events }) => call(rings.logEvents, { params: { id: ringId }, body: { events } }),
      // The answer is the ring itself: it is taken rather than fetched again. What else follows: ring-follower.ts.
      async onQueryStarted(_asked, { dispatch, queryFulfilled }) {
        try {
          const { data } = await queryFulfilled;
          dispatch(ringHeard(data));
        } catch {
          // The component that sent it shows the failure.
        }
      },
    }),
    listPhotos: build.query<ItemsOf<typeof photos.list>, string>({
      query: (ringId) => call(photos.list, { params: { id: ringId } }),
      transformResponse: itemsOf,
      providesTags: (_photos, _error, id) => [{ type: 'Photo', id }],
    }),
    addPhoto: build.mutation<
      ResponseOf<typeof photos.add>,
      { readonly ringId: string; readonly photo: RequestOf<typeof photos.add> }
    >({
      queryFn: addedBy('photo', ({ ringId, photo }) => ({ ringId, body: photo })),
      invalidatesTags: (_photo, _error, { ringId }) => [{ type: 'Photo', id: ringId }],
    }),
    removePhoto: build.mutation<void, string>({
      query: (id) => call(photos.archive, { params: { id } }),
      invalidatesTags: ['Photo'],
    }),
    restorePhoto: build.mutation<ResponseOf<typeof photos.restore>, string>({
      query: (id) => call(photos.restore, { params: { id } }),
      invalidatesTags: ['Photo'],
    }),
    logPages: build.infiniteQuery<ResponseOf<typeof workshop.log>, Asked, string>({
      ...pagedList(workshop.log),
      providesTags: ['Ring', 'Log'],
    }),
    getLogSummary: build.query<ResponseOf<typeof workshop.logSummary>, void>({
      query: () => call(workshop.logSummary, {}),
      // What a ring came to is worked out with what is learnt from it.
      providesTags: ['Ring', 'Log', 'Learnt'],
    }),
    getLogEntry: build.query<ResponseOf<typeof workshop.logEntry>, string>({
      query: (id) => call(workshop.logEntry, { params: { id } }),
      providesTags: ['Ring', 'Log'],
    }),
    getLearnt: build.query<ResponseOf<typeof workshop.learnt>, void>({
      query: () => call(workshop.learnt, {}),
      providesTags: ['Learnt'],
    }),
    getHealth: build.query<ResponseOf<typeof system.health>, void>({
      query: () => call(system.health, {}),
      providesTags: ['Backup'],
    }),
    getSettings: build.query<ResponseOf<typeof workshop.settings>, void>({
      query: () => call(workshop.settings, {}),
      providesTags: ['Settings'],
    }),
    changeSettings: build.mutation<
      ResponseOf<typeof workshop.changeSettings>,
      RequestOf<typeof workshop.changeSettings>
    >({
      query: (body) => call(workshop.changeSettings, { body }),
      async onQueryStarted(patch, { dispatch, queryFulfilled }) {
        // A switch answers at once and goes back when the server would not have it.
        const change = dispatch(
          api.util.updateQueryData('getSettings', undefined, (settings) => {
            Object.assign(settings, patch);
          }),
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

/** As much of the store as holds what was fetched. */
export type ApiState = Parameters<ReturnType<typeof api.endpoints.listRings.select>>[0];

/** A ring as the server has it now, whoever asked: it is shown rather than fetched again. */
export function ringHeard(heard: ResponseOf<typeof rings.get>) {
  return (dispatch: ThunkDispatch<ApiState, unknown, UnknownAction>): void => {
    dispatch(
      api.util.updateQueryData('listRings', undefined, (known) =>
        known.map((ring) => (ring.id === heard.id ? heard : ring)),
      ),
    );
    dispatch(api.util.updateQueryData('getRing', heard.id, () => heard));
  };
}

export const {
  useListStockQuery,
  useStockPagesInfiniteQuery,
  useGetPieceQuery,
  useSaveStockMutation,
  useSetFaceMutation,
  useSetTopMutation,
  useRemoveTopMutation,
  useRemoveFaceMutation,
  useRemoveStockMutation,
  useRestoreStockMutation,
  useImportCsvMutation,
  useListKitQuery,
  useSaveToolMutation,
  useRemoveToolMutation,
  useRestoreToolMutation,
  useAddPlanMutation,
  useGetPlanQuery,
  useListRingsQuery,
  useRingPagesInfiniteQuery,
  useGetRingQuery,
  useStartRingMutation,
  useRemoveRingMutation,
  useRestoreRingMutation,
  useLogEventsMutation,
  useListPhotosQuery,
  useAddPhotoMutation,
  useRemovePhotoMutation,
  useRestorePhotoMutation,
  useLogPagesInfiniteQuery,
  useGetLogSummaryQuery,
  useGetLogEntryQuery,
  useGetLearntQuery,
  useGetHealthQuery,
  useGetSettingsQuery,
  useChangeSettingsMutation,
} = api;
