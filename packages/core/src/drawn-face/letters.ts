import type { FaceSpot } from './height-field';

/** A place within a letter: letters stand on 0 and are 6 high. */
type Spot = readonly [x: number, y: number];

/** Lines that a punch-cutter would cut a letter with; of a curved one the places lie on the curve. */
interface LetterLine {
  readonly spots: readonly Spot[];
  readonly curved: boolean;
}

export interface Letter {
  readonly width: number;
  readonly lines: readonly LetterLine[];
}

/** Room between two letters, and the width of a blank, in the letters' own measure. */
export const LETTER_GAP = 1.5;
const BLANK_WIDTH = 2;
export const LETTER_HEIGHT = 6;

/** Width, then lines apart by a stroke; a tilde makes a line a curve through its places. */
const CUTS: Readonly<Record<string, readonly [width: number, lines: string]>> = {
  A: [4.2, '0,0 2.1,6 4.2,0|0.8,2 3.4,2'],
  B: [
    3.5,
    '0,0 0,6 1.7,6|~1.7,6 3,5.6 3.2,4.6 2.9,3.6 1.7,3.2|0,3.2 1.8,3.2|~1.8,3.2 3.2,2.7 3.5,1.6 3.2,.5 1.8,0|0,0 1.8,0',
  ],
  C: [4, '~4,4.9 3.2,5.8 2.1,6 .8,5.2 0,3 .8,.8 2.1,0 3.2,.2 4,1.1'],
  D: [3.9, '0,0 0,6 1.5,6|~1.5,6 3,5.5 3.9,3 3,.5 1.5,0|0,0 1.5,0'],
  E: [3.2, '3.2,6 0,6 0,0 3.2,0|0,3.1 2.6,3.1'],
  F: [3.1, '3.1,6 0,6 0,0|0,3 2.5,3'],
  G: [4.1, '~4,4.9 3.2,5.8 2.1,6 .8,5.2 0,3 .8,.8 2.1,0 3.3,.2 4.1,1|4.1,1 4.1,2.7 2.6,2.7'],
  H: [3.8, '0,0 0,6|3.8,0 3.8,6|0,3.1 3.8,3.1'],
  I: [0.4, '.2,0 .2,6'],
  J: [2.6, '2.6,6 2.6,1.6|~2.6,1.6 2.3,.5 1.3,0 .4,.4 0,1.4'],
  K: [3.7, '0,0 0,6|3.6,6 0,2.4|1.2,3.6 3.7,0'],
  L: [3, '0,6 0,0 3,0'],
  M: [4.8, '0,0 .3,6 2.4,1.4 4.5,6 4.8,0'],
  N: [3.9, '0,0 0,6 3.9,0 3.9,6'],
  O: [4.4, '~2.2,6 .7,5.2 0,3 .7,.8 2.2,0 3.7,.8 4.4,3 3.7,5.2 2.2,6'],
  P: [3.3, '0,0 0,6 1.7,6|~1.7,6 3,5.5 3.3,4.4 3,3.2 1.7,2.7|0,2.7 1.7,2.7'],
  Q: [4.4, '~2.2,6 .7,5.2 0,3 .7,.8 2.2,0 3.7,.8 4.4,3 3.7,5.2 2.2,6|2.7,1.5 4.4,-.4'],
  R: [3.6, '0,0 0,6 1.7,6|~1.7,6 3,5.5 3.3,4.5 3,3.4 1.7,2.9|0,2.9 1.7,2.9|1.8,2.9 3.6,0'],
  S: [3.4, '~3.2,5 2.6,5.8 1.7,6 .6,5.6 .2,4.6 .8,3.6 1.8,3.1 2.8,2.6 3.4,1.5 2.8,.4 1.7,0 .6,.3 0,1.2'],
  T: [3.8, '0,6 3.8,6|1.9,6 1.9,0'],
  U: [3.8, '0,6 0,2|~0,2 .5,.6 1.9,0 3.3,.6 3.8,2|3.8,2 3.8,6'],
  V: [4, '0,6 2,0 4,6'],
  W: [5.4, '0,6 1.3,0 2.7,5 4.1,0 5.4,6'],
  X: [3.8, '0,6 3.8,0|3.8,6 0,0'],
  Y: [3.8, '0,6 1.9,3 3.8,6|1.9,3 1.9,0'],
  Z: [3.6, '0,6 3.6,6 0,0 3.6,0'],
  0: [3.6, '~1.8,6 .6,5.2 0,3 .6,.8 1.8,0 3,.8 3.6,3 3,5.2 1.8,6'],
  1: [1.6, '0,4.8 1.4,6 1.4,0'],
  2: [3.4, '~.1,4.7 .7,5.7 1.8,6 2.9,5.5 3.2,4.3 2.6,3 0,0|0,0 3.4,0'],
  3: [
    3.3,
    '~.1,5 .8,5.8 1.7,6 2.7,5.6 3,4.6 2.5,3.6 1.4,3.2|~1.4,3.2 2.7,2.8 3.3,1.6 2.7,.4 1.6,0 .6,.2 0,1.1',
  ],
  4: [3.7, '2.7,0 2.7,6 0,1.7 3.7,1.7'],
  5: [3.3, '3,6 .5,6 .2,3.4|~.2,3.4 1.5,3.8 2.8,3.2 3.3,1.9 2.7,.5 1.5,0 .5,.2 0,1'],
  6: [3.4, '~2.9,5.4 2,6 .9,5.4 .1,3.6 .1,1.7 .7,.4 1.8,0 2.9,.5 3.4,1.8 2.9,3.1 1.8,3.6 .7,3.1 .1,1.9'],
  7: [3.3, '0,6 3.3,6 1.2,0'],
  8: [
    3.4,
    '~1.7,3.2 .5,3.8 .2,4.7 .7,5.7 1.7,6 2.7,5.7 3.2,4.7 2.9,3.8 1.7,3.2 .4,2.5 0,1.5 .5,.4 1.7,0 2.9,.4 3.4,1.5 3,2.5 1.7,3.2',
  ],
  9: [3.4, '~.5,.6 1.4,0 2.5,.6 3.3,2.4 3.3,4.3 2.7,5.6 1.6,6 .5,5.5 0,4.2 .5,2.9 1.6,2.4 2.7,2.9 3.3,4.1'],
  '·': [0.6, '.3,2.9 .3,3.1'],
  '-': [2, '0,3 2,3'],
};

