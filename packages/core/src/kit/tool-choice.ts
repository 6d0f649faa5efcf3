import { writeSize, type SizeSystemId } from '../size';
import { degToRad } from '../numeric';
import { isSameMm, toolsOf, type ExpansionCone, type Kit, type Tool, type ToolKind } from './kit';
import { soundTools } from './wear';
import type { ToolContact } from './tool-contact';
import { LACK_WORDS, USE_WORDS } from './tool-words';

/** A hole is filed out to this much over its punch, mm of diameter: what trueing an off-centre hole takes. */
const MOST_FILED_MM = 1.5;

/** A tool that the kit lacks for a step, and the measure that matters about it. */
export interface MissingTool {
  readonly kind: ToolKind;
  /** "a stretcher that reaches 21.3 mm" */
  readonly words: string;
  readonly sizeMm: number;
  /** Whether a smaller measure asks more of the tool, as with a pusher. */
  readonly smallerIsHarder: boolean;
}

/** A tool chosen for a step, or the one that is missing. */
export type ToolChoice =
  | { readonly tool: Tool; readonly use: string; readonly contact?: ToolContact }
  | { readonly missing: MissingTool };

function nearest<T>(candidates: readonly T[], distance: (candidate: T) => number): T | undefined {
  return candidates.reduce<T | undefined>(
    (best, next) => (best === undefined || distance(next) < distance(best) ? next : best),
    undefined,
  );
}

/** What the sound tools of a kit offer; where they offer nothing, what all of them do. */
function soundFirst<T>(kit: Kit, offer: (kit: Kit) => T | undefined): T | undefined {
  const sound = soundTools(kit);
  return (sound === kit ? undefined : offer(sound)) ?? offer(kit);
}

function lacks(kind: ToolKind, sizeMm: number, words: string, smallerIsHarder = false): ToolChoice {
  return { missing: { kind, sizeMm, words, smallerIsHarder } };
}

export function choosePunch(kit: Kit, holeMm: number): ToolChoice {
  const found = soundFirst(kit, (tools) =>
    toolsOf(tools, 'punch').find(({ spec }) => isSameMm(spec.diameterMm, holeMm)),
  );
  const contact = { kind: 'punch', diameterMm: holeMm } as const;
  if (found) return { tool: found.tool, use: found.tool.name, contact };
  const smaller = soundFirst(kit, (tools) =>
    nearest(
      toolsOf(tools, 'punch').filter(
        ({ spec }) => spec.diameterMm < holeMm && spec.diameterMm >= holeMm - MOST_FILED_MM,
      ),
      ({ spec }) => holeMm - spec.diameterMm,
    ),
  );
  return smaller
    ? { tool: smaller.tool, use: USE_WORDS.punchThenFile(smaller.tool.name, holeMm), contact }
    : lacks('punch', holeMm, LACK_WORDS.punch(holeMm));
}

/** The gentle first stroke: the ball nearest three quarters of the coin, in the block; undefined when none is owned. */
export function chooseBall(kit: Kit, coinDiameterMm: number): { tool: Tool; diameterMm: number } | undefined {
  const found = soundFirst(kit, (tools) =>
    nearest(toolsOf(tools, 'dapping-ball'), ({ spec }) => Math.abs(spec.diameterMm - coinDiameterMm * 0.75)),
  );
  return found && { tool: found.tool, diameterMm: found.spec.diameterMm };
}

/** A fold die that a washer goes into, and what it leaves. */
export interface FoldDieChoice {
  readonly angleDeg: number;
  /** Of the die, mm; a coin that is wider does not go in whole. Left out, it does. */
  readonly narrowMouthMm?: number | undefined;
  readonly choice: ToolChoice;
}

/** A coin this much wider than a die's mouth still turns over its corner and slides in, mm: as far as was studied. */
const MOST_OVER_MOUTH_MM = 4;

/**
 * The fold dies that take the coin: the mouth lets it in, or nearly so, and the folded rim still lies above the small
 * end, so that it cannot fall through. Of each angle the tightest that lets it in whole, else the widest.
 * @param rimOutsideMm outside diameter that the rim has after the whole fold at an angle
 */
