import {
  covered,
  halfWidthAt,
  onTop,
  reachAt,
  usedStretch,
  wrapHandle,
  type EndShape,
  type Stretch,
  type Worn,
} from '@round-mint/core/handle';
import {
  handleSolid,
  metalColour,
  type HandleRingScene,
  type HandleSolid,
} from '@round-mint/core/ring-picture';
import type { Finish } from '@round-mint/core/steps';
import { fittedHandle, keptProfile, type HandleWork } from '@round-mint/core/work';
import type { HandleRelief, HandleStock } from './handle-relief';

/** A ring from a handle that is to be shown. */
export interface ShownHandle {
  readonly piece: HandleStock;
  readonly work: HandleWork;
  readonly targetInsideDiameterMm: number;
  readonly finish: Finish;
}

/** A handle as it lies round the finger, and what of it is seen; all places from its tip, mm. */
export interface BentHandle {
  readonly solid: HandleSolid;
  readonly lengthMm: number;
  readonly used: Stretch;
  readonly top: readonly Stretch[];
  readonly covered: Stretch | undefined;
  readonly wholeRad: number;
}

/** What lies on top of the finger where nobody chooses. */
export function usuallyWorn({ style }: HandleWork): Worn {
  return style === 'straight' ? 'middle' : 'ends';
}

/** Bends a handle as it is planned. @param worn what of it lies on top of the finger */
export function bendHandle(shown: ShownHandle, worn: Worn): BentHandle {
  const { piece, targetInsideDiameterMm } = shown;
  const { work } = fittedHandle(shown);
  const { profile } = keptProfile({ work, piece });
  const shape = { ...work, insideDiameterMm: targetInsideDiameterMm };
  const planned = usedStretch(profile, work.startMm, shape);
  // What is too short is shown as far as it goes.
  const used = { ...planned, toMm: Math.min(planned.toMm, profile.lengthMm) };
  const wrapped = wrapHandle(profile, used, shape);
  const { lengthMm } = profile;
  const isTip = work.keptEnd === 'tip';
  const fromTip = (mm: number) => (isTip ? mm : lengthMm - mm);
  const stretchFromTip = ({ fromMm, toMm }: Stretch): Stretch =>
    isTip ? { fromMm, toMm } : { fromMm: lengthMm - toMm, toMm: lengthMm - fromMm };
  const outlineAt = (atMm: number) => {
    const { topOutline } = piece;
    if (!topOutline) {
      const half = halfWidthAt(profile, atMm);
      return { leftMm: half, rightMm: half };
    }
    const { left, right } = reachAt(topOutline, fromTip(atMm) / lengthMm);
    // Looked at from its other end, right and left change places.
    return { leftMm: (isTip ? left : right) * lengthMm, rightMm: (isTip ? right : left) * lengthMm };
  };
  const ends: readonly [EndShape, EndShape] = [work.ends, work.otherEnd ?? work.ends];
  const hidden = covered(wrapped);
  return {
    solid: handleSolid({ profile, wrapped, outlineAt, ends, worn }),
    lengthMm,
    used: stretchFromTip(used),
    top: onTop(wrapped, worn).map(stretchFromTip),
    covered: hidden && stretchFromTip(hidden),
    wholeRad: wrapped.wholeRad,
  };
}

/** Everything that its picture is drawn from. */
export function handleSceneOf(
  { solid, lengthMm }: BentHandle,
  { piece, work, finish }: ShownHandle,
  { relief, heightShare }: HandleRelief,
): HandleRingScene {
  const sign = work.keptEnd === 'tip' ? 1 : -1;
  return {
    solid,
    relief,
    inPicture: {
      along: { at0: sign === 1 ? 0 : 1, perMm: sign / lengthMm },
      across: { at0: 0.5, perMm: -sign / (heightShare * lengthMm) },
    },
    look: { metal: metalColour(piece.metal), surface: finish, goldInside: false },
    depth: 1,
  };
}

/** Where the ends come to lie, in a sentence. */
export function endsWords(
  { used, covered: hidden, wholeRad, solid }: BentHandle,
  { work }: ShownHandle,
  length: (mm: number) => string,
): string {
  const [begin, cut] = work.keptEnd === 'tip' ? [used.fromMm, used.toMm] : [used.toMm, used.fromMm];
  if (work.style === 'spiral') {
    return `Its ends lie ${(wholeRad / (2 * Math.PI)).toFixed(1)} turns apart; it stands ${length(solid.heightMm)} high.`;
  }
  if (!hidden)
    return `Its ends meet: what is ${length(begin)} from the tip meets what is ${length(cut)} from it.`;
  const under = [hidden.fromMm, hidden.toMm].map(length).join(' to ');
  return `The cut end, ${length(cut)} from the tip, lies over what is ${under} from it.`;
}
