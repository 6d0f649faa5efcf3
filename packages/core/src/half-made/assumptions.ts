import { arcWidthMm, cutEdge, rimEdge } from '../forming';
import type { FittedWall } from './fit-wall';
import type { Assumption, StartedFrom } from './started-from';

const mm = (value: number, digits = 1) => `${value.toFixed(digits)} mm`;

/** Sizes this near are the same, mm. */
const SAME_MM = 0.05;

function holeAssumption(started: StartedFrom, { holeMm, holeFromHeight }: FittedWall): readonly Assumption[] {
  if (started.stage === 'punched') return [];
  return holeFromHeight
    ? [
        {
          code: 'hole-from-height',
          message: `Its hole was about ${mm(holeMm)}: that leaves a wall so high of this coin.`,
        },
      ]
    : [{ code: 'hole-as-planned', message: `Its hole was ${mm(holeMm)}, as planned.` }];
}

function shapeAssumptions(started: StartedFrom, fitted: FittedWall): readonly Assumption[] {
  const { stage, leanDeg, heightMm } = started;
  const found: Assumption[] = [];
  if (stage === 'punched') return found;
  if (fitted.hiddenEdge === 'rim') {
    const rimMm = fitted.edges.rimInsideDiameterMm;
    found.push({
      code: 'rim-hidden',
      message:
        started.rimDownMm >= rimMm - SAME_MM
          ? `No mandrel touches its rim edge: ${mm(rimMm)} is taken as measured across it.`
          : `No mandrel touches its rim edge: it is about ${mm(rimMm)}, as such a wall stands.`,
    });
  }
  if (fitted.hiddenEdge === 'cut') {
    found.push({
      code: 'cut-hidden',
      message: `No mandrel touches its cut edge: it is about ${mm(fitted.edges.cutInsideDiameterMm)}.`,
    });
  }
  if (stage === 'folded' && leanDeg === undefined) {
    const lean = `${fitted.leanDeg.toFixed(0)}°`;
    found.push({ code: 'lean-assumed', message: `Its wall leans ${lean}, as its edges and its width say.` });
  }
  if (stage === 'rounded' && leanDeg === undefined) {
    found.push({ code: 'curl-assumed', message: 'Its edges are turned in as one push in a 17° die does.' });
  }
  if (heightMm === undefined) {
    found.push({
      code: 'height-computed',
      message: `It is ${mm(fitted.heightMm)} high, ${mm(arcWidthMm(fitted.wall))} along the wall.`,
    });
  }
  return found;
}

/** The same of a finished band that is not of a coin: what its entry in the drawer says. */
export function bandAssumptions(
  { rimDownMm, cutDownMm, heightMm, thicknessRimMm, thicknessCutMm }: StartedFrom,
  band: { readonly widthMm: number; readonly thicknessMm: number },
): readonly Assumption[] {
  const found: Assumption[] = [];
  if (Math.abs(rimDownMm - cutDownMm) > SAME_MM) {
    const middle = mm((rimDownMm + cutDownMm) / 2);
    found.push({
      code: 'edges-alike',
      message: `Its edges are taken alike, at ${middle} between what was read.`,
    });
  }
  if (heightMm === undefined) {
    found.push({ code: 'height-computed', message: `It is ${mm(band.widthMm)} wide, as the stock says.` });
  }
  if (thicknessRimMm === undefined && thicknessCutMm === undefined) {
    found.push({
      code: 'thickness-computed',
      message: `It is ${mm(band.thicknessMm, 2)} thick, as the stock says.`,
    });
  }
  return found;
}

/** What was not measured of a half-made piece and is taken to be so; each can be measured and given instead. */
export function assumptionsOf(started: StartedFrom, fitted: FittedWall): readonly Assumption[] {
  const { stage, thicknessCutMm, thicknessRimMm } = started;
  const thickness: readonly Assumption[] =
    stage !== 'punched' && (thicknessCutMm === undefined || thicknessRimMm === undefined)
      ? [
          {
            code: 'thickness-computed',
            message: `It is ${mm(cutEdge(fitted.wall).thicknessMm, 2)} thick at the cut edge and ${mm(rimEdge(fitted.wall).thicknessMm, 2)} at the rim.`,
          },
        ]
      : [];
  const disagrees: readonly Assumption[] = fitted.disagrees
    ? [
        {
          code: 'measures-disagree',
          message:
            'No hole in this coin leaves a wall so high: look at the coin’s size and thickness, or at the height.',
        },
      ]
    : [];
  const metal: readonly Assumption[] =
    stage === 'punched'
      ? []
      : [
          {
            code: 'hard',
            message: 'It was not softened since it was formed: it is annealed before it is formed on.',
          },
          { code: 'no-lip', message: 'No lip stands inside the rim edge: trim it first if there is one.' },
        ];
  return [
    ...disagrees,
    ...holeAssumption(started, fitted),
    ...shapeAssumptions(started, fitted),
    ...thickness,
    ...metal,
  ];
}