function lineOf(text: string): LetterLine {
  const curved = text.startsWith('~');
  const spots = (curved ? text.slice(1) : text).split(' ').map((spot): Spot => {
    const [x = 0, y = 0] = spot.split(',').map(Number);
    return [x, y];
  });
  return { spots, curved };
}

/** @returns a blank for what has no letter here */
export function letterOf(sign: string): Letter {
  const [width, lines] = CUTS[sign.toUpperCase()] ?? [BLANK_WIDTH, ''];
  return { width, lines: lines === '' ? [] : lines.split('|').map(lineOf) };
}

/** A line of a text, in the letters' own measure: from the text's start, and up from its foot. */
export interface TextLine {
  readonly spots: readonly FaceSpot[];
  readonly curved: boolean;
}

/** All lines of a text, one letter behind the other, and how long it is with the room behind its last letter. */
export function linesOf(text: string): { readonly lines: readonly TextLine[]; readonly long: number } {
  let long = 0;
  const lines = [...text].map(letterOf).flatMap(({ width, lines: ofLetter }) => {
    const from = long;
    long += width + LETTER_GAP;
    return ofLetter.map(({ spots, curved }) => ({
      spots: spots.map(([x, y]) => ({ x: from + x, y })),
      curved,
    }));
  });
  return { lines, long };
}
