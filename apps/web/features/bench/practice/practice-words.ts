import { percentWords } from '@round-mint/core/format';
import type { Exercise, Game, PracticeAction } from '@round-mint/core/practice';

/** What a ring is to be: told from the figures that it is judged by. */
export function wantedWords(
  { targetMm, widthMm }: Exercise,
  size: (mm: number) => string,
  length: (mm: number) => string,
): string {
  return `${size(targetMm)}, ${length(widthMm.min)} to ${length(widthMm.max)} wide`;
}

/** An action in the words of the bench. */
export function actionWords(
  action: PracticeAction,
  { exercise }: Pick<Game, 'exercise'>,
  size: (mm: number) => string,
  length: (mm: number) => string,
): string {
  switch (action.kind) {
    case 'take':
      return `${exercise.pieces[action.piece]?.name ?? 'Piece'}, hole ${length(action.holeMm)}`;
    case 'anneal':
      return 'Anneal';
    case 'fold':
      return action.share >= 1
        ? 'Fold all the way down'
        : `Fold by ${percentWords(action.share)} of what is left`;
    case 'stretch':
      return `Stretch to ${size(action.toMm)}`;
    case 'rim-in':
      return `Rim edge in to ${size(action.toMm)}`;
    case 'reduce':
      return `Reduce both edges to ${size(action.toMm)}`;
    case 'push':
      return `${length(action.pusherMm)} pusher under tape`;
    case 'curl':
      return `Both edges in to ${length(action.depthMm)} past the first touch`;
    case 'trim':
      return 'Trim the lip';
    case 'stop':
      return 'Stopping there';
  }
}
