import { useCallback } from 'react';
import { useDraft } from './use-draft';

/** A form in the making, about something new or something that is there already. */
export interface FormDraft<Texts, Thing> {
  /** What stands in its boxes. */
  readonly texts: Texts;
  readonly type: (part: Partial<Texts>) => void;
  /** The thing as it was when the change of it began; undefined for a new one. */
  readonly base: Thing | undefined;
  /** Lets go of it once it is saved. */
  readonly forget: () => void;
  /** For the line that tells of a form that goes on. */
  readonly line: { readonly name: string; readonly onStartOver: () => void };
}

/**
 * What is typed into a form, kept in the browser until it is saved; closed and opened again, it goes on.
 * @param name what it is a draft of: "tool/" and its id, or "tool/new"
 * @param start every box with what stands in it at first
 * @param thing what is changed
 */
export function useFormDraft<Texts extends object, Thing extends object = object>(
  name: string,
  start: Texts,
  thing?: Thing,
): FormDraft<Texts, Thing> {
  const begun: { readonly texts: Texts; readonly base: Thing | null } = { texts: start, base: thing ?? null };
  const { draft, change, forget, startOver } = useDraft(name, begun);
  const type = useCallback(
    (part: Partial<Texts>) => change((before) => ({ ...before, texts: { ...before.texts, ...part } })),
    [change],
  );
  return {
    // What was kept by an earlier version may lack a box of today.
    texts: { ...start, ...draft.texts },
    type,
    base: draft.base ?? undefined,
    forget,
    line: { name, onStartOver: startOver },
  };
}
