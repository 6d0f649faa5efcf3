/** Which face of a coin is to show; either is open. */
export const FACES = [
  { value: '', label: 'either' },
  { value: 'obverse', label: 'obverse' },
  { value: 'reverse', label: 'reverse' },
] as const;
