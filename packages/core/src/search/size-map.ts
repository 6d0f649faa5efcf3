import {
  arcWidthMm,
  COMFORTABLE_CUT_EDGE_MM,
  cutEdge,
  glanceAt,
  type FormingMethod,
  type SchoolWish,
  type WallWish,
} from '../forming';
import { holesFor, type Kit, type MissingTool } from '../kit';
import { coinRoute } from '../route';
import type { BenchTraits } from '../steps';
import { MM_PER_US_SIZE, SIZE_SYSTEMS } from '../size';
import type { Coin } from '../stock';

/** What a coin becomes with one hole at one size. */
export interface MapCell {
  readonly holeMm: number;
  readonly targetMm: number;
  readonly method: FormingMethod;
  /** Undefined when it cannot be made. */
  readonly bandWidthMm: number | undefined;
  /** Whether the cut edge gets thinner than is comfortable. */
  readonly thinEdge: boolean;
  readonly annealCount: number;
  readonly missingTools: readonly MissingTool[];
}

/** "What can this coin become?": cells by size, then by hole. */
export interface SizeMap {
  readonly sizesMm: readonly number[];
  readonly holesMm: readonly number[];
  readonly cells: readonly (readonly MapCell[])[];
}

export interface SizeMapQuestion {
  readonly coin: Coin;
  readonly wall: WallWish;
  readonly school?: SchoolWish | undefined;
  readonly kit: Kit;
  readonly traits?: BenchTraits | undefined;
  /** Holes to look at; left out, all owned. */
  readonly holesMm?: readonly number[] | undefined;
}

const QUICK_INTERVALS = 16;
/** Fingers are looked at from US 3 to US 15 by halves. */
const FIRST_SIZE_MM = SIZE_SYSTEMS.us.toDiameterMm(3);
const SIZES = 25;
const STEP_MM = MM_PER_US_SIZE / 2;

function cellOf(question: SizeMapQuestion, targetMm: number, holeMm: number): MapCell {
  const { coin, wall, school, kit, traits } = question;
  const asked = { coin, wall, school, targetInsideDiameterMm: targetMm };
  const route =
    glanceAt(asked, holeMm).standing !== 'refused'
      ? coinRoute({ ...asked, holeMm }, { kit, traits, intervals: QUICK_INTERVALS })
      : undefined;
  return {
    holeMm,
    targetMm,
    method: route?.method ?? 'none',
    bandWidthMm: route && arcWidthMm(route.finished),
    thinEdge: route !== undefined && cutEdge(route.finished).thicknessMm < COMFORTABLE_CUT_EDGE_MM,
    annealCount: route?.totals.anneals ?? 0,
    missingTools: route?.missingTools ?? [],
  };
}

/**
 * Goes through every finger size and every hole.
 * @yields the share of sizes done
 */
export function* sizeMap(question: SizeMapQuestion): Generator<number, SizeMap> {
  const holesMm = question.holesMm ?? holesFor(question.kit, question.coin.diameterMm);
  const sizesMm = Array.from({ length: SIZES }, (_, i) => FIRST_SIZE_MM + i * STEP_MM);
  const cells: (readonly MapCell[])[] = [];
  for (const [i, targetMm] of sizesMm.entries()) {
    yield i / SIZES;
    cells.push(holesMm.map((holeMm) => cellOf(question, targetMm, holeMm)));
  }
  return { sizesMm, holesMm, cells };
}

/** One tool that would open sizes which this kit cannot make. */
export interface OpeningTool {
  readonly tool: MissingTool;
  /** Sizes that it opens, smallest first, inside diameter in mm. */
  readonly sizesMm: readonly number[];
}

function isHarder(a: MissingTool, b: MissingTool): boolean {
  return a.smallerIsHarder ? a.sizeMm < b.sizeMm : a.sizeMm > b.sizeMm;
}

/** Which single tool would open which sizes: sizes that no hole makes with this kit, but some hole would with one more tool. */
export function openingTools(map: SizeMap): readonly OpeningTool[] {
  const byKind = new Map<string, { tool: MissingTool; sizesMm: number[] }>();
  map.cells.forEach((row, i) => {
    const possible = row.filter(({ bandWidthMm }) => bandWidthMm !== undefined);
    if (possible.length === 0 || possible.some(({ missingTools }) => missingTools.length === 0)) return;
    const [tool] = possible.filter(({ missingTools }) => missingTools.length === 1)[0]?.missingTools ?? [];
    const sizeMm = map.sizesMm[i];
    if (!tool || sizeMm === undefined) return;
    const key = `${tool.kind} ${tool.smallerIsHarder}`;
    const known = byKind.get(key);
    // The most demanding of its kind does for all the sizes.
    const harder = !known || isHarder(tool, known.tool) ? tool : known.tool;
    byKind.set(key, { tool: harder, sizesMm: [...(known?.sizesMm ?? []), sizeMm] });
  });
  return [...byKind.values()];
}
