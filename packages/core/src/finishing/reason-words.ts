import { saidBy, type Sentences } from '../format';
import { reasonsBy, type ReasonWords } from '../forming';

/** What a metal says against a finish, by code. */
const REASONS = {
  'finish-needs-copper': ({ metal }: { metal: string }) => ({
    message: `The flame colours copper and bronze, not ${metal.toLowerCase()}.`,
    instead: 'Take “dark”, or another metal.',
  }),
  'finish-wears-plate': () => ({
    message: 'Steel wool takes the plating off: it is left bright.',
    instead: 'Satin only what is silver right through.',
  }),
  'finish-shows-wear': () => ({
    message: 'Where the plating is worn, or wears later, it takes another colour.',
    instead: 'Leave it polished, or show a trial piece first.',
  }),
  'finish-may-not-take': ({ metal }: { metal: string }) => ({
    message: `Liver of sulphur hardly darkens ${metal.toLowerCase()}.`,
    instead: 'Try it on a scrap of the same metal first.',
  }),
} as const satisfies ReasonWords;

/** A reason against a finish, in its table's words. */
export const finishReason = reasonsBy(REASONS);

/** What a recipe does against the trade's advice, by code. */
const WARNINGS = {
  'grit-skipped': ({ last, grit }: { last: number; grit: number }) =>
    `From ${last} to ${grit} skips a grit: the scratches of ${last} stay. Never more than double.`,
  'grit-back': ({ last, grit }: { last: number; grit: number }) =>
    `${grit} after ${last} scratches again what is fine already.`,
  'acid-before-sulphur': () =>
    'Acid is still on it: neutralise and rinse first. Liver of sulphur and acid give hydrogen sulphide.',
  'no-silver-for-rainbow': () => 'Rainbow colours come only where silver is at the surface.',
  'plate-shows-wear': () =>
    'Plated: where the silver is worn, or wears later, it takes another colour. Leave the high points as they come, without wool.',
  'wears-plate': ({ title }: { title: string }) => `Plated: “${title}” takes the silver off. It is left out.`,
  'lining-not-clean': () => 'A lining needs spotless metal: polish and degrease right before it.',
  'not-sealed': () => 'Copper and bronze green the skin: offer to seal or to line it.',
} as const satisfies Sentences;

export type RecipeWarningCode = keyof typeof WARNINGS;

/** A warning of a recipe, in its table's words. */
export const recipeSays = saidBy(WARNINGS);
