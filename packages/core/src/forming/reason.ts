import { tellBy } from '../format';

/** Why something stands as it does. Codes are stable kebab-case words; messages are for people. */
export interface Reasoned {
  readonly code: string;
  readonly level: 'refuse' | 'warn' | 'note';
  readonly message: string;
  /** What would work instead, when the program knows. */
  readonly instead?: string;
  /** A warning against comfort or luck, not geometry or safety: the maker may overrule it and says why. */
  readonly limit?: 'comfort' | 'risk';
}

/** Why the plan of a coin ring stands as it does. */
export interface Reason extends Reasoned {
  readonly code: ReasonCode;
}

export type ReasonCode =
  | 'metal-refused'
  | 'metal-note'
  | 'stock-not-round'
  | 'stock-holed'
  | 'stock-ring-cored'
  | 'land-too-narrow'
  | 'hole-larger-than-ring'
  | 'rim-would-grow'
  | 'rim-too-compressed'
  | 'needs-stepped'
  | 'cut-edge-thin'
  | 'cut-edge-sharp'
  | 'hollow-too-small'
  | 'hollow-too-wide'
  | 'thin-stock'
  | 'fill-off'
  | 'far-from-natural-size'
  | 'missing-tool'
  | 'many-anneals'
  | 'finish-needs-copper'
  | 'finish-shows-wear'
  | 'finish-wears-plate'
  | 'finish-may-not-take'
  /** What a test of the piece found. */
  | `may-not-${string}`
  | `unsure-${string}`;

/** What a table says of a reason. */
type Told = Pick<Reasoned, 'message' | 'instead'>;

/** Sentences by code: each is made from the figures that go with its code. */
export type ReasonWords = Readonly<Record<string, (...figures: never[]) => Told>>;

/**
 * Makes reasons of codes and figures. Their sentences stand in a table, apart from what finds the reasons: another
 * language is another table.
 */
export function reasonsBy<Words extends ReasonWords>(words: Words) {
  const tell = tellBy<Told, Words>(words);
  return <Code extends keyof Words & string>(
    code: Code,
    level: Reasoned['level'],
    ...figures: Parameters<Words[Code]>
  ): Reasoned & { readonly code: Code } => ({ code, level, ...tell(code, ...figures) });
}

const LEVEL_ORDER: readonly Reasoned['level'][] = ['refuse', 'warn', 'note'];

/** Refusals first, then warnings, then notes; otherwise as given. */
export function gravestFirst<T extends Reasoned>(reasons: readonly T[]): readonly T[] {
  return [...reasons].sort((a, b) => LEVEL_ORDER.indexOf(a.level) - LEVEL_ORDER.indexOf(b.level));
}
