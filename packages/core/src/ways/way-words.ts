import { countWords } from '../format';
import type { WayWork } from './way';

/** How a work is made, of what is told of it in a list, by kind; and how much is said against it. */
export const HOW_MADE_WORDS = {
  of: (work: WayWork, otherName: string | undefined): readonly string[] => {
    switch (work.kind) {
      case 'handle':
        return [`${work.style}, the ${work.keptEnd} shows`];
      case 'strip':
        return [
          ...(work.rolledToMm === undefined ? [] : [`rolled to ${work.rolledToMm.toFixed(1)} mm`]),
          ...(work.widthMm === undefined ? [] : ['filed to its width']),
        ];
      case 'spinner':
        return [`outer band ${work.outerWidthMm.toFixed(1)} mm wide from ${otherName}`];
      case 'coin-band':
        return [`sides from ${otherName}`];
    }
  },
  /** What is said against it stands in its plan. */
  warned: (count: number): readonly string[] => (count === 0 ? [] : [countWords(count, 'warning')]),
} as const;
