import type { RequestOf, ResponseOf } from '@round-mint/contract/endpoint';
import { access } from '@round-mint/contract/endpoints-access';
import { api } from './api';
import { call } from './call';
import { itemsOf, type ItemsOf } from './lists';

/** Who may come in. */
const accessApi = api.injectEndpoints({
  endpoints: (build) => ({
    getAccess: build.query<ResponseOf<typeof access.get>, void>({
      query: () => call(access.get, {}),
      providesTags: ['Access'],
    }),
    changeAccess: build.mutation<ResponseOf<typeof access.change>, RequestOf<typeof access.change>>({
      query: (body) => call(access.change, { body }),
      invalidatesTags: ['Access'],
    }),
    newPairingCode: build.mutation<ResponseOf<typeof access.newCode>, void>({
      query: () => call(access.newCode, {}),
    }),
    pair: build.mutation<ResponseOf<typeof access.pair>, RequestOf<typeof access.pair>>({
      query: (body) => call(access.pair, { body }),
    }),
    listPairedDevices: build.query<ItemsOf<typeof access.devices>, void>({
      query: () => call(access.devices, {}),
      transformResponse: itemsOf,
      providesTags: ['Access'],
    }),
    revokeDevice: build.mutation<void, string>({
      query: (id) => call(access.revoke, { params: { id } }),
      invalidatesTags: ['Access'],
    }),
    restoreDevice: build.mutation<ResponseOf<typeof access.restore>, string>({
      query: (id) => call(access.restore, { params: { id } }),
      invalidatesTags: ['Access'],
    }),
  }),
});

export const {
  useGetAccessQuery,
  useChangeAccessMutation,
  useNewPairingCodeMutation,
  usePairMutation,
  useListPairedDevicesQuery,
  useRevokeDeviceMutation,
  useRestoreDeviceMutation,
} = accessApi;
