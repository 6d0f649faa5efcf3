import type { Curling, FormedWall, FormingBlow } from './blow';
import { curledWall, curlDrops, deepestPushMm, depthForDropMm, dropsAt, type CurlTool } from './curl-law';
import { arcWidthMm, cutEdge, mapMeridian, rimEdge } from './meridian';
import { hoopsBetween, middleThicknessMm, standsUpright } from './places';
import { sharesAlong } from './share';
import { addStrain, alongWall, curlStrain, UNSTRAINED } from './strain';

type CurlBlow = Extract<FormingBlow, { kind: 'curl' }>;

function begin({ wall, strainSinceAnneal }: FormedWall, { tool, atOnce }: CurlBlow): Curling {
  // Edges of a funnel would not meet the tool squarely.
  if (!standsUpright(wall)) throw new RangeError('edges are turned in on an upright wall');
  const insideDiameterMm = Math.min(cutEdge(wall).insideDiameterMm, rimEdge(wall).insideDiameterMm);
  const thicknessMm = middleThicknessMm(wall);
  return {
    straight: wall,
    band: { insideDiameterMm, widthMm: arcWidthMm(wall), thicknessMm, atOnce },
    tool,
    depthMm: { cut: 0, rim: 0 },
    strainBefore: strainSinceAnneal,
    strain: UNSTRAINED,
    softenedAt: UNSTRAINED,
  };
}

/** The push in another tool that would have brought an edge in as far. */
function sameInOther(curling: Curling, depthMm: number, tool: CurlTool): number {
  if (depthMm === 0) return 0;
  const { edgeMm } = curlDrops(curling.band, curling.tool, depthMm);
  return depthForDropMm(curling.band, tool, edgeMm);
}

function sameTool(a: CurlTool, b: CurlTool): boolean {
  return a.kind === 'cone'
    ? b.kind === 'cone' && a.angleDeg === b.angleDeg
    : b.kind === 'hollow' && a.radiusMm === b.radiusMm;
}

/** The wall after an edge, or both, have been pushed on by a depth. */
export function curled(before: FormedWall, blow: CurlBlow, shareShift: number): FormedWall {
  const begun = before.curling ?? begin(before, blow);
  const { tool, edge, depthMm } = blow;
  const far = sameTool(begun.tool, tool)
    ? begun.depthMm
    : {
        cut: sameInOther(begun, begun.depthMm.cut, tool),
        rim: sameInOther(begun, begun.depthMm.rim, tool),
      };
  const depth = {
    cut: far.cut + (edge === 'rim' ? 0 : depthMm),
    rim: far.rim + (edge === 'cut' ? 0 : depthMm),
  };
  if (Math.max(depth.cut, depth.rim) >= deepestPushMm(begun.band, tool)) {
    throw new RangeError('the edge meets the bottom of the hollow: push less, or take a narrower hollow');
  }
  const drops = dropsAt(begun.band, tool, depth);
  const { straight, band } = begun;
  const share = sharesAlong(straight, 'curl', shareShift);
  const wall = mapMeridian(straight, curledWall(band.insideDiameterMm, drops), { share });
  const hoops = hoopsBetween(straight, wall);
  const widthMm = arcWidthMm(wall);
  const mean = (of: (drop: (typeof drops)['cut']) => number) => (of(drops.cut) + of(drops.rim)) / 2;
  const slope =
    (mean(({ exponent }) => exponent) * mean(({ edgeMm, bellyMm }) => edgeMm - bellyMm)) / widthMm;
  const hoop = { edge: Math.max(hoops[0], hoops[4]), middle: hoops[2] };
  const strain = curlStrain(hoop, slope, band.thicknessMm / widthMm);
  const since = alongWall((_place, i) => Math.max(0, (strain[i] ?? 0) - (begun.softenedAt[i] ?? 0)));
  return {
    wall,
    strainSinceAnneal: addStrain(begun.strainBefore, since),
    curling: { ...begun, tool, depthMm: depth, strain },
  };
}
