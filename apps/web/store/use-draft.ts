import { useCallback, useEffect, useRef, useState, type Dispatch, type SetStateAction } from 'react';
import { forgetDraft, keepDraft, readDraft } from './drafts';

interface Draft<T> {
  readonly draft: T;
  readonly change: Dispatch<SetStateAction<T>>;
  /** Lets go of it once it is saved. */
  readonly forget: () => void;
  readonly startOver: () => void;
}

/**
 * What is being typed somewhere, kept in the browser from the first change on: a reload, Back, another place or a lost
 * server leave it as it is.
 * @param name what it is a draft of, as it is when it is begun: "finish/" and the ring's id
 */
export function useDraft<T>(name: string, start: T): Draft<T> {
  const [kept] = useState(name);
  const [begun] = useState(start);
  const [draft, change] = useState(() => readDraft(kept, begun));
  /** What needs no keeping: as it was read, or begun anew. */
  const settled = useRef(draft);
  useEffect(() => {
    if (draft !== settled.current) keepDraft(kept, draft);
  }, [kept, draft]);
  const forget = useCallback(() => forgetDraft(kept), [kept]);
  const startOver = useCallback(() => {
    settled.current = begun;
    change(begun);
    forgetDraft(kept);
  }, [kept, begun]);
  return { draft, change, forget, startOver };
}
