import { percentWords } from '@round-mint/core/format';
import {
  COMFORTABLE_CUT_EDGE_MM,
  curlToolOf,
  FOLD_RIM_STRAIN_LIMIT,
  meanShare,
  pushDepthMm,
  SHARP_CUT_EDGE_MM,
  type Blow,
} from '@round-mint/core/forming';
import { metalById } from '@round-mint/core/metal';
import type { CoinRingPlan } from '@round-mint/core/route';
import type { Writers } from '@/features/shared/settings/use-settings';
import type { PlanModel } from '@/features/plan/draft/plan-model';
import { curlToolWords } from './curl-words';

/** What a number is, in words, from what, and where the rule comes from. */
export interface Explanation {
  readonly title: string;
  readonly value: string;
  readonly words: string;
  readonly inputs: readonly (readonly [name: string, value: string])[];
  readonly source: string;
  /** The handbook's section that tells the rule. */
  readonly section: string;
}

export type FigureKey =
  | 'width'
  | 'height'
  | 'cutEdge'
  | 'rimEdge'
  | 'outside'
  | 'strainCut'
  | 'strainRim'
  | 'range'
  | 'natural'
  | 'thickness'
  | 'curl'
  | 'slug'
  | 'anneals';

const HANDBOOK =
  'Forming law of the handbook; shares from a finite-element study of coins folded, stretched, reduced and rounded.';
const MEASURED = 'Geometry of what you entered.';

function signed(strainLog: number): string {
  const text = percentWords(Math.exp(strainLog) - 1);
  return strainLog > 0 ? `+${text}` : text.replace('-', '−');
}

/** The tool and the depth that a rounded wall is made with. */
function roundingInputs(
  { curl }: PlanModel['wall'],
  plan: CoinRingPlan,
  write: Writers,
): readonly (readonly [string, string])[] {
  if (!curl) return [];
  return [
    ['Turned in with', curlToolWords(curlToolOf(curl), write)],
    ['Push of each edge', write.length(pushDepthMm(curl, plan.bandWidthMm), 1)],
  ];
}

