import { arcWidthMm, cutEdge, rimEdge } from '../forming';
import { assumed, assumedOfBand } from './assumption-words';
import type { FittedWall } from './fit-wall';
import type { Assumption, StartedFrom } from './started-from';

/** Sizes this near are the same, mm. */
const SAME_MM = 0.05;

function holeAssumption(started: StartedFrom, { holeMm, holeFromHeight }: FittedWall): readonly Assumption[] {
  if (started.stage === 'punched') return [];
  return [assumed(holeFromHeight ? 'hole-from-height' : 'hole-as-planned', { holeMm })];
}

function shapeAssumptions(started: StartedFrom, fitted: FittedWall): readonly Assumption[] {
  const { stage, leanDeg, heightMm } = started;
  const found: Assumption[] = [];
  if (stage === 'punched') return found;
  if (fitted.hiddenEdge === 'rim') {
    const rimMm = fitted.edges.rimInsideDiameterMm;
    found.push(assumed('rim-hidden', { rimMm, measured: started.rimDownMm >= rimMm - SAME_MM }));
  }
  if (fitted.hiddenEdge === 'cut') {
    found.push(assumed('cut-hidden', { cutMm: fitted.edges.cutInsideDiameterMm }));
  }
  if (stage === 'folded' && leanDeg === undefined) found.push(assumed('lean-assumed', fitted));
  if (stage === 'rounded' && leanDeg === undefined) found.push(assumed('curl-assumed'));
  if (heightMm === undefined) {
    found.push(assumed('height-computed', { heightMm: fitted.heightMm, alongMm: arcWidthMm(fitted.wall) }));
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
    found.push(assumedOfBand('edges-alike', { middleMm: (rimDownMm + cutDownMm) / 2 }));
  }
  if (heightMm === undefined) found.push(assumedOfBand('height-computed', band));
  if (thicknessRimMm === undefined && thicknessCutMm === undefined) {
    found.push(assumedOfBand('thickness-computed', band));
  }
  return found;
}

/** What was not measured of a half-made piece and is taken to be so; each can be measured and given instead. */
export function assumptionsOf(started: StartedFrom, fitted: FittedWall): readonly Assumption[] {
  const { stage, thicknessCutMm, thicknessRimMm } = started;
  const isKnown = thicknessCutMm !== undefined && thicknessRimMm !== undefined;
  const [cutMm, rimMm] = [cutEdge(fitted.wall).thicknessMm, rimEdge(fitted.wall).thicknessMm];
  const thickness = stage === 'punched' || isKnown ? [] : [assumed('thickness-computed', { cutMm, rimMm })];
  const disagrees = fitted.disagrees ? [assumed('measures-disagree')] : [];
  const metal = stage === 'punched' ? [] : [assumed('hard'), assumed('no-lip')];
  return [
    ...disagrees,
    ...holeAssumption(started, fitted),
    ...shapeAssumptions(started, fitted),
    ...thickness,
    ...metal,
  ];
}
