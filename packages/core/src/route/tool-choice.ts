import { toolsOf, type Kit, type Tool } from './kit';

/** A punch counts as the hole asked for within this, mm. */
const PUNCH_MATCH_MM = 0.05;

/** A tool chosen for a step, or the words for the one that is missing. */
export type ToolChoice = { readonly tool: Tool; readonly use: string } | { readonly missing: string };

function nearest<T>(candidates: readonly T[], distance: (candidate: T) => number): T | undefined {
  return candidates.reduce<T | undefined>(
    (best, next) => (best === undefined || distance(next) < distance(best) ? next : best),
    undefined,
  );
}

export function choosePunch(kit: Kit, holeMm: number): ToolChoice {
  const found = toolsOf(kit, 'punch').find(
    ({ spec }) => Math.abs(spec.diameterMm - holeMm) <= PUNCH_MATCH_MM,
  );
  return found ? { tool: found.tool, use: found.tool.name } : { missing: `a ${holeMm.toFixed(1)} mm punch` };
}

/** The gentle first stroke: the ball nearest the coin, in the block; undefined when none is owned. */
export function chooseBall(kit: Kit, coinDiameterMm: number): ToolChoice | undefined {
  const found = nearest(toolsOf(kit, 'dapping-ball'), ({ spec }) =>
    Math.abs(spec.diameterMm - coinDiameterMm * 0.75),
  );
  return found && { tool: found.tool, use: `${found.tool.name}, in the dapping block` };
}

/** The smallest fold die of the wanted angle whose mouth takes the coin. */
export function chooseFoldDie(kit: Kit, coinDiameterMm: number, angleDeg: number): ToolChoice {
  const found = nearest(
    toolsOf(kit, 'fold-die').filter(
      ({ spec }) => spec.mouthMm >= coinDiameterMm && spec.angleDeg === angleDeg,
    ),
    ({ spec }) => spec.mouthMm,
  );
  return found
    ? { tool: found.tool, use: found.tool.name }
    : { missing: `a ${angleDeg}° fold die with a mouth of ${Math.ceil(coinDiameterMm)} mm or more` };
}

export function chooseStretcher(kit: Kit, largestInsideMm: number): ToolChoice {
  const found = nearest(
    toolsOf(kit, 'stretcher').filter(({ spec }) => spec.largestMm >= largestInsideMm),
    ({ spec }) => spec.largestMm,
  );
  return found
    ? { tool: found.tool, use: `${found.tool.name}, turn ${180 / found.spec.splines}° between pulls` }
    : { missing: `a stretcher that reaches ${largestInsideMm.toFixed(1)} mm` };
}

/** The hole that a ring is pushed into to bring it to an outside diameter: the nearest one of the wanted angle. */
export function chooseReducingHole(kit: Kit, outsideDiameterMm: number, angleDeg: number): ToolChoice {
  const holes = toolsOf(kit, 'reducing-die')
    .filter(({ spec }) => spec.angleDeg === angleDeg)
    .flatMap(({ tool, spec }) => spec.holesMm.map((holeMm) => ({ tool, holeMm })));
  const entering = holes.filter(
    ({ holeMm }) => holeMm >= outsideDiameterMm - 3 && holeMm <= outsideDiameterMm + 1,
  );
  const found = nearest(entering, ({ holeMm }) => Math.abs(holeMm - outsideDiameterMm));
  return found
    ? { tool: found.tool, use: `${found.tool.name}, hole ${found.holeMm}` }
    : { missing: `a ${angleDeg}° reducing hole near ${outsideDiameterMm.toFixed(1)} mm` };
}

export function choosePusher(kit: Kit, insideDiameterMm: number): ToolChoice {
  const found = nearest(
    toolsOf(kit, 'stepped-pusher').filter(({ spec }) => spec.diameterMm <= insideDiameterMm + 0.1),
    ({ spec }) => insideDiameterMm - spec.diameterMm,
  );
  return found
    ? { tool: found.tool, use: `${found.tool.name} in the long die, under tape` }
    : { missing: `a stepped pusher up to ${insideDiameterMm.toFixed(1)} mm` };
}

export function chooseMandrel(kit: Kit): ToolChoice {
  const found = toolsOf(kit, 'mandrel')[0];
  return found ? { tool: found.tool, use: found.tool.name } : { missing: 'a ring mandrel' };
}
