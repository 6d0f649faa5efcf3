import type { ToolContact } from '../kit';
import { metalById, type MetalId } from '../metal';
import {
  type BenchTraits,
  DEFAULT_TRAITS,
  type Finish,
  finishSteps,
  annealWords,
  stepDefaults,
  type RollingStep,
  type RouteStep,
  type StepBlank,
  type StepKind,
} from '../steps';
import { predictReading, type MandrelTaper } from '../size';
import { JOINT_WORDS } from './move-words';

/** A band on its way: what it is at a moment. Before it is closed, the size is the one it is bent to. */
export interface Band {
  readonly insideDiameterMm: number;
  readonly thicknessMm: number;
  readonly widthMm: number;
}

/** A thing that is done to a band: its words, and what it is afterwards. */
export interface BandMove {
  readonly kind: StepKind;
  readonly verb?: string;
  readonly title: string;
  readonly instruction: string;
  readonly tool?: string | undefined;
  readonly toolId?: string | undefined;
  readonly lookFor?: string;
  readonly waits?: RouteStep['waits'];
  /** Left out, what its kind takes. */
  readonly handsOnMin?: number;
  readonly caution?: string;
  /** What changes. */
  readonly to?: Partial<Band>;
  /** Stretch of the metal that counts against its softness: of the outside in a bend. Left out, the hoop's own. */
  readonly strainLog?: number;
  readonly springbackMm?: number | undefined;
  /** By how much that was learnt to be more than by default. */
  readonly springbackFactor?: number | undefined;
  /** Whether it ends on the mandrel. */
  readonly read?: boolean;
  readonly blank?: StepBlank;
  readonly contact?: ToolContact | undefined;
  readonly rolling?: RollingStep;
}

export interface BandBench {
  readonly traits?: BenchTraits | undefined;
  readonly mandrel: MandrelTaper;
  readonly metal: MetalId;
}

/** A band's edges are alike: what is looked for at a coin ring's cut edge is looked for at both. */
const BAND_LOOKS: Partial<Readonly<Record<StepKind, string>>> = {
  stretch: 'A little, turn it end for end, read. Look at both edges for cracks each time.',
};

const OUTLINE_INTERVALS = 8;

/** A straight wall at a handful of places. */
function outlineOf({ insideDiameterMm, thicknessMm, widthMm }: Band, startMm: number): RouteStep['outline'] {
  const places = Array.from({ length: OUTLINE_INTERVALS + 1 }, (_, i) => (widthMm * i) / OUTLINE_INTERVALS);
  const meanRadius = (insideDiameterMm + thicknessMm) / 2;
  const strain = Math.log((insideDiameterMm + thicknessMm) / (startMm + thicknessMm));
  return {
    arcMm: places,
    meanRadiusMm: places.map(() => meanRadius),
    thicknessMm: places.map(() => thicknessMm),
    leanDeg: places.map(() => 0),
    strainLog: places.map(() => strain),
  };
}

function edges({ insideDiameterMm }: Band) {
  return { rimInsideDiameterMm: insideDiameterMm, cutInsideDiameterMm: insideDiameterMm };
}

/** Moves as the steps of a route: the same shape that coin rings have, so that bench and log treat all alike. */
export function bandSteps(start: Band, moves: readonly BandMove[], bench: BandBench): readonly RouteStep[] {
  const traits = bench.traits ?? DEFAULT_TRAITS;
  const lastTrueUp = moves.findLastIndex(({ kind }) => kind === 'true-up');
  let band = start;
  return moves.map((move, i): RouteStep => {
    const before = band;
    band = { ...band, ...move.to };
    const defaults = stepDefaults(move.kind, traits);
    const hoop = Math.log(
      (band.insideDiameterMm + band.thicknessMm) / (before.insideDiameterMm + before.thicknessMm),
    );
    const strain = move.strainLog ?? (move.kind === 'anneal' ? 0 : hoop);
    const after = edges(band);
    return {
      kind: move.kind,
      ...(move.verb === undefined ? {} : { verb: move.verb }),
      title: move.title,
      instruction: move.instruction,
      lookFor: move.lookFor ?? BAND_LOOKS[move.kind] ?? defaults.lookFor,
      ...(move.tool === undefined ? {} : { tool: move.tool }),
      ...(move.toolId === undefined ? {} : { toolId: move.toolId }),
      before: edges(before),
      after,
      strainCutEdge: strain,
      strainRimEdge: strain,
      annealFirst: moves[i - 1]?.kind === 'anneal',
      handsOnMin: move.handsOnMin ?? defaults.handsOnMin,
      waitMin: defaults.waitMin,
      ...((move.caution ?? defaults.caution) ? { caution: move.caution ?? defaults.caution } : {}),
      ...((move.waits ?? defaults.waits) ? { waits: move.waits ?? defaults.waits } : {}),
      outline: outlineOf(band, start.insideDiameterMm),
      ...(move.read ? { reading: predictReading(after, band.widthMm, 'leading', bench.mandrel) } : {}),
      ...(move.springbackMm === undefined ? {} : { springbackMm: move.springbackMm }),
      ...(move.springbackFactor === undefined ? {} : { springbackFactor: move.springbackFactor }),
      ...(i === lastTrueUp && traits.endsMm !== 0 ? { endsMm: traits.endsMm } : {}),
      ...(move.blank ? { blank: move.blank } : {}),
      ...(move.contact ? { contact: move.contact } : {}),
      ...(move.rolling ? { rolling: move.rolling } : {}),
    };
  });
}

/** Softening, by the metal's own heat. */
export function annealMove(metal: MetalId, blank?: StepBlank): BandMove {
  const words = annealWords(metalById(metal).annealC);
  return { kind: 'anneal', ...words, ...(blank ? { blank } : {}) };
}

/** Reading both ways, and the surface: how every band ends. */
export function endMoves(finish: Finish, heated: boolean, metal: MetalId): readonly BandMove[] {
  return [
    {
      kind: 'true-up',
      ...JOINT_WORDS['true-up'],
      read: true,
    },
    ...finishSteps(finish, { heated, relief: 'pattern', plated: metal === 'silver-plate' }),
  ];
}
