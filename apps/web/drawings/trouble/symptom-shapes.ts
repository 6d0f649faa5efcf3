import type { Symptom } from '@round-mint/core/ring';

/** A drawing of 48 by 48: the piece, and what is wrong with it. */
export interface SymptomShape {
  readonly piece: string;
  readonly wrong: string;
}

const FUNNEL = 'M8 14h32l-6 20h-20z';
const BAND = 'M10 14h28v20h-28z';
const DISC = 'M24 6a18 18 0 1 0 .01 0z';
const WASHER = `${DISC}M24 17a7 7 0 1 0 .01 0z`;

/** What each trouble looks like, from the side unless it is a washer or an open band. */
export const SYMPTOM_SHAPES: Readonly<Record<Symptom, SymptomShape>> = {
  'crack-at-cut-edge': { piece: FUNNEL, wrong: 'M22 34l2-6-3-3 2-5' },
  'split-on-second-fold': { piece: FUNNEL, wrong: 'M18 34l2-8-3-5 3-7' },
  flare: { piece: 'M8 18l14-2 18-8-6 26h-20z', wrong: 'M22 16l18-8M36 4l4 4-5 2' },
  saddle: { piece: 'M8 16l6 20q10 6 20 0l6-20', wrong: 'M8 16q16 12 32 0' },
  wobble: { piece: 'M8 14l32-3-6 20-19 1zM6 40h36', wrong: 'M16 33v6M34 32l2 7' },
  'hole-off-centre': { piece: DISC, wrong: 'M30 17a7 7 0 1 0 .01 0z' },
  'stuck-on-cone': { piece: 'M24 6l10 36h-20z', wrong: 'M12 20h24l-3 10h-18z' },
  'stuck-low-on-expansion-cone': { piece: 'M24 6l12 36h-24z', wrong: 'M9 32h30v7h-30z' },
  'size-overshot-up': { piece: BAND, wrong: 'M10 24h-8M6 20l-4 4 4 4M38 24h8M42 20l4 4-4 4' },
  'size-overshot-down': { piece: BAND, wrong: 'M2 24h8M6 20l4 4-4 4M46 24h-8M42 20l-4 4 4 4' },
  'edges-differ': { piece: FUNNEL, wrong: 'M8 9h32M14 39h20' },
  'hollow-after-reducing': { piece: 'M10 12h28M10 36h28', wrong: 'M10 12q8 12 0 24M38 12q-8 12 0 24' },
  'detail-flattened': { piece: BAND, wrong: 'M15 20h5M15 27h9M28 20h6M28 27h4' },
  'wrinkled-rim': { piece: 'M8 16l6 20h20l6-20', wrong: 'M8 16q4-6 8 0t8 0 8 0 8 0' },
  'cut-edge-too-thin': { piece: 'M18 8h12l-5 32h-2z', wrong: 'M12 40h8M28 40h8' },
  'pusher-dented': { piece: 'M16 34v-28h16v28', wrong: 'M16 34q4-7 8 0t8 0' },
  'dents-on-edge': { piece: 'M10 34v-20h28v20', wrong: 'M10 34h5l3-6 3 6h6l3-6 3 6h5' },
  'marker-did-not-fade': { piece: WASHER, wrong: 'M12 13l6 5M32 12l4 6M12 33l7-2' },
  blistered: {
    piece: WASHER,
    wrong: 'M13 20a3 3 0 1 0 .01 0zM35 21a2 2 0 1 0 .01 0zM21 35a2 2 0 1 0 .01 0z',
  },
  'pink-after-pickle': { piece: 'M6 18v22h36v-22M6 24q6-4 12 0t12 0 12 0', wrong: 'M18 29h12v7h-12z' },
  'patina-blotchy': { piece: BAND, wrong: 'M15 20q5-3 6 1t-5 3zM28 26q5-2 5 3t-6 1z' },
  'plating-peels': { piece: BAND, wrong: 'M26 14q1 10 12 10M30 14q1 6 8 6' },
  'handle-will-not-close': { piece: 'M14 12a16 16 0 1 0 20 0', wrong: 'M14 12h20' },
  'gap-in-joint': { piece: 'M21 8a16 16 0 1 0 6 0', wrong: 'M21 8v7M27 8v7' },
  'spinner-binds': { piece: `${DISC}M24 13a11 11 0 1 0 .01 0z`, wrong: 'M24 6v7M7 18l6 3M41 18l-6 3' },
  'solder-did-not-flow': {
    piece: 'M6 22h16v10h-16zM26 22h16v10h-16z',
    wrong: 'M21 18a3 3 0 1 0 6 0 3 3 0 1 0-6 0',
  },
  'between-sizes': { piece: 'M14 42v-26q0-8 10-8t10 8v26', wrong: 'M10 24h28M10 31h28' },
};
