/** Which way round a mark is read, and how far a ring has come. */
export const STOP_WORDS = {
  bothWays: 'both ways round',
  way: (edge: string, otherMark: string) => `${edge} down; ${otherMark} the other way round`,
  toMark: (mark: string) => `, to ${mark}`,
  finish: 'Measure it and finish',
  place: (step: number, of: number) => `step ${step} of ${of}`,
} as const;

/** How far from its mark a tool is taken, and why. */
export const PAST_WORDS = {
  /** @param amount undefined for half a mark */
  by: (amount: string | undefined, isPast: boolean) =>
    `${amount === undefined ? 'half a mark' : `about ${amount}`} ${isPast ? 'past' : 'short of'}`,
  ends: (isMore: boolean) => `your rings read that much ${isMore ? 'more' : 'less'} at their end`,
  springs: 'it springs back by that',
  gauge: (isMore: boolean, tool: 'stretcher' | 'plate') =>
    `it springs back, and your mandrel reads ${isMore ? 'more' : 'less'} than ${tool === 'stretcher' ? 'the stretcher’s scale' : 'the plate’s size'}`,
} as const;
