import { type BenchTraits, DEFAULT_TRAITS } from '@round-mint/core/steps';
import { useGetLearntQuery } from './api';

/** How this bench behaves, as the log has taught; the trade's defaults until it has. */
export function useBenchTraits(): BenchTraits {
  const learnt = useGetLearntQuery().data;
  return learnt?.used === true ? learnt.traits : DEFAULT_TRAITS;
}
