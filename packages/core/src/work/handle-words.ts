import {
  endMark,
  lastTouch,
  type EndShape,
  type HandleVerdict,
  type LastTouch,
  type Stretch,
} from '../handle';
import type { StepBlank } from '../steps';
import type { BandMove } from './band-steps';
import type { HandleWork } from './kinds';

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

export function endsTitle({ ends, otherEnd = ends }: HandleWork): string {
  return otherEnd === ends ? `File both ends ${ends}` : `File one end ${ends}, the other ${otherEnd}`;
}

/** Each end by its own shape; where both are alike, once. */
export function endsWords({ ends, otherEnd = ends, keptEnd }: HandleWork, widthMm: number): string {
  const [kept, cut] = END_NAMES[keptEnd];
  const words =
    ends === otherEnd
      ? `Both ends: ${endWords(ends, widthMm)}${ends === 'mitred' ? ', both leaning the same way' : ''}.`
      : `End at the ${kept}: ${endWords(ends, widthMm)}. End at the ${cut}: ${endWords(otherEnd, widthMm)}.`;
  return `${words} Then break every sharp edge.`;
}

/** Both cuts with their places, and what the first one is for. @param enamel seen from the end that is kept */
export function sawMove(
  work: HandleWork,
  enamel: readonly Stretch[],
  verdict: HandleVerdict,
  blank: StepBlank,
): BandMove {
  const { used, lengthMm, roughLengthMm } = verdict;
  const [kept] = END_NAMES[work.keptEnd];
  const place = (mm: number) => `${mm.toFixed(1)} mm`;
  const enamelled = enamel.some(({ fromMm }) => fromMm < used.fromMm);
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

export const TOUCH_WORDS: Readonly<Record<LastTouch, string>> = {
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
export function closingWords(
  work: HandleWork,
  targetInsideDiameterMm: number,
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
