/** Why a way has its points. */
export const WHY_WORDS = {
  /** @param offMm wider than wanted; 0 where nobody would tell */
  width: (offMm: number) =>
    offMm === 0
      ? 'as wide as wanted'
      : `${Math.abs(offMm).toFixed(1)} mm ${offMm > 0 ? 'wider' : 'narrower'} than wanted`,
  anneal: 'anneal',
  lost: (share: number) => `${Math.round(share * 100)} in 100 lost`,
  needs: (tools: readonly string[]) => `needs ${tools.join(' and ')}`,
  edgesTurnedIn: 'edges turned in',
  stepped: 'stepped reduction under tape',
} as const;
