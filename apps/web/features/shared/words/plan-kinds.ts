import type { WorkKind } from '@round-mint/core/work';

/** What the planner says of a kind of work. */
interface PlanKind {
  /** On its tab. */
  readonly tab: string;
  readonly title: string;
  /** On a piece of stock. */
  readonly action: string;
  readonly about: string;
  /** When no piece of its kind is in the drawer. */
  readonly none: string;
  /** What cannot be taken back. */
  readonly caution: { readonly title: string; readonly text: string };
}

const HALLMARK = 'Hallmarking rules may apply to what is sold as silver or gold: check local law.';

export const PLAN_KIND_WORDS: Readonly<Record<WorkKind, PlanKind>> = {
  handle: {
    tab: 'Silverware',
    title: 'A ring from a handle',
    action: 'Plan a spoon ring from it',
    about: 'Where to cut, which former to bend on, and whether the handle will do.',
    none: 'Add a spoon or a fork under Stock: thickness and width at a few places along its handle.',
    caution: { title: 'A handle that is cut short stays short.', text: HALLMARK },
  },
  strip: {
    tab: 'Strip',
    title: 'A band from strip or wire',
    action: 'Plan a band from it',
    about: 'Blank length, seam, texture, and rolling where the stock is too thick.',
    none: 'Add strip or wire under Stock: its section and what is left of it.',
    caution: { title: 'Measure twice: the saw takes its own width.', text: HALLMARK },
  },
  spinner: {
    tab: 'Spinner',
    title: 'Spinner ring',
    action: 'Plan a spinner from it',
    about: 'Both blanks, the room they need between them, and the flare that holds them together.',
    none: 'Add flat strip under Stock: the inner band comes from it.',
    caution: { title: 'Once flared, it cannot be taken apart.', text: HALLMARK },
  },
  'coin-band': {
    tab: 'Coin in band',
    title: 'Coin in an open band',
    action: 'Plan an open ring with it',
    about: 'Two side pieces coped to the coin, the step between them, and how far it opens for a knuckle.',
    none: 'Add a small coin under Stock.',
    caution: {
      title: 'Solder heats the coin: its colour and bloom are lost.',
      text: 'Altering coins is restricted in some countries: check local law. Never pass an altered coin.',
    },
  },
  resize: {
    tab: 'Resize',
    title: 'Resize a band',
    action: 'Plan a resize',
    about: 'Whether it may be tried, at what risk, in how many passes, and what it is afterwards.',
    none: 'Add the band under Stock: size, thickness, width, and whether it has stones or a seam.',
    caution: {
      title: 'Say the risk to its owner before you begin.',
      text: 'A band that cracks or flattens cannot be made as it was.',
    },
  },
};
