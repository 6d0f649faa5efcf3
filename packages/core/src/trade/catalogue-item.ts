/** A picture as it stands in a page: the whole file, in its address. */
export interface CataloguePicture {
  readonly dataUrl: string;
  /** What is to be seen, for whoever cannot. */
  readonly alt: string;
}

/** A ring as a catalogue shows it. */
export interface CatalogueItem {
  readonly id: string;
  readonly name: string;
  readonly short: string;
  readonly long: string;
  readonly price: number;
  readonly priceWords: string;
  readonly isReserved: boolean;
  readonly metal: string;
  readonly massG: number;
  /** "Size" and "US 7½ · UK O½". */
  readonly facts: readonly (readonly [name: string, value: string])[];
  readonly pictures: readonly CataloguePicture[];
}

export interface Catalogue {
  readonly title: string;
  readonly workshop: string;
  readonly currency: string;
  /** "1 December 2026". */
  readonly madeOn: string;
  readonly items: readonly CatalogueItem[];
}
