import { METALS, type Metal, type MetalId } from '../metal';
import { likelihoods, type Evidence } from './evidence';

export const OPERATIONS = ['heat', 'bend', 'fold', 'solder', 'polish-hard'] as const;
/** What one may want to do to a piece. */
export type Operation = (typeof OPERATIONS)[number];
export const ANSWERS = ['yes', 'no', 'unsure'] as const;
export type Answer = (typeof ANSWERS)[number];
export const CERTAINTIES = ['sure', 'likely', 'unsure'] as const;
export type Certainty = (typeof CERTAINTIES)[number];

export interface Suspect {
  readonly metal: MetalId;
  readonly name: string;
  /** 0 to 1, over all metals. */
  readonly probability: number;
}

export interface Identity {
  /** Most probable first; those that hardly come into question are left out. */
  readonly suspects: readonly Suspect[];
  readonly metal: MetalId;
  readonly certainty: Certainty;
  readonly may: Readonly<Record<Operation, Answer>>;
  /** The test that would tell most next; undefined when it is settled. */
  readonly nextTest: 'magnet' | 'mark' | 'density' | 'stone' | undefined;
}

const SURE = 0.95;
const LIKELY = 0.75;
/** A operation is open only when metals that bear it make up this much; ruled out when they make up no more than the rest. */
const OPEN = 0.95;
const SHUT = 0.3;
const WORTH_SHOWING = 0.01;

const bears: Readonly<Record<Operation, (metal: Metal) => boolean>> = {
  heat: ({ heat }) => heat !== 'never' && heat !== 'unplated-only',
  bend: ({ id }) => !['steel', 'stainless', 'titanium', 'zinc-core'].includes(id),
  fold: ({ refusal, heat }) => refusal === undefined && heat !== 'unplated-only',
  solder: ({ heat, id }) => heat !== 'never' && heat !== 'unplated-only' && id !== 'aluminium',
  'polish-hard': ({ id }) => !['silver-plate', 'zinc-core', 'pewter', 'clad'].includes(id),
};

function answerFor(
  operation: Operation,
  posterior: readonly { readonly metal: Metal; readonly probability: number }[],
): Answer {
  const share = posterior.reduce(
    (sum, { metal, probability }) => sum + (bears[operation](metal) ? probability : 0),
    0,
  );
  if (share >= OPEN) return 'yes';
  return share <= SHUT ? 'no' : 'unsure';
}

function nextTest(evidence: Evidence, certainty: Certainty): Identity['nextTest'] {
  if (evidence.magnet === undefined) return 'magnet';
  if (evidence.magnet === 'sticks' || certainty === 'sure') return undefined;
  if (evidence.mark === undefined) return 'mark';
  if (!evidence.weighing) return 'density';
  return evidence.stone ? undefined : 'stone';
}

/**
 * What a piece is, from whatever was tested (craft §2): every metal is weighed by how likely the answers are for it, all
 * alike before the first test. A operation is open only when nearly all that it may be bears it.
 */
export function identify(evidence: Evidence): Identity {
  const tests = likelihoods(evidence);
  const weights = METALS.map((metal) =>
    tests.reduce((product, likelihood) => product * likelihood(metal), 1),
  );
  const total = weights.reduce((sum, weight) => sum + weight, 0);
  const posterior = METALS.map((metal, i) => ({ metal, probability: (weights[i] ?? 0) / total })).sort(
    (a, b) => b.probability - a.probability,
  );
  const first = posterior[0];
  if (!first) throw new Error('no metals to choose from');
  const certainty = first.probability >= SURE ? 'sure' : first.probability >= LIKELY ? 'likely' : 'unsure';
  const may = Object.fromEntries(
    OPERATIONS.map((operation) => [operation, answerFor(operation, posterior)]),
  ) as Record<Operation, Answer>;
  // A magnet that sticks settles it, whatever else was found (craft §2).
  const stuck = evidence.magnet === 'sticks';
  return {
    suspects: posterior
      .filter(({ probability }) => probability >= WORTH_SHOWING)
      .map(({ metal, probability }) => ({ metal: metal.id, name: metal.name, probability })),
    metal: first.metal.id,
    certainty,
    may: stuck
      ? { heat: 'no', bend: 'no', fold: 'no', solder: 'no', 'polish-hard': may['polish-hard'] }
      : may,
    nextTest: nextTest(evidence, certainty),
  };
}
