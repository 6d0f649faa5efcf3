import { reasonsBy, type ReasonWords } from '../forming';

/** What is said against making a finished band another size, by code. */
const WORDS = {
  stones: () => ({
    message: 'A set stone cannot follow: it comes loose or breaks, in any setting.',
    instead: 'A setter takes the stones out first, or cuts and solders the band.',
  }),
  tension: () => ({
    message: 'A band that holds its stone by spring loses it.',
    instead: 'Only its maker can change it.',
  }),
  'hard-metal': ({ metal }: { metal: string }) => ({
    message: `${metal}: it cannot be stretched or pressed.`,
    instead: 'A new ring in the right size.',
  }),
  soldered: () => ({
    message: 'The solder seam may open.',
    instead: 'Keep the seam away from the pull; look at it each time.',
  }),
  'goes-hollow': () => ({
    message: 'A flat band goes slightly hollow when it is reduced.',
    instead: 'Turn it over often; true it on the mandrel.',
  }),
  plated: () => ({
    message: 'Plating cracks and cannot be heated.',
    instead: 'Offer to plate it again afterwards.',
  }),
  hollow: () => ({
    message: 'A hollow band dents and folds in.',
    instead: 'Half a size at most, with worn cloth.',
  }),
  'two-metals': () => ({
    message: 'Two metals stretch differently and may part.',
    instead: 'Half a size at a time.',
  }),
  'too-far': ({ amount, patterned }: { amount: string; patterned: boolean }) => ({
    message: `${amount} is further than ${patterned ? 'a patterned' : 'a plain'} band goes.`,
    instead: 'Cut it, take metal out or let a piece in, and solder; or make a new one.',
  }),
  'cannot-soften': ({ withoutHeat }: { withoutHeat: string }) => ({
    message: 'It would need softening on the way, and this metal must not be heated.',
    instead: `Up to ${withoutHeat} without heat.`,
  }),
  'gets-thin': ({ thicknessMm }: { thicknessMm: number }) => ({
    message: `It would be ${thicknessMm.toFixed(2)} mm thick: too thin to wear well.`,
    instead: 'A smaller change, or a new ring.',
  }),
} as const satisfies ReasonWords;

/** A reason of a resize, in its table's words. */
export const resizeReason = reasonsBy(WORDS);
