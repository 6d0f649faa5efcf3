import { noticeShown } from '@/store/notices-slice';
import { useAppDispatch } from '@/store/store';
import { copyText } from '@/ui/copy-text';

/** Copies text and says so. @param what that is copied, at the start of a sentence */
export function useCopy(): (text: string, what: string) => Promise<void> {
  const dispatch = useAppDispatch();
  return async (text, what) => {
    const copied = await copyText(text);
    dispatch(
      noticeShown({
        text: copied ? `${what} copied.` : `${what} could not be copied: this browser keeps its clipboard.`,
      }),
    );
  };
}
