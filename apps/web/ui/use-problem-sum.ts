import { useEffect, useRef, useState, type RefObject } from 'react';
import type { View } from 'react-native';

export interface ProblemSum {
  /** The part that holds the boxes. */
  readonly part: RefObject<View | null>;
  /** "2 boxes above need a change." while that is so after a try. */
  readonly words: string | undefined;
  /** To be told when it is tried to save. */
  readonly tried: () => void;
}

/** After a try to save a form: how many boxes are wrong, told beside the button, and the first of them ready to be typed in. */
export function useProblemSum(): ProblemSum {
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
      if (isFocusDue) boxes[0]?.focus();
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
