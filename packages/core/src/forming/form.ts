import type { Coin } from '../stock';
import type { FormedWall, FormingBlow } from './blow';
import { curled } from './curl-blow';
import { washerOf } from './estimate';
import { foldDraw, foldStrokes } from './fold-law';
import { arcWidthMm, flatMeridian, mapMeridian, placesAlong, type Meridian } from './meridian';
import { atPlaces, hoopsBetween, middleThicknessMm } from './places';
import { coneDraw, reducedWall } from './reduced-wall';
import { flatThicknessMm, sharesAlong, stoutnessOf, type AlongWall } from './share';
import { addStrain, blowStrain, coneStrain, UNSTRAINED, type StrainedBlow } from './strain';
import { throatWall } from './tool-shape';
import { closedTo, openedTo, straightWall } from './wall-shape';

type Fold = Extract<FormingBlow, { kind: 'fold' }>;
type Reduce = Extract<FormingBlow, { kind: 'reduce' }>;

function strained(before: FormedWall, wall: Meridian, strain: AlongWall): FormedWall {
  return { wall, strainSinceAnneal: addStrain(before.strainSinceAnneal, strain) };
}

function middleRadiusMm(wall: Meridian): number {
  return atPlaces(wall, wall.meanRadiusMm)[2];
}

function after(before: FormedWall, wall: Meridian, blow: StrainedBlow): FormedWall {
  // The study's laws go by the blank's radius in a fold, by the ring's afterwards.
  const tau = blow === 'fold' ? 2 * stoutnessOf(wall) : flatThicknessMm(wall) / middleRadiusMm(wall);
  return strained(before, wall, blowStrain(blow, hoopsBetween(before.wall, wall), tau));
}

/** The wall closed in an open cone. */
function afterCone(before: FormedWall, wall: Meridian, insideDiameterMm: number): FormedWall {
  const straightInsideMm = 2 * middleRadiusMm(before.wall) - middleThicknessMm(before.wall);
  const strain = coneStrain(hoopsBetween(before.wall, wall), {
    widthMm: arcWidthMm(wall),
    meanDiameterMm: 2 * middleRadiusMm(wall),
    dropMm: straightInsideMm - insideDiameterMm,
  });
  return strained(before, wall, strain);
}

function folded(before: FormedWall, { angleDeg, dieMouthMm }: Fold, shareShift: number): FormedWall {
  const { wall } = before;
  const leanDeg = atPlaces(wall, wall.leanDeg)[2];
  if (leanDeg <= angleDeg + 1) throw new RangeError('the wall stands steeper than that die already');
  const draw = foldDraw(wall, leanDeg, angleDeg);
  const widthDraw = placesAlong(wall).map(draw);
  const share = sharesAlong(wall, 'fold', shareShift);
  const shape = foldStrokes(wall, angleDeg, { mouthRadiusMm: dieMouthMm && dieMouthMm / 2 })(1);
  return after(before, mapMeridian(wall, shape, { share, widthDraw }), 'fold');
}

function stretched(before: FormedWall, insideDiameterMm: number, shareShift: number): FormedWall {
  const { wall } = before;
  const share = sharesAlong(wall, 'open', shareShift);
  const shape = openedTo(straightWall(insideDiameterMm), wall);
  return after(before, mapMeridian(wall, shape, { share }), 'open');
}

function reduced(before: FormedWall, blow: Reduce, shareShift: number): FormedWall {
  const { wall } = before;
  const { edge, dieAngleDeg, through = 'throat', insideDiameterMm } = blow;
  const tool =
    edge === 'both'
      ? reducedWall(insideDiameterMm, through, wall)
      : throatWall(edge, insideDiameterMm, dieAngleDeg, 1);
  const share = sharesAlong(wall, through, shareShift);
  const widthDraw = through === 'cone' && edge === 'both' ? coneDraw(insideDiameterMm, wall) : 1;
  const closed = mapMeridian(wall, closedTo(tool, wall), { share, widthDraw });
  return through === 'cone' ? afterCone(before, closed, insideDiameterMm) : after(before, closed, through);
}

/**
 * The wall after one blow, by the laws of the finite-element study (docs/validation.md).
 * @param shareShift added to the share of every fibre: how this bench differs, as the log has taught
 * @throws RangeError when no tool could do it to this wall
 */
export function formed(before: FormedWall, blow: FormingBlow, shareShift = 0): FormedWall {
  switch (blow.kind) {
    case 'fold':
      return folded(before, blow, shareShift);
    case 'stretch':
      return stretched(before, blow.insideDiameterMm, shareShift);
    case 'reduce':
      return reduced(before, blow, shareShift);
    case 'curl':
      return curled(before, blow, shareShift);
    case 'anneal': {
      const { wall, curling } = before;
      return {
        wall,
        strainSinceAnneal: UNSTRAINED,
        ...(curling ? { curling: { ...curling, strainBefore: UNSTRAINED, softenedAt: curling.strain } } : {}),
      };
    }
  }
}

/** The flat washer of a coin and a hole, soft. */
export function flatWall(coin: Coin, holeMm: number, intervals?: number): FormedWall {
  const { diameterMm, thicknessMm } = washerOf(coin, holeMm);
  return {
    wall: flatMeridian(holeMm / 2, diameterMm / 2, thicknessMm, intervals),
    strainSinceAnneal: UNSTRAINED,
  };
}

/** The walls after each of a list of blows. */
export function formBlows(
  flat: FormedWall,
  blows: readonly FormingBlow[],
  shareShift = 0,
): readonly FormedWall[] {
  const walls: FormedWall[] = [];
  let wall = flat;
  for (const blow of blows) {
    wall = formed(wall, blow, shareShift);
    walls.push(wall);
  }
  return walls;
}
