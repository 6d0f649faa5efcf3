import { useEffect, useRef, useState, type RefObject } from 'react';
import type { View } from 'react-native';

/** What is told beside the button of a form. */
export interface ProblemSum {
  /** "2 boxes above need a change." while that is so after a try. */
  readonly words: string | undefined;
  /** To be told when it is tried to save. */
  readonly tried: () => void;
}

/** A box that is typed into, or of a group that one is chosen from the one that the keyboard comes to. */
function firstStop(box: HTMLElement | undefined): HTMLElement | null | undefined {
  return box?.matches('[role=radiogroup]') ? box.querySelector<HTMLElement>('[tabindex="0"]') : box;
}

/**
 * After a try to save a form: how many boxes are wrong, told beside the button, and the first of them ready to be typed in.
 * @returns `part`, which goes to what holds the boxes, and what is told
 */
export function useProblemSum(): ProblemSum & { readonly part: RefObject<View | null> } {
  const part = useRef<View>(null);
  const [tries, setTries] = useState(0);
  const [wrong, setWrong] = useState(0);
  useEffect(() => {
    const element: unknown = part.current;
    if (tries === 0 || typeof HTMLElement === 'undefined' || !(element instanceof HTMLElement))
      return undefined;
    let isFocusDue = true;
    const look = () => {
      const boxes = element.querySelectorAll<HTMLElement>('[aria-invalid=true]');
      setWrong(boxes.length);
      if (isFocusDue) firstStop(boxes[0])?.focus();
      isFocusDue &&= boxes.length === 0;
    };
    // A form may tell its boxes a moment later, and each tells by itself when it is mended.
    const observer = new MutationObserver(look);
    observer.observe(element, { subtree: true, childList: true, attributeFilter: ['aria-invalid'] });
    look();
    return () => observer.disconnect();
  }, [tries]);
  return {
    part,
    words:
      wrong === 0
        ? undefined
        : wrong === 1
          ? '1 box above needs a change.'
          : `${wrong} boxes above need a change.`,
    tried: () => setTries((before) => before + 1),
  };
}
