import type { ShelfEventInput, ShelfRing } from '@round-mint/contract/shelf';
import { newId } from '@/store/new-id';
import { noticeShown } from '@/store/notices-slice';
import { problemText } from '@/store/problem';
import { useLogShelfRingMutation } from '@/store/shelf-api';
import { useAppDispatch } from '@/store/store';

/** Says what happened to a ring on the shelf; a refusal is shown in its own words. Tells whether it was kept. */
export function useShelfLog({ id, ring }: Pick<ShelfRing, 'id' | 'ring'>) {
  const dispatch = useAppDispatch();
  const [log, { isLoading }] = useLogShelfRingMutation();
  const tell = async (body: ShelfEventInput['body'], done: string): Promise<boolean> => {
    try {
      await log({ id, events: [{ id: newId(), at: new Date().toISOString(), body }] }).unwrap();
      dispatch(noticeShown({ text: `${ring.name}: ${done}.` }));
      return true;
    } catch (error) {
      dispatch(noticeShown({ text: problemText(error), problem: true }));
      return false;
    }
  };
  return { tell, busy: isLoading };
}
