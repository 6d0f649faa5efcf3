/** From this many on the splines lie so near that an even ring stays even. */
const MANY_SPLINES = 6;

const oneMm = (lengthMm: number) => `${lengthMm.toFixed(1)} mm`;

/** How a ring is moved on a stretcher with so many splines (craft §13). */
function stretchingWords(splines: number): string {
  if (splines === 0) return 'a light blow, turn it over, read: it cannot go back, so stop a quarter short';
  const turn = `turn ${180 / splines}° between pulls`;
  return splines >= MANY_SPLINES ? `${turn}, or not at all while it stays even` : turn;
}

/** How a tool of the kit is used, by what it is. */
export const USE_WORDS = {
  punchThenFile: (tool: string, holeMm: number) => `${tool}, then file to ${oneMm(holeMm)}`,
  stretcher: (tool: string, splines: number) => `${tool}, ${stretchingWords(splines)}`,
  twoStretchers: (first: string, until: string, second: string) => `${first}, up to ${until}; then ${second}`,
  hollow: (tool: string) => `hollow of the ${tool}`,
  hole: (tool: string, holeMm: number) => `${tool}, hole ${holeMm}`,
  pusher: (tool: string) => `${tool} in the long die, under tape`,
  cone: (tool: string, lidHoleMm: number) => `${tool}, lid ${lidHoleMm}`,
} as const;

/** What a kit lacks, by what it is for. */
export const LACK_WORDS = {
  punch: (holeMm: number) => `a ${oneMm(holeMm)} punch`,
  foldDie: (coinDiameterMm: number, angleDeg: number) =>
    `a ${angleDeg}° fold die with a mouth of ${Math.ceil(coinDiameterMm)} mm or more`,
  stretcherInto: (insideMm: number) => `a stretcher that goes into ${oneMm(insideMm)}`,
  stretcherTo: (insideMm: number) => `a stretcher that reaches ${oneMm(insideMm)}`,
  hollow: (diameterMm: number) => `a dapping block with a hollow of ${diameterMm.toFixed(0)} mm`,
  hole: (angleDeg: number, outsideMm: number) => `a ${angleDeg}° reducing hole near ${oneMm(outsideMm)}`,
  pusher: (insideMm: number) => `a stepped pusher up to ${oneMm(insideMm)}`,
  cone: (fromMm: number, toMm: number) =>
    `an expansion cone and lid for ${fromMm.toFixed(1)} to ${oneMm(toMm)}`,
  mandrel: 'a ring mandrel',
} as const;
