import type { Dispatch } from '@reduxjs/toolkit';
import { conflictAsked, conflictClosed } from './conflict-slice';
import type { BothChanged, Choice } from './merge-changes';

/** The maker's word on each field; undefined where they leave it to think about. */
type Chosen = Readonly<Record<string, Choice>> | undefined;

let answer: ((chosen: Chosen) => void) | undefined;

/** Asks which of two changes is to be kept, and waits for the answer. One question at a time. */
export async function askWhich(dispatch: Dispatch, both: readonly BothChanged[]): Promise<Chosen> {
  answer?.(undefined);
  const chosen = new Promise<Chosen>((resolve) => {
    answer = resolve;
  });
  dispatch(conflictAsked(both));
  try {
    return await chosen;
  } finally {
    dispatch(conflictClosed());
  }
}

/** Answers the question that is asked. */
export function answerWhich(chosen: Chosen): void {
  answer?.(chosen);
  answer = undefined;
}
