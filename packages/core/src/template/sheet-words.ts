const mm = (lengthMm: number) => lengthMm.toFixed(1);

/** What stands on sheets that are printed at true scale. */
export const CHECK_BAR_WORDS =
  'This bar is 50 mm long. Print at 100%, then measure it; if it is not, do not use the sheet.';

export const BLANK_WORDS = {
  title: (name: string) => `Cutting template: ${name}`,
  use: 'Cut it out, lay it on the back of the handle with the kept end above, and scribe round it.',
  keptEnd: 'kept end',
  exact: (lengthMm: number) => `exact: ${mm(lengthMm)} mm`,
  rough: (lengthMm: number) => `rough: ${mm(lengthMm)} mm, bend, then trim`,
} as const;

export const CENTRING_WORDS = {
  title: (coinName: string, diameterMm: number, holeMm: number) =>
    `Centring: ${coinName}, ${mm(diameterMm)} mm, hole ${mm(holeMm)} mm`,
  target: 'Target: lay the coin on the full circle, its top at 12; carry the lines over with a scriber.',
  card: 'Card holder: cut the full circle out of card as thick as the coin; press the coin in; line up the marks.',
} as const;

export const CHART_WORDS = {
  title: (bands: { readonly textured: boolean; readonly isHalfRound: boolean; readonly seamMm: number }) => {
    const shape = bands.isHalfRound ? 'half-round ' : '';
    const surface = bands.textured ? `hammered ${shape}bands, cut half a size short` : `smooth ${shape}bands`;
    return `Blank lengths of ${surface}, mm, with ${mm(bands.seamMm)} mm for the seam`;
  },
  size: 'size',
  thick: (thicknessMm: number) => `${mm(thicknessMm)} thick`,
} as const;

export const COIN_BAND_WORDS = {
  title: (name: string) => `Coin in band: ${name}`,
  lies: 'As it lies for soldering, face down; free corners rounded:',
  cut: (lengthMm: number, widthMm: number, sagittaMm: number) =>
    `Cut two: ${mm(lengthMm)} mm of strip ${mm(widthMm)} mm wide; cope one end ${mm(sagittaMm)} mm deep.`,
} as const;

export const FINGER_WORDS = {
  strip: (prefix: string) => `Finger strip, sizes in ${prefix}`,
  use: 'Cut out, cut the slit, wrap it round the finger’s base and pull the long end through; read at the slit.',
  slit: 'slit',
  measure: 'Measure in the evening, with a warm hand, three times. The knuckle has to pass: measure it too.',
  holes: 'Ring holes: lay a ring on the circle that fills it',
  fills: 'The line shows all round inside the ring, and nothing outside of it.',
} as const;
