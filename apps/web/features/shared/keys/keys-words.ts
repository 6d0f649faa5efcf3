import { PLACES } from '@/features/shared/tabs/places';

/** A key or a gesture, and what it does. */
export type KeyLine = readonly [key: string, what: string];

interface KeyGroup {
  readonly title: string;
  readonly lines: readonly KeyLine[];
}

/** Every key and gesture of the app. */
export const KEY_GROUPS: readonly KeyGroup[] = [
  {
    title: 'Everywhere',
    lines: [
      ...PLACES.map(({ name }, i): KeyLine => [String(i + 1), name]),
      ['/', 'search'],
      ['?', 'this list'],
      ['Tab', 'to the next thing'],
      ['Enter', 'press or choose it'],
      ['← →', 'within a row of choices'],
      ['Esc', 'close a sheet'],
    ],
  },
  {
    title: 'A ring at the bench',
    lines: [
      ['← →', 'look at other steps'],
      ['d', 'step done'],
      ['r', 'log a reading'],
      ['t', 'trouble'],
      ['u', 'undo what was logged last'],
    ],
  },
  {
    title: 'Hands-free',
    lines: [
      ['Space', 'step done, as are Enter and Page Down'],
      ['Page Up', 'undo'],
    ],
  },
  {
    title: 'A ring in the round',
    lines: [
      ['← →', 'turn it'],
      ['↑ ↓', 'tilt it'],
      ['+ −', 'nearer, further'],
    ],
  },
  {
    title: 'Fingers and mouse',
    lines: [
      ['tap', 'a number or a word underlined with dots: what it is and where it comes from'],
      ['swipe', 'across a bench step: look at the next or the one before'],
      ['swipe', 'across the section of a plan, or beside its ring: see the other of the two'],
      ['drag', 'a ring in the round: turn it; two fingers tilt it and bring it nearer'],
      ['drag', 'a piece of work in the day plan: pin it to another time'],
    ],
  },
];