export function foldDies(
  kit: Kit,
  coinDiameterMm: number,
  rimOutsideMm: (angleDeg: number) => number,
): readonly FoldDieChoice[] {
  const taking = toolsOf(kit, 'fold-die').filter(
    ({ spec }) =>
      spec.mouthMm >= coinDiameterMm - MOST_OVER_MOUTH_MM && spec.smallEndMm < rimOutsideMm(spec.angleDeg),
  );
  const angles = [...new Set(taking.map(({ spec }) => spec.angleDeg))].sort((a, b) => a - b);
  return angles.flatMap((angleDeg) => {
    const ofAngle = taking.filter(({ spec }) => spec.angleDeg === angleDeg);
    const found = soundFirst(kit, (tools) =>
      nearest(
        ofAngle.filter(({ tool }) => tools.includes(tool)),
        ({ spec: { mouthMm } }) => (mouthMm >= coinDiameterMm ? mouthMm - coinDiameterMm : 1e3 - mouthMm),
      ),
    );
    if (!found) return [];
    const { smallEndMm, mouthMm } = found.spec;
    const choice = {
      tool: found.tool,
      use: found.tool.name,
      contact: { kind: 'fold-die', angleDeg, smallEndMm },
    } as const;
    return [{ angleDeg, choice, ...(mouthMm < coinDiameterMm ? { narrowMouthMm: mouthMm } : {}) }];
  });
}

export function lacksFoldDie(coinDiameterMm: number, angleDeg: number): ToolChoice {
  return lacks('fold-die', coinDiameterMm, LACK_WORDS.foldDie(coinDiameterMm, angleDeg));
}

/** Two tools whose ranges end and begin at the same size meet: a reading is no finer, mm. */
const MEET_MM = 0.02;

/** The stretcher that goes into the ring before the pull and reaches the size after it: the shortest reach that will do. */
export function chooseStretcher(kit: Kit, fromInsideMm: number, toInsideMm: number): ToolChoice {
  const found = soundFirst(kit, (tools) =>
    nearest(
      toolsOf(tools, 'stretcher').filter(
        ({ spec }) => spec.largestMm >= toInsideMm && spec.smallestMm <= fromInsideMm + MEET_MM,
      ),
      ({ spec }) => spec.largestMm,
    ),
  );
  if (found) {
    const { taperDeg = 0, splines: count } = found.spec;
    return {
      tool: found.tool,
      use: USE_WORDS.stretcher(found.tool.name, count),
      contact: { kind: 'splines', taperDeg, count },
    };
  }
  const reaches = toolsOf(kit, 'stretcher').some(({ spec }) => spec.largestMm >= toInsideMm);
  return reaches
    ? lacks('stretcher', fromInsideMm, LACK_WORDS.stretcherInto(fromInsideMm), true)
    : lacks('stretcher', toInsideMm, LACK_WORDS.stretcherTo(toInsideMm));
}

/** Inside diameters at which one stretcher of the kit ends and another may go on, mm. */
export function stretcherEndsMm(kit: Kit): readonly number[] {
  return toolsOf(kit, 'stretcher').map(({ spec }) => spec.largestMm);
}

/**
 * The stretcher that opens a ring from one size to another, as it is used and touches; two where one ends and another
 * goes on.
 * @returns undefined where no owned one does it, nor two
 */
export function stretchersFor(
  kit: Kit,
  fromInsideMm: number,
  toInsideMm: number,
  system: SizeSystemId = 'us',
): { readonly use: string; readonly toolId: string; readonly contact: ToolContact | undefined } | undefined {
  const choice = chooseStretcher(kit, fromInsideMm, toInsideMm);
  if ('tool' in choice) return { use: choice.use, toolId: choice.tool.id, contact: choice.contact };
  for (const endMm of stretcherEndsMm(kit)) {
    if (endMm <= fromInsideMm || endMm >= toInsideMm) continue;
    const first = chooseStretcher(kit, fromInsideMm, endMm);
    const second = chooseStretcher(kit, endMm, toInsideMm);
    if ('tool' in first && 'tool' in second) {
      const use = USE_WORDS.twoStretchers(first.use, writeSize(endMm, system), second.use);
      return { use, toolId: second.tool.id, contact: second.contact };
    }
  }
  return undefined;
}

/** A block's hollow is cut for its ball, mm of diameter. */
const HOLLOW_MATCH_MM = 0.5;

/** The hollow of the dapping block that belongs to a ball of a diameter. */
export function chooseHollow(kit: Kit, diameterMm: number, contact: ToolContact): ToolChoice {
  const found = soundFirst(kit, (tools) =>
    toolsOf(tools, 'dapping-ball').find(
      ({ spec }) => Math.abs(spec.diameterMm - diameterMm) <= HOLLOW_MATCH_MM,
    ),
  );
  return found
    ? { tool: found.tool, use: USE_WORDS.hollow(found.tool.name), contact }
    : lacks('dapping-ball', diameterMm, LACK_WORDS.hollow(diameterMm));
}

