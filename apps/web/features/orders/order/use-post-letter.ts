import type { MessageInput } from '@round-mint/contract/outbox';
import { useRef, useState } from 'react';
import { newId } from '@/store/new-id';
import { noticeShown } from '@/store/notices-slice';
import { problemText } from '@/store/problem';
import { useAppDispatch } from '@/store/store';
import { usePostMessageMutation } from '@/store/trade-api';

/** Puts a letter into the outbox; pressed again after a failure, it is the same letter. */
export function usePostLetter() {
  const dispatch = useAppDispatch();
  const [post, { isLoading }] = usePostMessageMutation();
  const [problem, setProblem] = useState<string>();
  const id = useRef(newId());
  const send = async (letter: Omit<MessageInput, 'id'>): Promise<boolean> => {
    setProblem(undefined);
    try {
      await post({ ...letter, id: id.current }).unwrap();
      id.current = newId();
      dispatch(noticeShown({ text: 'The letter lies in the outbox. Nothing has left this machine.' }));
      return true;
    } catch (error) {
      setProblem(problemText(error));
      return false;
    }
  };
  return { send, busy: isLoading, problem };
}
