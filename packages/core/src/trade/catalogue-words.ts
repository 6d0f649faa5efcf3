/** What the catalogue for buyers says of itself. */
export const CATALOGUE_WORDS = {
  reserved: 'reserved',
  more: 'More about this ring',
  ring: 'ring',
  nothing: 'Nothing is for sale at the moment.',
  asOf: (count: string, day: string) => `${count}, as of ${day}`,
} as const;