/** Taper of the stretcher that would be used to reach a size, or that ends the pull where two share it, degrees; 0 when none is owned. */
export function stretcherTaperDeg(kit: Kit, fromInsideMm: number, toInsideMm: number): number {
  const choices = [
    fromInsideMm,
    ...stretcherEndsMm(kit).filter((mm) => mm > fromInsideMm && mm < toInsideMm),
  ];
  const choice = choices.map((mm) => chooseStretcher(kit, mm, toInsideMm)).find((one) => 'tool' in one);
  return choice && 'tool' in choice && choice.contact?.kind === 'splines' ? choice.contact.taperDeg : 0;
}

/** A ring this much over a hole still starts into its cone, mm; one this much under it is still guided. */
const HOLE_WINDOW_MM = { over: 3, under: 1 };

/** The hole that a ring is pushed into to bring it to an outside diameter: the nearest one of the wanted angle. */
export function chooseReducingHole(
  kit: Kit,
  outsideDiameterMm: number,
  angleDeg: number,
  contact: ToolContact,
): ToolChoice {
  const found = soundFirst(kit, (tools) => {
    const holes = toolsOf(tools, 'reducing-die')
      .filter(({ spec }) => spec.angleDeg === angleDeg)
      .flatMap(({ tool, spec }) => spec.holesMm.map((holeMm) => ({ tool, holeMm })));
    const entering = holes.filter(
      ({ holeMm }) =>
        holeMm >= outsideDiameterMm - HOLE_WINDOW_MM.over &&
        holeMm <= outsideDiameterMm + HOLE_WINDOW_MM.under,
    );
    return nearest(entering, ({ holeMm }) => Math.abs(holeMm - outsideDiameterMm));
  });
  return found
    ? { tool: found.tool, use: USE_WORDS.hole(found.tool.name, found.holeMm), contact }
    : lacks('reducing-die', outsideDiameterMm, LACK_WORDS.hole(angleDeg, outsideDiameterMm));
}

/** A pusher of the kit, as it is used. */
export function pusherInDie(tool: Tool, diameterMm: number): ToolChoice {
  return {
    tool,
    use: USE_WORDS.pusher(tool.name),
    contact: { kind: 'pusher', diameterMm },
  };
}

export function lacksPusher(insideDiameterMm: number): ToolChoice {
  return lacks('stepped-pusher', insideDiameterMm, LACK_WORDS.pusher(insideDiameterMm), true);
}

/** A ring may end in the upper, thinner part of its cone only, or it cannot be released (craft §3). */
const UPPER_PART_OF_CONE = 2 / 3;

function upperEndMm({ smallEndMm, largeEndMm }: ExpansionCone): number {
  return smallEndMm + (largeEndMm - smallEndMm) * UPPER_PART_OF_CONE;
}

/** Inside diameters of the cut edge at which one expansion cone of the kit ends and another may go on, mm. */
export function coneEndsMm(kit: Kit): readonly number[] {
  return toolsOf(kit, 'expansion-cone').map(({ spec }) => upperEndMm(spec));
}

/**
 * The cone and lid that bring a wall upright. The cut edge ends in the cone's upper part; the lid's hole is smaller
 * than the rim's outside, so that the rim sits fully on it, and larger than the cone where it comes through.
 */
export function chooseCone(
  kit: Kit,
  cut: { readonly fromMm: number; readonly toMm: number },
  rimOutsideMm: number,
  heightMm: number,
): ToolChoice {
  const taking = (tools: Kit) =>
    toolsOf(tools, 'expansion-cone').flatMap(({ tool, spec }) => {
      if (cut.fromMm < spec.smallEndMm - MEET_MM || cut.toMm > upperEndMm(spec)) return [];
      const coneAtRimMm = cut.toMm - 2 * heightMm * Math.tan(degToRad(spec.angleDeg));
      const lidHoleMm = spec.lidHolesMm
        .filter((hole) => hole > coneAtRimMm && hole < rimOutsideMm)
        .reduce<number | undefined>(
          (best, hole) => (best === undefined || hole > best ? hole : best),
          undefined,
        );
      if (lidHoleMm === undefined) return [];
      const contact = { kind: 'cone', angleDeg: spec.angleDeg, lidHoleMm } as const;
      return [{ tool, use: USE_WORDS.cone(tool.name, lidHoleMm), contact }];
    });
  const found = soundFirst(kit, (tools) => taking(tools)[0]);
  return found ?? lacks('expansion-cone', cut.toMm, LACK_WORDS.cone(cut.fromMm, cut.toMm));
}

export function chooseMandrel(kit: Kit): ToolChoice {
  const found = soundFirst(kit, (tools) => toolsOf(tools, 'mandrel')[0]);
  return found ? { tool: found.tool, use: found.tool.name } : lacks('mandrel', 0, LACK_WORDS.mandrel);
}
