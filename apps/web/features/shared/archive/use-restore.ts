import { noticeShown } from '@/store/notices-slice';
import { problemText } from '@/store/problem';
import { useAppDispatch } from '@/store/store';

type Restore = (id: string) => { unwrap: () => Promise<unknown> };

/** Takes a thing out of the archive and says so, or says why it could not. */
export function useRestore(restore: Restore) {
  const dispatch = useAppDispatch();
  return async (id: string, name: string): Promise<void> => {
    try {
      await restore(id).unwrap();
      dispatch(noticeShown({ text: `${name} is back.` }));
    } catch (error) {
      dispatch(noticeShown({ text: problemText(error), problem: true }));
    }
  };
}
