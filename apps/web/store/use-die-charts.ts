import { type DieChart, withSeen } from '@round-mint/core/kit';
import { useMemo } from 'react';
import { useGetLearntQuery } from './api';
import { useListDieChartsQuery } from './bench-api';

/** The maker's die charts with what readings at the bench have shown; undefined until they are there. */
export function useDieCharts(): readonly DieChart[] | undefined {
  const kept = useListDieChartsQuery().data;
  const learnt = useGetLearntQuery().data;
  return useMemo(() => kept && withSeen(kept, learnt?.used === true ? learnt.dieCharts : []), [kept, learnt]);
}
