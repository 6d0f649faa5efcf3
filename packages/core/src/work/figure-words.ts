import { figuresBy } from './figure';

const STRIP_BOOK = 'Handbook of the trade: strip bands and rolling.';
const SILVERWARE_BOOK = 'Handbook of the trade: silverware, blank length and bending.';
const COIN_BAND_BOOK = 'Handbook of the trade: the adjustable coin-in-band.';
const SPINNER_BOOK = 'Handbook of the trade: the two-part spinner.';
const RESIZE_BOOK = 'Handbook of the trade: resizing a finished band.';
const GEOMETRY = 'Geometry of what you entered.';

const VOLUME_KEPT = 'Its volume is kept: width and thickness both change by the root of the lengths’ ratio.';

/** Names of the numbers that a figure follows from. */
export const INPUT = {
  target: 'Target',
  thickness: 'Thickness',
  meanThickness: 'Mean thickness where it bends',
  seam: 'Seam',
  shortForHammering: 'Short for hammering',
  from: 'From',
  to: 'To',
  thereIs: 'There is',
  spare: 'Spare for the ends',
  beforeNarrowed: 'Before it is narrowed',
  length: 'Length',
  ofRectangle: 'Of its rectangle',
  inBand: 'In the band',
  rollingLimit: 'It bears, as ln(h₀/h)',
  coin: 'Coin',
  strip: 'Strip',
  stripWidth: 'Strip width',
  sagitta: 'Sagitta',
  innerThickness: 'Inner thickness',
  outerThickness: 'Outer thickness',
  outerWidth: 'Outer width',
  outerInside: 'Outer inside ⌀',
  innerOutside: 'Inner outside ⌀',
  eachSide: 'Each side',
  bearsBetween: 'It bears between anneals',
  now: 'Now',
  patterned: 'Patterned',
  bears: 'Bears',
  metalBears: 'This metal bears',
  exact: 'Exact',
  usedTo: 'Used to',
  at: 'At',
  temper: 'Temper',
  width: 'Width',
  pitch: 'Pitch',
  turns: 'Turns',
} as const;

/** The figures of a band from strip or wire. */
export const stripFigure = figuresBy({
  length: {
    label: 'Cut at',
    words: 'The middle of the band is π(ID + t) long; the saw and the file take the seam.',
    source: STRIP_BOOK,
  },
  'length of half-round': {
    label: 'Cut at',
    words:
      'Half-round keeps its length nearer the finger than a flat band: π(ID + 0.85 t). The saw and the file take the seam.',
    source: STRIP_BOOK,
  },
  closedAt: {
    label: 'Closed at',
    words: 'Hammering and texture lengthen a band: it is closed half a size small and grows to its size.',
    source: STRIP_BOOK,
  },
  uses: { label: 'Of the strip', words: 'What leaves the strip.', source: GEOMETRY },
  'uses before rolling': {
    label: 'Of the strip',
    words: 'Cut off before it is rolled: volume is kept, and rolled ends come out uneven.',
    source: GEOMETRY,
  },
  width: {
    label: 'Width',
    words:
      'As the strip is, or as the rolls leave it, since metal spreads as it is flattened; narrowed where less is wanted.',
    source: STRIP_BOOK,
  },
  passes: {
    label: 'Rolling passes',
    words: 'Each takes at most 12% off; anneals come when the metal has had its share.',
    source: STRIP_BOOK,
  },
  rollingAnneals: {
    label: 'Anneals between',
    words: 'Before the metal has had more between the rolls than it bears.',
    source: STRIP_BOOK,
  },
  mass: { label: 'Metal in it', words: 'Volume times the density of the metal.', source: GEOMETRY },
  scrap: {
    label: 'From scrap',
    words: 'To be melted for it: some stays in the crucible, in the ends cut off and in filings.',
    source: 'A common allowance; change it by what your ingots cost you.',
  },
});

/** The figures of a coin in an open band. */
export const coinBandFigure = figuresBy({
  developed: {
    label: 'Length round',
    words: 'π(ID + t) of the strip, coin and sides together.',
    source: COIN_BAND_BOOK,
  },
  side: {
    label: 'Each side',
    words: 'What the coin leaves, in halves, on the centre line.',
    source: COIN_BAND_BOOK,
  },
  cut: {
    label: 'Cut each at',
    words: 'Longer by the sagitta: the coped end reaches back at its edges.',
    source: COIN_BAND_BOOK,
  },
  sagitta: {
    label: 'Sagitta',
    words: 'D/2 − √(D²/4 − w²/4): how deep the coin stands in the coped end.',
    source: COIN_BAND_BOOK,
  },
  punch: {
    label: 'Cope with',
    words: 'The owned punch nearest the coin’s diameter.',
    source: COIN_BAND_BOOK,
  },
  step: {
    label: 'Step at the joint',
    words: 'Coin less strip: above nothing the coin stands proud.',
    source: COIN_BAND_BOOK,
  },
  opening: {
    label: 'Opens for the knuckle',
    words: 'How far the free ends part to pass it.',
    source: COIN_BAND_BOOK,
  },
});

