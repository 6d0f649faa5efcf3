import {
  endMark,
  fitSpiral,
  judgeHandle,
  lastTouch,
  profileOf,
  thicknessAt,
  turnLengthMm,
  turnedRound,
  widthAt,
  type EndShape,
  type HandleVerdict,
  type LastTouch,
  type Stretch,
} from '../handle';
import { metalById } from '../metal';
import { toolsOf } from '../kit';
import type { StepBlank } from '../steps';
import { annealMove, bandSteps, endMoves, type BandMove } from './band-steps';
import { count, length, share, size, words, type WorkFigure } from './figure';
import type { HandlePiece, HandleWork } from './kinds';
import {
  allowanceOf,
  bandBench,
  finishedPlan,
  type WorkBench,
  type WorkPlan,
  type WorkWish,
} from './plan-shape';

const HANDBOOK = 'Handbook of the trade: silverware, blank length and bending.';
const DEFAULT_WIDTH_MM = 10;
/** Thicker pieces begin in a broad former, so that the first bend is gentle. */
const BROAD_FIRST_MM = 2.4;
/** Part of the whole bend that is done when only the ends are hooked. */
const HOOKED = 1 / 3;

type HandleWish = WorkWish<HandleWork, HandlePiece>;

/** The handle as seen from the end that is kept. */
export function keptProfile({ work, piece }: Pick<HandleWish, 'work' | 'piece'>) {
  const profile = profileOf(piece.stations);
  if (work.keptEnd === 'tip') return { profile, enamel: piece.enamel };
  return {
    profile: turnedRound(profile),
    enamel: piece.enamel.map(({ fromMm, toMm }) => ({
      fromMm: profile.lengthMm - toMm,
      toMm: profile.lengthMm - fromMm,
    })),
  };
}

/** A spiral that is to use the whole handle, with turns and pitch solved for; any other work as it is. */
function fitted(wish: HandleWish): HandleWish {
  const { work, targetInsideDiameterMm } = wish;
  const { style, fit, startMm, turns = 1, pitchMm = 0 } = work;
  if (style !== 'spiral' || fit === undefined) return wish;
  const { profile } = keptProfile(wish);
  const solved = fitSpiral(profile, startMm, targetInsideDiameterMm, fit, { turns, pitchMm });
  return { ...wish, work: { ...work, ...solved } };
}

/** The verdict on a handle with the formers at hand. */
export function handleVerdict(asked: HandleWish, { kit, traits }: WorkBench): HandleVerdict {
  const wish = fitted(asked);
  const { work, piece, targetInsideDiameterMm } = wish;
  const { style, overlapMm, turns, pitchMm, startMm } = work;
  return judgeHandle({
    ...keptProfile(wish),
    style,
    overlapMm,
    turns,
    pitchMm,
    startMm,
    metal: piece.metal,
    insideDiameterMm: targetInsideDiameterMm,
    formersMm: toolsOf(kit, 'former').map(({ spec }) => spec.diameterMm),
    springbackFactor: traits?.springbackFactor.bend,
  });
}

/** Stations of the blank alone, from its kept end. */
function blankStations(wish: HandleWish, used: Stretch): StepBlank['stations'] {
  const { profile } = keptProfile(wish);
  const inside = profile.stations.filter(({ atMm }) => atMm > used.fromMm && atMm < used.toMm);
  return [used.fromMm, ...inside.map(({ atMm }) => atMm), used.toMm].map((at) => ({
    atMm: at - used.fromMm,
    thicknessMm: thicknessAt(profile, at),
    widthMm: widthAt(profile, at),
  }));
}

/** From its side a spiral shows one turn: the others stand behind it, not on its back. */
function seenFromSide(wish: HandleWish, used: Stretch): Stretch {
  const { work, targetInsideDiameterMm } = wish;
  if (work.style !== 'spiral') return used;
  const turn = turnLengthMm(keptProfile(wish).profile, used.fromMm, targetInsideDiameterMm, 2 * Math.PI);
  return { ...used, toMm: Math.min(used.toMm, used.fromMm + turn) };
}

function endWords(shape: EndShape, widthMm: number): string {
  const { dividerMm = 0, reachMm } = endMark(shape, widthMm);
  switch (shape) {
    case 'square':
      return 'square to the length';
    case 'round':
      return `divider set to ${dividerMm.toFixed(1)} mm, its point on the middle line, filed to the arc`;
    case 'mitred':
      return `one edge ${reachMm.toFixed(1)} mm further than the other`;
    case 'pattern':
      return 'along the pattern’s own line, as near as the joint allows';
  }
}

const END_NAMES = { tip: ['tip', 'neck'], neck: ['neck', 'tip'] } as const;

