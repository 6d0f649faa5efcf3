import type { ThunkDispatch, UnknownAction } from '@reduxjs/toolkit';
import type { RequestOf, ResponseOf } from '@round-mint/contract/endpoint';
import { kit } from '@round-mint/contract/endpoints-workshop';
import type { ToolFault } from '@round-mint/core/kit';
import { api, type ApiState } from './api';
import { call } from './call';

/** What happens to tools. */
const kitApi = api.injectEndpoints({
  endpoints: (build) => ({
    logToolEvents: build.mutation<ResponseOf<typeof kit.logEvents>, RequestOf<typeof kit.logEvents>>({
      query: (body) => call(kit.logEvents, { body }),
      invalidatesTags: ['Kit', 'Learnt'],
    }),
    getToolPasses: build.query<ResponseOf<typeof kit.passes>['items'], void>({
      query: () => call(kit.passes, {}),
      transformResponse: ({ items }: ResponseOf<typeof kit.passes>) => items,
      providesTags: ['Kit', 'Ring', 'Log'],
    }),
  }),
});

export const { useLogToolEventsMutation, useGetToolPassesQuery } = kitApi;

/** Shows a tool as marked at once: the bench tells it while the server is away, too. */
export function toolShownMarked(toolId: string, fault: ToolFault) {
  return (dispatch: ThunkDispatch<ApiState, unknown, UnknownAction>) => {
    dispatch(
      api.util.updateQueryData('listKit', undefined, (tools) => {
        const tool = tools.find(({ id }) => id === toolId);
        if (tool && !tool.faults.includes(fault)) tool.faults.push(fault);
      }),
    );
  };
}
