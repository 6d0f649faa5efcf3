import { lastTouch, type HandleVerdict } from '../handle';
import { metalById } from '../metal';
import { count, length, share, size, words, type WorkFigure } from './figure';
import { formerGives, handleFigure, INPUT, releaseWords } from './figure-words';
import { TOUCH_WORDS } from './handle-words';
import type { HandlePiece, HandleWork } from './kinds';
import type { WorkWish } from './plan-shape';

/** Of a handle whose stations tell none, mm. */
export const DEFAULT_WIDTH_MM = 10;

/** Owned formers this near the size are told of, mm. */
const NEAR_MM = 2.5;

/** Turns and pitch, where they were solved for. */
function spiralFigures({ style, fit, turns = 1, pitchMm = 0 }: HandleWork): readonly WorkFigure[] {
  if (style !== 'spiral' || fit === undefined) return [];
  const turned = words(turns.toFixed(2));
  return fit === 'turns'
    ? [handleFigure('turns', turned, [[INPUT.pitch, length(pitchMm)]])]
    : [handleFigure('pitch', length(pitchMm), [[INPUT.turns, turned]])];
}

/** What is told of a ring from a handle. */
export function handleFigures(
  { work, piece, targetInsideDiameterMm }: WorkWish<HandleWork, HandlePiece>,
  verdict: HandleVerdict,
): readonly WorkFigure[] {
  const { thickest, meanThicknessMm, used, former, idealFormerMm } = verdict;
  const target = [INPUT.target, size(targetInsideDiameterMm)] as const;
  const thickness = [INPUT.meanThickness, length(meanThicknessMm, 2)] as const;
  const nearFormers = verdict.formers
    .filter(({ releasedMm }) => Math.abs(releasedMm - targetInsideDiameterMm) <= NEAR_MM)
    .map(({ formerMm, releasedMm }) => [formerGives(formerMm), size(releasedMm)] as const);
  return [
    handleFigure('length', length(verdict.lengthMm), [target, thickness, [INPUT.from, length(used.fromMm)]]),
    handleFigure('rough', length(verdict.roughLengthMm), [[INPUT.exact, length(verdict.lengthMm)]]),
    handleFigure('left', length(Math.max(0, verdict.leftOverMm)), [[INPUT.usedTo, length(used.toMm)]]),
    handleFigure('thickest', length(thickest.thicknessMm, 2), [[INPUT.at, length(thickest.atMm)]]),
    handleFigure('strain', share(verdict.strainOutside), [
      thickness,
      target,
      [INPUT.metalBears, share(verdict.bendLimit)],
    ]),
    handleFigure(
      'former',
      length(former.formerMm),
      [
        [INPUT.exact, length(idealFormerMm)],
        thickness,
        [INPUT.temper, words(verdict.temper)],
        ...nearFormers,
      ],
      releaseWords(former.releasedMm, TOUCH_WORDS[lastTouch(former, targetInsideDiameterMm)]),
    ),
    handleFigure(
      work.style === 'spiral' ? 'height of a spiral' : 'height',
      length(verdict.heightMm ?? DEFAULT_WIDTH_MM),
      [[INPUT.width, length(verdict.widthMm ?? DEFAULT_WIDTH_MM)]],
    ),
    ...spiralFigures(work),
    handleFigure('anneals', count(verdict.anneals, 'anneals'), [
      [INPUT.bears, share(metalById(piece.metal).allowanceStrainLog)],
    ]),
  ];
}
