import { lastTouch, type HandleVerdict } from '../handle';
import { metalById } from '../metal';
import { count, length, share, size, words, type WorkFigure } from './figure';
import { TOUCH_WORDS } from './handle-words';
import type { HandlePiece, HandleWork } from './kinds';
import type { WorkWish } from './plan-shape';

const HANDBOOK = 'Handbook of the trade: silverware, blank length and bending.';
/** Of a handle whose stations tell none, mm. */
export const DEFAULT_WIDTH_MM = 10;

/** Owned formers this near the size are told of, mm. */
const NEAR_MM = 2.5;

/** Turns and pitch, where they were solved for. */
function spiralFigures({ style, fit, turns = 1, pitchMm = 0 }: HandleWork): readonly WorkFigure[] {
  if (style !== 'spiral' || fit === undefined) return [];
  const whole = 'So many that the whole handle is used: n√((π(ID + t))² + p²) is its length.';
  return fit === 'turns'
    ? [
        {
          key: 'turns',
          label: 'Turns',
          value: words(turns.toFixed(2)),
          words: whole,
          inputs: [['Pitch', length(pitchMm)]],
          source: HANDBOOK,
        },
      ]
    : [
        {
          key: 'pitch',
          label: 'Pitch',
          value: length(pitchMm),
          words: 'So steep that the whole handle is used.',
          inputs: [['Turns', words(turns.toFixed(2))]],
          source: HANDBOOK,
        },
      ];
}

/** What is told of a ring from a handle. */
export function handleFigures(
  { work, piece, targetInsideDiameterMm }: WorkWish<HandleWork, HandlePiece>,
  verdict: HandleVerdict,
): readonly WorkFigure[] {
  const { thickest, meanThicknessMm, used, former, idealFormerMm } = verdict;
  const target = ['Target', size(targetInsideDiameterMm)] as const;
  const thickness = ['Mean thickness where it bends', length(meanThicknessMm, 2)] as const;
  return [
    {
      key: 'length',
      label: 'Cut at',
      value: length(verdict.lengthMm),
      words:
        'Each slice of the handle runs round the finger at half its own thickness outside it; slices are added up until the turn is whole.',
      inputs: [target, thickness, ['From', length(used.fromMm)]],
      source: HANDBOOK,
    },
    {
      key: 'rough',
      label: 'Or rough',
      value: length(verdict.roughLengthMm),
      words: 'The other method: a tenth longer, bent, and trimmed to meet.',
      inputs: [['Exact', length(verdict.lengthMm)]],
      source: HANDBOOK,
    },
    {
      key: 'left',
      label: 'Rest of the handle',
      value: length(Math.max(0, verdict.leftOverMm)),
      words: 'What stays of the handle after the cut.',
      inputs: [['Used to', length(used.toMm)]],
      source: 'Geometry of what you entered.',
    },
    {
      key: 'thickest',
      label: 'Thickest bend',
      value: length(thickest.thicknessMm, 2),
      words: 'The thickest place that has to bend; it decides whether the handle serves.',
      inputs: [['At', length(thickest.atMm)]],
      source: HANDBOOK,
    },
    {
      key: 'strain',
      label: 'Outside stretch',
      value: share(verdict.strainOutside),
      words: 'A bend stretches its outside by t/(ID + t).',
      inputs: [thickness, target, ['This metal bears', share(verdict.bendLimit)]],
      source: 'Elementary bending; limits of general metal tables.',
    },
    {
      key: 'former',
      label: 'Former',
      value: length(former.formerMm),
      words: `After release it opens to about ${former.releasedMm.toFixed(1)} mm${TOUCH_WORDS[lastTouch(former, targetInsideDiameterMm)]}. A former of the finger’s own size comes out too large.`,
      inputs: [
        ['Exact', length(idealFormerMm)],
        thickness,
        ['Temper', words(verdict.temper)],
        ...verdict.formers
          .filter(({ releasedMm }) => Math.abs(releasedMm - targetInsideDiameterMm) <= NEAR_MM)
          .map(
            ({ formerMm, releasedMm }) =>
              [`${formerMm.toFixed(1)} mm former gives`, size(releasedMm)] as const,
          ),
      ],
      source: 'Elastic recovery of a bent sheet, 1/(4x³ − 3x + 1); corrected by what your log taught.',
    },
    {
      key: 'height',
      label: 'Height',
      value: length(verdict.heightMm ?? DEFAULT_WIDTH_MM),
      words:
        work.style === 'spiral'
          ? 'Width of the handle and the climb of all turns.'
          : 'The handle’s width there.',
      inputs: [['Width', length(verdict.widthMm ?? DEFAULT_WIDTH_MM)]],
      source: 'Geometry of what you entered.',
    },
    ...spiralFigures(work),
    {
      key: 'anneals',
      label: 'Anneals',
      value: count(verdict.anneals, 'anneals'),
      words: 'As often as the stretch of the outside fills what this metal bears.',
      inputs: [['Bears', share(metalById(piece.metal).allowanceStrainLog)]],
      source: HANDBOOK,
    },
  ];
}
