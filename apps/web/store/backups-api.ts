import { importResultSchema } from '@round-mint/contract/archive';
import type { RequestOf, ResponseOf } from '@round-mint/contract/endpoint';
import { backups } from '@round-mint/contract/endpoints-backups';
import { workshop } from '@round-mint/contract/endpoints-workshop';
import { api } from './api';
import { call } from './call';
import { ALL_TAGS } from './live-tags';

interface Restore {
  readonly id: string;
  readonly dryRun: boolean;
}

interface TakenFile {
  readonly file: File;
  readonly dryRun: boolean;
}

/** The workshop's copies, and the whole of it as a file. */
const backupsApi = api.injectEndpoints({
  endpoints: (build) => ({
    listBackups: build.query<ResponseOf<typeof backups.list>, void>({
      query: () => call(backups.list, {}),
      providesTags: ['Backup'],
    }),
    makeBackup: build.mutation<ResponseOf<typeof backups.make>, void>({
      query: () => call(backups.make, {}),
      invalidatesTags: ['Backup'],
    }),
    changeBackups: build.mutation<ResponseOf<typeof backups.change>, RequestOf<typeof backups.change>>({
      query: (body) => call(backups.change, { body }),
      invalidatesTags: ['Backup'],
    }),
    restoreBackup: build.mutation<ResponseOf<typeof backups.restore>, Restore>({
      query: ({ id, dryRun }) =>
        call(backups.restore, { params: { id }, query: { dryRun: dryRun ? '1' : '0' } }),
      invalidatesTags: (result) => (result?.dryRun === false ? ALL_TAGS : []),
    }),
    /** A zip goes as it is, larger than any text; the older JSON as JSON. */
    takeFileIn: build.mutation<ResponseOf<typeof workshop.importAll>, TakenFile>({
      query: ({ file, dryRun }) => ({
        url: workshop.importAll.path,
        method: 'POST',
        params: { dryRun: dryRun ? '1' : '0' },
        body: file,
        headers: { 'content-type': file.name.endsWith('.json') ? 'application/json' : 'application/zip' },
      }),
      transformResponse: (answer: unknown) => importResultSchema.parse(answer),
      invalidatesTags: (result) => (result?.dryRun === false ? ALL_TAGS : []),
    }),
  }),
});

export const {
  useListBackupsQuery,
  useMakeBackupMutation,
  useChangeBackupsMutation,
  useRestoreBackupMutation,
  useTakeFileInMutation,
} = backupsApi;
