/** What keeps a flat piece from being a plain solid disc. */
export const COIN_FORMS = ['round', 'not-round', 'holed', 'ring-cored'] as const;
