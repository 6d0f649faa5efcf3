import { reasonsBy, type ReasonWords } from '../forming';

/** What the route says of a coin ring's plan, by code. */
const WORDS = {
  'missing-tool': ({ tool }: { tool: string }) => ({
    message: `Your kit lacks ${tool}.`,
    instead:
      'Add it under Stock, Kit, or borrow one. “What can it become?” tells which sizes one tool would open.',
  }),
  'many-anneals': ({ anneals }: { anneals: number }) => ({
    message: `It takes ${anneals} anneals: this metal bears little between them.`,
    instead: 'A larger hole or a size nearer the natural one takes fewer.',
  }),
  'rim-would-grow': () => ({
    message: 'The rim never grows: on the way there the ring would need to be larger outside than the coin.',
    instead: 'Take a size a quarter smaller, or a method that stretches less.',
  }),
} as const satisfies ReasonWords;

/** A reason of the route, in its table's words. */
export const routeReason = reasonsBy(WORDS);
