/** Why a plan stands as it does. Codes are stable; messages are for people. */
export interface Reason {
  readonly code: ReasonCode;
  readonly level: 'refuse' | 'warn' | 'note';
  readonly message: string;
  /** What would work instead, when the program knows. */
  readonly instead?: string;
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
  | 'thin-stock'
  | 'fill-off'
  | 'far-from-natural-size'
  | 'missing-tool'
  | 'many-anneals';

const LEVEL_ORDER: readonly Reason['level'][] = ['refuse', 'warn', 'note'];

/** Refusals first, then warnings, then notes; otherwise as given. */
export function gravestFirst(reasons: readonly Reason[]): readonly Reason[] {
  return [...reasons].sort((a, b) => LEVEL_ORDER.indexOf(a.level) - LEVEL_ORDER.indexOf(b.level));
}
