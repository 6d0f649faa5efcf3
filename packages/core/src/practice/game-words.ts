import type { Feel } from './game-state';

/** Why the piece does not let a tool do what is asked. */
export const MOVE_REFUSALS = {
  'not-folded': 'It is still a washer: fold it down into the die first.',
  'folded-already': 'It sits in the die already.',
  'edges-turned-in': 'The stretcher would open the turned-in edges: reduce instead, or start again.',
  'stretcher-too-small': 'The stretcher does not reach the wall there.',
  'rim-inside-already': 'The rim edge is inside of that already.',
  'edges-inside-already': 'Both edges are inside of that already.',
  'still-leans': 'It still leans: stretch it straight first.',
  'pusher-too-large': 'That pusher does not touch the rim.',
  'stays-straight': 'This band stays straight.',
  'edges-differ': 'The two edges differ too much to be turned in alike.',
  'pushed-already': 'Its edges are in that far already.',
} as const;
export type MoveRefusal = keyof typeof MOVE_REFUSALS;

/** What comes of what is done, and why nothing does. */
export const GAME_WORDS = {
  punched: 'It is punched: a punched coin cannot be un-punched.',
  noPiece: 'There is no such piece.',
  taken: 'Punched and deburred. Its edges are hard from the punch.',
  takeFirst: 'Take a piece and punch it first.',
  rimStops: 'The rim will not grow past the coin: the stretcher stops there.',
  cracked: 'A crack runs up from the cut edge.',
  saddled: 'Pressed too far at once: it has gone to a saddle.',
  annealed: 'Soft again. Quenched, tools too.',
  noLip: 'There is no lip to trim.',
  trimmed: 'The lip is gone: it reads larger now.',
  noRing: 'This is no ring yet.',
  finished: 'Read, measured, done.',
} as const;

/** How the metal feels. */
export const FEEL_WORDS: Readonly<Record<Feel, string>> = {
  soft: 'It moves easily.',
  firm: 'It takes some force.',
  stiff: 'It is stiff: the press has to be leaned on.',
  groaning: 'It groans and hardly moves.',
};
