/** Kinds of step, as the HTTP interface names them. Part of them belong to other stock than coins. */
export const STEP_KINDS = [
  'cut',
  'deburr',
  'anneal',
  'fold',
  'flatten',
  'stretch',
  'reduce',
  'stepped',
  'straighten',
  'curl',
  'trim',
  'true-up',
  'read',
  'sand',
  'pickle',
  'patina',
  'plate',
  'polish',
  'bend',
  'close',
  'solder',
  'roll',
  'saw',
  'file',
  'assemble',
] as const;

/** How the finished ring's surface is left. */
export const FINISHES = ['as-formed', 'satin', 'polished', 'dark', 'fire-scale'] as const;

export const RISK_CODES = ['wrinkle', 'crack', 'rim-near-coin', 'wide-pusher-gap'] as const;

/** How far a piece has come, whatever its measures. */
export const STAGES = [
  'flat',
  'cupped',
  'funnel',
  /** Opened or closed at one edge on the way to a straight wall. */
  'half-way',
  'stepping',
  'tapered',
  /** Straight, still over its size. */
  'straight',
  /** Straight at the size from which it is curled, or finished when it is not. */
  'to-size',
  'curled',
] as const;

/** Faces of a coin. */
export const FACES = ['obverse', 'reverse'] as const;