/** What the inner ends are coped with where no punch is near. */
export const NO_PUNCH = 'a file';

/** The figures of a spinner. */
export const spinnerFigure = figuresBy({
  innerLength: { label: 'Inner blank', words: 'π(ID + t); the seam comes on top.', source: SPINNER_BOOK },
  innerWidth: {
    label: 'Inner width',
    words: 'Two millimetres wider than the outer band.',
    source: SPINNER_BOOK,
  },
  outerLength: {
    label: 'Outer blank',
    words: 'π times the middle of the outer band; the seam comes on top.',
    source: SPINNER_BOOK,
  },
  outerInside: {
    label: 'Outer inside ⌀',
    words: 'Outside of the inner band and the clearance in which it turns.',
    source: SPINNER_BOOK,
  },
  flare: {
    label: 'Flare to ⌀',
    words: 'Past the outer band, so that it cannot come off.',
    source: SPINNER_BOOK,
  },
  flareStrain: {
    label: 'Edge stretch',
    words: 'What the flared edges of the inner band stretch.',
    source: SPINNER_BOOK,
  },
});

/** How likely a new size is to go wrong. */
export const RISK_WORDS = {
  low: 'low',
  usual: 'as usual',
  high: 'high: with luck',
  refuse: 'refused',
} as const;

/** A change of size. */
export function changeWords(amount: string, isSmaller: boolean): string {
  return `${amount} ${isSmaller ? 'smaller' : 'larger'}`;
}
export const NO_CHANGE = 'none';

export function yesOrNo(is: boolean): string {
  return is ? 'yes' : 'no';
}

/** The figures of a band made another size. */
export const resizeFigure = figuresBy({
  change: { label: 'Change', words: 'Target less what it is now.', source: GEOMETRY },
  risk: {
    label: 'Risk',
    words:
      'Patterned bands made smaller: one size is safe, two the usual most, three only with luck. A seam, plating or a hollow makes each one step worse.',
    source: RESIZE_BOOK,
  },
  strain: {
    label: 'Stretch of the band',
    words: 'ln((d₂ + t)/(d₁ + t)), as a share of its length.',
    source: RESIZE_BOOK,
  },
  anneals: {
    label: 'Anneals',
    words: 'Each two or three sizes, or by what the metal bears when that comes sooner.',
    source: RESIZE_BOOK,
  },
  thickness: { label: 'Thickness after', words: VOLUME_KEPT, source: RESIZE_BOOK },
  width: { label: 'Width after', words: VOLUME_KEPT, source: RESIZE_BOOK },
});

/** The figures of a ring from a handle. */
export const handleFigure = figuresBy({
  length: {
    label: 'Cut at',
    words:
      'Each slice of the handle runs round the finger at half its own thickness outside it; slices are added up until the turn is whole.',
    source: SILVERWARE_BOOK,
  },
  rough: {
    label: 'Or rough',
    words: 'The other method: a tenth longer, bent, and trimmed to meet.',
    source: SILVERWARE_BOOK,
  },
  left: { label: 'Rest of the handle', words: 'What stays of the handle after the cut.', source: GEOMETRY },
  thickest: {
    label: 'Thickest bend',
    words: 'The thickest place that has to bend; it decides whether the handle serves.',
    source: SILVERWARE_BOOK,
  },
  strain: {
    label: 'Outside stretch',
    words: 'A bend stretches its outside by t/(ID + t).',
    source: 'Elementary bending; limits of general metal tables.',
  },
  former: {
    label: 'Former',
    words: 'A former of the finger’s own size comes out too large.',
    source: 'Elastic recovery of a bent sheet, 1/(4x³ − 3x + 1); corrected by what your log taught.',
  },
  height: { label: 'Height', words: 'The handle’s width there.', source: GEOMETRY },
  'height of a spiral': {
    label: 'Height',
    words: 'Width of the handle and the climb of all turns.',
    source: GEOMETRY,
  },
  turns: {
    label: 'Turns',
    words: 'So many that the whole handle is used: n√((π(ID + t))² + p²) is its length.',
    source: SILVERWARE_BOOK,
  },
  pitch: { label: 'Pitch', words: 'So steep that the whole handle is used.', source: SILVERWARE_BOOK },
  anneals: {
    label: 'Anneals',
    words: 'As often as the stretch of the outside fills what this metal bears.',
    source: SILVERWARE_BOOK,
  },
});

/** How a former lets a handle go, before what is said of every former. */
export function releaseWords(releasedMm: number, touch: string): string {
  return `After release it opens to about ${releasedMm.toFixed(1)} mm${touch}.`;
}

/** The name of what a former gives. */
export function formerGives(formerMm: number): string {
  return `${formerMm.toFixed(1)} mm former gives`;
}