function endsTitle({ ends, otherEnd = ends }: HandleWork): string {
  return otherEnd === ends ? `File both ends ${ends}` : `File one end ${ends}, the other ${otherEnd}`;
}

/** Each end by its own shape; where both are alike, once. */
function endsWords({ ends, otherEnd = ends, keptEnd }: HandleWork, widthMm: number): string {
  const [kept, cut] = END_NAMES[keptEnd];
  const words =
    ends === otherEnd
      ? `Both ends: ${endWords(ends, widthMm)}${ends === 'mitred' ? ', both leaning the same way' : ''}.`
      : `End at the ${kept}: ${endWords(ends, widthMm)}. End at the ${cut}: ${endWords(otherEnd, widthMm)}.`;
  return `${words} Then break every sharp edge.`;
}

/** Both cuts with their places, and what the first one is for. */
function sawMove(wish: HandleWish, verdict: HandleVerdict, blank: StepBlank): BandMove {
  const { work } = wish;
  const { used, lengthMm, roughLengthMm } = verdict;
  const [kept] = END_NAMES[work.keptEnd];
  const place = (mm: number) => `${mm.toFixed(1)} mm`;
  const enamelled = keptProfile(wish).enamel.some(({ fromMm }) => fromMm < used.fromMm);
  const first = `First cut at ${place(used.fromMm)} from the ${kept}${enamelled ? ': it takes the enamel off' : ''}. `;
  const rough = `If you bend first and trim later: ${place(roughLengthMm)}.`;
  return used.fromMm > 0
    ? {
        kind: 'saw',
        title: `Saw at ${place(used.fromMm)} and at ${place(used.toMm)} from the ${kept}`,
        instruction: `${first}Second at ${place(used.toMm)}: ${place(lengthMm)} between them. ${rough}`,
        blank,
      }
    : {
        kind: 'saw',
        title: `Saw at ${place(used.toMm)} from the ${kept}`,
        instruction: `Exact: ${place(lengthMm)}. ${rough}`,
        blank,
      };
}

const TOUCH_WORDS: Readonly<Record<LastTouch, string>> = {
  none: ': that is its size',
  'next-former-down': ', then the last touch is on the next former down',
  'taps-on-mandrel': ', then a few taps on the mandrel bring it up',
};

/** What is looked for at the joint, by its style: a spiral has no ends that meet. */
const JOINT_LOOKS: Readonly<
  Record<HandleWork['style'], { readonly title: string; readonly lookFor: string }>
> = {
  straight: {
    title: 'Close the joint',
    lookFor: 'The ends meet all across, with no light between them, and neither stands proud.',
  },
  overlap: {
    title: 'Lay the end over',
    lookFor: 'The outer end lies flat on the inner one; no edge of it catches.',
  },
  spiral: {
    title: 'Draw the turns together',
    lookFor: 'The turns lie evenly beside each other, and neither end stands out to catch.',
  },
};

/** The last touch: tighter on the next former, or opened on the mandrel where the former leaves it small. */
function closingWords(
  { work, targetInsideDiameterMm }: HandleWish,
  former: HandleVerdict['former'],
): Pick<BandMove, 'kind' | 'verb' | 'title' | 'instruction' | 'lookFor'> {
  const joint = JOINT_LOOKS[work.style];
  const touch = lastTouch(former, targetInsideDiameterMm);
  if (touch === 'taps-on-mandrel') {
    return {
      kind: 'close',
      verb: 'Open',
      title: 'Open it to its size on the mandrel',
      instruction:
        'A few taps, rawhide or nylon, turned end for end; read often. Nylon on the pattern, always.',
      lookFor: joint.lookFor,
    };
  }
  const how = touch === 'none' ? '' : 'On the next former down, a little at a time. ';
  return {
    kind: 'close',
    ...joint,
    instruction: `${how}Too small: a few taps on the mandrel. Nylon on the pattern, always.`,
  };
}

/** Owned formers this near the size are told of, mm. */
const NEAR_MM = 2.5;

