import { edgesOf, type Exercise, type Game, type PracticeAction } from '@round-mint/core/practice';
import { quarterFraction } from '@round-mint/core/format';
import { markMm, SIZE_SYSTEMS, type SizeSystemId } from '@round-mint/core/size';

/** Amounts that the hand may go by, marks of the maker's own mandrel. */
const AMOUNTS_MARKS = [1, 2, 4, 8] as const;

/** What an amount means for each way of moving metal. */
export type Tool = 'fold' | 'stretch' | 'rim-in' | 'reduce' | 'push' | 'curl';

/** The tools that an exercise has, in the order a ring needs them. */
export function toolsFor({ wall, pushersMm }: Exercise): readonly Tool[] {
  return [
    'fold',
    'stretch',
    'rim-in',
    ...(pushersMm.length > 0 ? (['push'] as const) : []),
    'reduce',
    ...(wall.kind === 'rounded' ? (['curl'] as const) : []),
  ];
}

/** One thing that a tool can do now, and how it is called. */
export interface Offer {
  readonly label: string;
  readonly action: PracticeAction;
}

/** Of the way that is left. */
const FOLD_SHARES = [
  { label: 'a third', share: 1 / 3 },
  { label: 'half', share: 1 / 2 },
  { label: 'the rest', share: 1 },
] as const;

/** How much further both edges go in, mm along the axis. */
const PUSHES_MM = [0.25, 0.5, 1, 2] as const;

function amounts(
  system: SizeSystemId,
  sign: '+' | '−',
  action: (mm: number) => PracticeAction,
): readonly Offer[] {
  const { step } = SIZE_SYSTEMS[system];
  return AMOUNTS_MARKS.map((marks) => ({
    label: `${sign}${quarterFraction(marks * step)}`,
    action: action(marks * markMm(system)),
  }));
}

/** What a tool offers from how the piece stands, sizes and lengths in the maker's own. */
export function offersOf(
  tool: Tool,
  game: Game,
  length: (mm: number) => string,
  system: SizeSystemId,
): readonly Offer[] {
  if (!game.now) return [];
  const { rimMm, cutMm } = edgesOf(game.now);
  const { pushedMm } = game.now;
  const { exercise } = game;
  switch (tool) {
    case 'fold':
      return FOLD_SHARES.map(({ label, share }) => ({ label, action: { kind: 'fold', share } }));
    case 'stretch':
      return amounts(system, '+', (mm) => ({ kind: 'stretch', toMm: Math.min(cutMm, rimMm) + mm }));
    case 'rim-in':
      return amounts(system, '−', (mm) => ({ kind: 'rim-in', toMm: rimMm - mm }));
    case 'reduce':
      return amounts(system, '−', (mm) => ({ kind: 'reduce', toMm: Math.max(rimMm, cutMm) - mm }));
    case 'push':
      return exercise.pushersMm
        .filter((pusherMm) => pusherMm < rimMm)
        .map((pusherMm) => ({ label: length(pusherMm), action: { kind: 'push', pusherMm } }));
    case 'curl':
      return PUSHES_MM.map((moreMm) => ({
        label: `+${length(moreMm)}`,
        action: { kind: 'curl', depthMm: pushedMm + moreMm },
      }));
  }
}