/** All explanations of a plan; every number on the plan screen opens one of them. */
export function explainPlan(
  model: PlanModel,
  plan: CoinRingPlan,
  write: Writers,
): Readonly<Record<FigureKey, Explanation>> {
  const { piece, holeMm = 0, targetMm = 0, wall } = model;
  const metal = metalById(piece?.metal ?? 'silver-900');
  const coin = [
    ['Coin', write.length(piece?.diameterMm ?? 0)],
    ['Hole', write.length(holeMm)],
    ['Working thickness', write.length(plan.workingThicknessMm, 2)],
  ] as const;
  const strained = (strainLog: number) => {
    const times = Math.abs(strainLog) / metal.allowanceStrainLog;
    return `${signed(strainLog)}${Number.isFinite(times) ? `, ${times.toFixed(1)} × allowance` : ''}`;
  };
  const target = ['Inside diameter', write.sizeAndLength(targetMm)] as const;
  const stoutness = (2 * plan.workingThicknessMm) / ((piece?.diameterMm ?? 0) + holeMm);
  const share = (blow: Blow) => meanShare(blow, stoutness).toFixed(2);
  const shares = `fold ${share('fold')}, stretch ${share('open')}, reduce ${share('throat')}, curl ${share('curl')}`;
  const range = plan.sizeRangeMm;
  return {
    width: {
      title: 'Width of the band',
      value: write.length(plan.bandWidthMm, 1),
      words:
        'The coin is taken as 65 hoops from hole to rim. Each hoop is followed through every blow: it grows or shrinks to its new radius, and its width and thickness give way by a share that depends on the kind of blow, the metal’s volume staying the same. The widths add up to the band.',
      inputs: [...coin, target, ['Share of width', shares]],
      source: `${HANDBOOK} Within half a percent of its cases. Expect your own bench to differ by up to 3%.`,
      section: '3-forming-law',
    },
    height: {
      title: 'Height on the finger',
      value: write.length(plan.axialHeightMm, 1),
      words:
        wall.kind === 'rounded'
          ? 'A rounded wall stands lower than it is wide: its height is what its curve leaves, added up along the wall.'
          : wall.kind === 'tapered'
            ? 'A tapered wall leans 5°, so it stands a little lower than it is wide.'
            : 'A straight wall stands as high as it is wide.',
      inputs: [['Width', write.length(plan.bandWidthMm, 1)], ...roundingInputs(wall, plan, write)],
      source: MEASURED,
      section: '3-forming-law',
    },
    cutEdge: {
      title: 'Thickness at the cut edge',
      value: write.length(plan.thicknessCutEdgeMm, 2),
      words: `The hole’s edge is stretched most, so it thins most. Under ${COMFORTABLE_CUT_EDGE_MM} mm it wears thin and feels sharp.`,
      inputs: [...coin, target],
      source: `${HANDBOOK} Within 1.5% of the study.`,
      section: '3-which-sizes-a-coin-can-make',
    },
    rimEdge: {
      title: 'Thickness at the rim edge',
      value: write.length(plan.thicknessRimEdgeMm, 2),
      words: 'The rim is crowded into a shorter circle, so it thickens.',
      inputs: [...coin, target],
      source: `${HANDBOOK} Within 1.5% of the study.`,
      section: '3-forming-law',
    },
    outside: {
      title: 'Outside diameter',
      value: write.length(plan.outsideDiameterMm, 1),
      words: 'The widest place of the finished wall, twice its distance from the axis.',
      inputs: [target, ['Rim edge', write.length(plan.thicknessRimEdgeMm, 2)]],
      source: MEASURED,
      section: '3-which-sizes-a-coin-can-make',
    },
    strainCut: {
      title: 'Stretch of the cut edge',
      value: strained(plan.strainCutEdge),
      words: `The hole’s edge grows from its own circle to the ring’s: hoop strain ln(R ÷ r). ${metal.name} bears ${metal.allowanceStrainLog.toFixed(2)} between anneals, so this much is taken in portions.`,
      inputs: [
        ['Hoop strain', plan.strainCutEdge.toFixed(3)],
        ['Bears between anneals', metal.allowanceStrainLog.toFixed(2)],
      ],
      source: 'Allowance: default of the handbook for this metal.',
      section: '4',
    },
    strainRim: {
      title: 'Crowding of the rim edge',
      value: strained(plan.strainRimEdge),
      words: `The rim shrinks to the ring’s circle: hoop strain ln(R ÷ R₀). To ${signed(FOLD_RIM_STRAIN_LIMIT)} dies can do it alone, to −50% stepped reduction under tape can.`,
      inputs: [
        ['Hoop strain', plan.strainRimEdge.toFixed(3)],
        ['Dies alone reach', FOLD_RIM_STRAIN_LIMIT.toFixed(2)],
      ],
      source: 'Limits: defaults of the handbook.',
      section: '3-which-sizes-a-coin-can-make',
    },
    range: {
      title: 'Sizes this coin can make',
      value: range ? `${write.size(range.min)} to ${write.size(range.max)}` : 'none with this hole',
      words: `Above, the rim never grows: the ring at its largest moment must stay within the coin. Up to one size the cut edge keeps ${write.length(COMFORTABLE_CUT_EDGE_MM)}, which is comfortable; past it you may go on at your own choice, never under ${write.length(SHARP_CUT_EDGE_MM)}. Below, the rim can be crowded only so far, and the hole cannot shrink.`,
      inputs: range
        ? [
            ['Smallest', write.sizeAndLength(range.min)],
            [
              'Largest, comfortable',
              range.comfortableMax === undefined ? 'none' : write.sizeAndLength(range.comfortableMax),
            ],
            ['Largest at all', write.sizeAndLength(range.max)],
          ]
        : [...coin],
      source: 'Limits: defaults of the handbook.',
      section: '3-which-sizes-a-coin-can-make',
    },
    natural: {
      title: 'Natural size',
      value: write.sizeAndLength(plan.naturalInsideDiameterMm),
      words:
        'Half way between hole and rim a hoop keeps its length at about (coin + hole) ÷ 2 − thickness. Near this size the ring needs least work.',
      inputs: [...coin],
      source: 'Rule of the handbook.',
      section: '3-natural-size',
    },
    thickness: {
      title: 'Working thickness',
      value: write.length(plan.workingThicknessMm, 2),
      words:
        plan.thicknessSource === 'mass'
          ? 'Mass ÷ (density × area): the even thickness that the metal would have as a plain disc.'
          : 'No mass is known, so 0.9 of the rim is taken: the field lies below the rim. Weigh it to know better.',
      inputs: [
        ['Diameter', write.length(piece?.diameterMm ?? 0)],
        piece?.massG === undefined
          ? ['Rim', write.length(piece?.rimThicknessMm ?? 0, 2)]
          : ['Mass', `${piece.massG.toFixed(2)} g`],
        ['Density', `${metal.densityGCm3.toFixed(2)} g/cm³`],
      ],
      source: plan.thicknessSource === 'mass' ? 'Your scale.' : 'Default of the handbook.',
      section: '3-working-thickness',
    },
    curl: {
      title: 'Lost to turning in the edges',
      value: write.length(plan.curlDropMm, 1),
      words:
        'Each edge is pushed into the die to a depth. What the edges lose is what the die closes by there, less what the wall turns as a block instead of bending: stubby bands follow less, and their belly comes in as well. The straight band is made that much larger first.',
      inputs: [
        ['Width', write.length(plan.bandWidthMm, 1)],
        ['Straight band', write.sizeAndLength(plan.beforeCurlInsideDiameterMm)],
        ...roundingInputs(wall, plan, write),
      ],
      source: `${HANDBOOK} Within 0.1 mm of its cases up to half the width.`,
      section: '14',
    },
    slug: {
      title: 'Punched out',
      value: `${plan.slugMassG.toFixed(2)} g`,
      words:
        'The slug’s share of the coin is the square of hole over diameter. It goes to the scrap tin; the rest is the ring.',
      inputs: [
        ['Ring', `${plan.ringMassG.toFixed(2)} g`],
        ['Hole', write.length(holeMm)],
      ],
      source: MEASURED,
      section: '3-punch-and-deburr',
    },
    anneals: {
      title: 'Anneals',
      value: String(plan.annealCount),
      words: `One after punching; then before any pass that would take either edge over what ${metal.name} bears. Blows in a die count two thirds, free stretching in full.`,
      inputs: [
        ['Bears between anneals', (plan.route?.allowanceStrainLog ?? 0).toFixed(2)],
        ['Steps', String(plan.route?.steps.length ?? 0)],
      ],
      source: 'Anneal budget of the handbook; your log will correct it.',
      section: '4',
    },
  };
}