function movesOf(wish: HandleWish, verdict: HandleVerdict, allowanceStrainLog: number): readonly BandMove[] {
  const { work, piece, targetInsideDiameterMm, finish } = wish;
  const { former, thickest, strainOutside, anneals, temper, used } = verdict;
  const flat: StepBlank = { stations: blankStations(wish, used), bentToMm: null };
  const stations = blankStations(wish, seenFromSide(wish, used));
  const bent = (bentToMm: number): StepBlank => ({ stations, bentToMm });
  const strain = Math.log(1 + strainOutside);
  const former1 = `${former.formerMm.toFixed(1)} mm former`;
  // Cold work is done in as many goes as it has anneals: plated ware and the like in one.
  const between = Math.max(0, anneals - (temper === 'soft' ? 1 : 0));
  const soften = annealMove(piece.metal, bent(targetInsideDiameterMm * 2));
  const thicknessMm = verdict.meanThicknessMm;
  const curvature = (mm: number) => thicknessMm / (mm + thicknessMm);
  const closing = Math.abs(curvature(targetInsideDiameterMm) - curvature(former.releasedMm));
  const goes = Math.max(1, between);
  const lastGo = between > 0 ? (strain * (1 - HOOKED)) / goes : strain;
  const softenToClose = anneals > 0 && lastGo + closing > allowanceStrainLog;
  /** From twice the ring's size to the former's, in even steps of curvature. */
  const openTo = (go: number) =>
    targetInsideDiameterMm * 2 + ((former.releasedMm - targetInsideDiameterMm * 2) * go) / goes;
  return [
    sawMove(wish, verdict, flat),
    {
      kind: 'file',
      title: endsTitle(work),
      instruction: endsWords(work, verdict.widthMm ?? DEFAULT_WIDTH_MM),
      lookFor: 'No burr catches a fingernail.',
      blank: flat,
    },
    ...(temper === 'soft' ? [annealMove(piece.metal, flat)] : []),
    {
      kind: 'bend',
      title: 'Hook both ends',
      instruction: `${thickest.thicknessMm >= BROAD_FIRST_MM ? 'Begin in a broad former. ' : ''}A finger’s breadth at each end first: they cannot be reached later.`,
      tool: former1,
      strainLog: strain * HOOKED,
      blank: bent(targetInsideDiameterMm * 3),
    },
    ...Array.from({ length: goes }, (_, i): readonly BandMove[] => {
      const last = i === goes - 1;
      return [
        ...(between > 0 ? [soften] : []),
        {
          kind: 'bend',
          title: goes === 1 ? 'Bend the middle round' : `Bend the middle round, ${i + 1} of ${goes}`,
          instruction: last
            ? `Little and often on the ${former1}, turned over each time. Let go, it opens to about ${former.releasedMm.toFixed(1)} mm${TOUCH_WORDS[lastTouch(former, targetInsideDiameterMm)]}.`
            : `Little and often on a broad former, turned over each time, to about ${openTo(i + 1).toFixed(0)} mm. Then the flame.`,
          tool: former1,
          strainLog: (strain * (1 - HOOKED)) / goes,
          ...(last
            ? {
                springbackMm: former.releasedMm - former.formerMm,
                to: { insideDiameterMm: former.releasedMm },
                read: true,
              }
            : {}),
          blank: bent(openTo(i + 1)),
        },
      ];
    }).flat(),
    ...(softenToClose ? [soften] : []),
    {
      ...closingWords(wish, former),
      to: { insideDiameterMm: targetInsideDiameterMm },
      strainLog: closing,
      read: true,
      blank: bent(targetInsideDiameterMm),
    },
    ...endMoves(finish, anneals > 0, piece.metal),
  ];
}

/** Turns and pitch, where they were solved for. */
function spiralFigures({ style, fit, turns = 1, pitchMm = 0 }: HandleWork): readonly WorkFigure[] {
  if (style !== 'spiral' || fit === undefined) return [];
  const whole = 'So many that the whole handle is used: n√((π(ID + t))² + p²) is its length.';
  return fit === 'turns'
    ? [
        {
          key: 'turns',
          label: 'Turns',
          value: words(turns.toFixed(2)),
          words: whole,
          inputs: [['Pitch', length(pitchMm)]],
          source: HANDBOOK,
        },
      ]
    : [
        {
          key: 'pitch',
          label: 'Pitch',
          value: length(pitchMm),
          words: 'So steep that the whole handle is used.',
          inputs: [['Turns', words(turns.toFixed(2))]],
          source: HANDBOOK,
        },
      ];
}

