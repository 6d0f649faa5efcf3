import type { RingEventInput } from '@round-mint/contract/rings';
import { useState } from 'react';
import { useLogEventsMutation } from '@/store/api';
import { problemText } from '@/store/problem';

/** Logs what happened to a ring; a failed try can be sent again with the same ids, and does no harm twice. */
export function useBenchLog(ringId: string) {
  const [send, { isLoading }] = useLogEventsMutation();
  const [failed, setFailed] = useState<{ events: RingEventInput[]; problem: string }>();
  const post = async (events: RingEventInput[]): Promise<boolean> => {
    try {
      await send({ ringId, events }).unwrap();
      setFailed(undefined);
      return true;
    } catch (error) {
      setFailed({ events, problem: problemText(error) });
      return false;
    }
  };
  const log = (...bodies: RingEventInput['body'][]) =>
    post(bodies.map((body) => ({ id: crypto.randomUUID(), at: new Date().toISOString(), body })));
  return {
    log,
    busy: isLoading,
    problem: failed?.problem,
    retry: () => (failed ? post(failed.events) : Promise.resolve(false)),
  };
}
export type BenchLog = ReturnType<typeof useBenchLog>;
