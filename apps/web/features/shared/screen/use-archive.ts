import { noticeShown, type ArchivedKind } from '@/store/notices-slice';
import { problemText } from '@/store/problem';
import { useAppDispatch } from '@/store/store';

type Remove = (id: string) => { unwrap: () => Promise<void> };

/**
 * Archives a thing and says so, with undo; or says why it could not. Tells whether it went.
 * @param done what is said behind its name
 */
export function useArchive(kind: ArchivedKind, remove: Remove, done = 'was archived') {
  const dispatch = useAppDispatch();
  return async ({ id, name }: { readonly id: string; readonly name: string }): Promise<boolean> => {
    try {
      await remove(id).unwrap();
      dispatch(noticeShown({ text: `${name} ${done}.`, undo: { kind, id } }));
      return true;
    } catch (error) {
      dispatch(noticeShown({ text: problemText(error), problem: true }));
      return false;
    }
  };
}