function figuresOf(
  { work, piece, targetInsideDiameterMm }: HandleWish,
  verdict: HandleVerdict,
): readonly WorkFigure[] {
  const { thickest, meanThicknessMm, used, former, idealFormerMm } = verdict;
  const target = ['Target', size(targetInsideDiameterMm)] as const;
  const thickness = ['Mean thickness where it bends', length(meanThicknessMm, 2)] as const;
  return [
    {
      key: 'length',
      label: 'Cut at',
      value: length(verdict.lengthMm),
      words:
        'Each slice of the handle runs round the finger at half its own thickness outside it; slices are added up until the turn is whole.',
      inputs: [target, thickness, ['From', length(used.fromMm)]],
      source: HANDBOOK,
    },
    {
      key: 'rough',
      label: 'Or rough',
      value: length(verdict.roughLengthMm),
      words: 'The other school: a tenth longer, bent, and trimmed to meet.',
      inputs: [['Exact', length(verdict.lengthMm)]],
      source: HANDBOOK,
    },
    {
      key: 'left',
      label: 'Left over',
      value: length(Math.max(0, verdict.leftOverMm)),
      words: 'What stays of the handle after the cut.',
      inputs: [['Used to', length(used.toMm)]],
      source: 'Geometry of what you entered.',
    },
    {
      key: 'thickest',
      label: 'Thickest bend',
      value: length(thickest.thicknessMm, 2),
      words: 'The thickest place that has to bend; it decides whether the handle serves.',
      inputs: [['At', length(thickest.atMm)]],
      source: HANDBOOK,
    },
    {
      key: 'strain',
      label: 'Outside stretch',
      value: share(verdict.strainOutside),
      words: 'A bend stretches its outside by t/(ID + t).',
      inputs: [thickness, target, ['This metal bears', share(verdict.bendLimit)]],
      source: 'Elementary bending; limits of general metal tables.',
    },
    {
      key: 'former',
      label: 'Former',
      value: length(former.formerMm),
      words: `After release it opens to about ${former.releasedMm.toFixed(1)} mm${TOUCH_WORDS[lastTouch(former, targetInsideDiameterMm)]}. A former of the finger’s own size comes out too large.`,
      inputs: [
        ['Exact', length(idealFormerMm)],
        thickness,
        ['Temper', words(verdict.temper)],
        ...verdict.formers
          .filter(({ releasedMm }) => Math.abs(releasedMm - targetInsideDiameterMm) <= NEAR_MM)
          .map(
            ({ formerMm, releasedMm }) =>
              [`${formerMm.toFixed(1)} mm former gives`, size(releasedMm)] as const,
          ),
      ],
      source: 'Elastic recovery of a bent sheet, 1/(4x³ − 3x + 1); corrected by what your log taught.',
    },
    {
      key: 'height',
      label: 'Height',
      value: length(verdict.heightMm ?? DEFAULT_WIDTH_MM),
      words:
        work.style === 'spiral'
          ? 'Width of the handle and the climb of all turns.'
          : 'The handle’s width there.',
      inputs: [['Width', length(verdict.widthMm ?? DEFAULT_WIDTH_MM)]],
      source: 'Geometry of what you entered.',
    },
    ...spiralFigures(work),
    {
      key: 'anneals',
      label: 'Anneals',
      value: count(verdict.anneals, 'anneals'),
      words: 'As often as the stretch of the outside fills what this metal bears.',
      inputs: [['Bears', share(metalById(piece.metal).allowanceStrainLog)]],
      source: HANDBOOK,
    },
  ];
}

/** Width times thickness along the blank, g. */
function blankMassG(stations: StepBlank['stations'], piece: HandlePiece, widthMm: number): number {
  const section = ({ thicknessMm, widthMm: own }: StepBlank['stations'][number]) =>
    thicknessMm * (own ?? widthMm);
  const volume = stations.slice(1).reduce((sum, next, i) => {
    const last = stations[i] ?? next;
    return sum + ((next.atMm - last.atMm) * (section(last) + section(next))) / 2;
  }, 0);
  return (volume * metalById(piece.metal).densityGCm3) / 1000;
}

/** A ring from a handle of silverware (craft §6). */
export function planHandle(asked: HandleWish, bench: WorkBench): WorkPlan {
  const wish = fitted(asked);
  const { piece, targetInsideDiameterMm } = wish;
  const verdict = handleVerdict(wish, bench);
  const widthMm = verdict.widthMm ?? DEFAULT_WIDTH_MM;
  const stations = blankStations(wish, verdict.used);
  const massG = blankMassG(stations, piece, widthMm);
  const start = { insideDiameterMm: targetInsideDiameterMm, thicknessMm: verdict.meanThicknessMm, widthMm };
  const allowanceStrainLog = allowanceOf(piece.metal, verdict.meanThicknessMm, bench);
  return finishedPlan({
    kind: 'handle',
    reasons: verdict.reasons,
    figures: figuresOf(wish, verdict),
    steps: verdict.feasible
      ? bandSteps(start, movesOf(wish, verdict, allowanceStrainLog), bandBench(bench, piece.metal))
      : [],
    allowanceStrainLog,
    usesLengthMm: 0,
    prediction: {
      targetInsideDiameterMm,
      bandWidthMm: widthMm,
      axialHeightMm: verdict.heightMm ?? widthMm,
      thicknessCutEdgeMm: verdict.meanThicknessMm,
      thicknessRimEdgeMm: verdict.meanThicknessMm,
      slugMassG: 0,
      ringMassG: massG,
    },
  });
}
