import { saidBy, type Sentences } from '../format';

/** What is said against a part exchange, by code. */
const WORDS = {
  'metal-refused': ({ metal, why }: { metal: string; why: string }) => `${metal}: ${why}`,
  'base-metal': ({ metal }: { metal: string }) => `${metal} is worth too little as metal to pay for a ring.`,
  'no-size': () => 'No ring can be made of such a piece with these punches.',
  'out-of-reach': ({ isSmaller }: { isSmaller: boolean }) =>
    `The size asked for is ${isSmaller ? 'smaller' : 'larger'} than such a piece can become.`,
} as const satisfies Sentences;

/** A reason against a part exchange, in its table's words. */
export const exchangeReason = saidBy(WORDS);
