import type { Paper, PaperBlock, PaperPicture } from '@/features/shared/print/paper';

type Facts = readonly (readonly [name: string, value: string])[];

export interface QuotePaperFacts {
  readonly workshop: string;
  readonly person: string;
  readonly name: string;
  readonly facts: Facts;
  /** The ring that comes out and its band, where they can be shown. */
  readonly ring: readonly PaperPicture[];
  /** To be paid. */
  readonly price: string;
  /** What the price was before something was taken off, and what that was. */
  readonly discount: { readonly before: string; readonly name: string; readonly off: string } | undefined;
  readonly readyBy: string | undefined;
  readonly validDays: number;
}

const LAW =
  'Altering coins is lawful in some countries and restricted or forbidden in others; hallmarking rules may apply to what is sold as silver or gold. Check your local law. An altered coin must never be passed as money.';

/** The ring, and its band below it, as wide as the page. */
function ringPictures(ring: readonly PaperPicture[]): readonly PaperBlock[] {
  return ring.map((picture) => ({ kind: 'pictures', pictures: [picture] }));
}

/** The quote as it is handed over. */
export function quotePaper({
  workshop,
  person,
  name,
  facts,
  ring,
  price,
  discount,
  readyBy,
  validDays,
}: QuotePaperFacts): Paper {
  return {
    title: `Quote: ${name}`,
    blocks: [
      { kind: 'small', text: workshop },
      { kind: 'title', text: `Quote for ${person}` },
      { kind: 'heading', text: name },
      ...ringPictures(ring),
      ...facts.map(([label, value]) => ({ kind: 'line', label, value }) as const),
      { kind: 'gap' },
      ...(discount
        ? ([
            { kind: 'line', label: 'Price', value: discount.before },
            { kind: 'line', label: discount.name, value: `−${discount.off}` },
          ] as const)
        : []),
      {
        kind: 'line',
        label: discount ? 'To pay, with post' : 'Price, with post',
        value: price,
        strong: true,
      },
      { kind: 'line', label: 'Ready by', value: readyBy ?? 'to be told' },
      { kind: 'line', label: 'Holds for', value: `${validDays} days` },
      { kind: 'gap' },
      { kind: 'small', text: LAW },
    ],
  };
}

export interface CloseOutFacts {
  readonly workshop: string;
  /** Nobody's where it was bought ready. */
  readonly person: string;
  readonly name: string;
  readonly dedication: string;
  readonly facts: Facts;
  readonly care: readonly string[];
  readonly resize: string;
  /** The ring as it was seen before, and its band, where they can be shown. */
  readonly ring: readonly PaperPicture[];
  readonly photos: readonly PaperPicture[];
}

/** The card that goes with the ring. */
export function closeOutPaper(card: CloseOutFacts): Paper {
  const { workshop, person, name, dedication, facts, care, resize, ring, photos } = card;
  return {
    title: `Card: ${name}`,
    blocks: [
      { kind: 'small', text: workshop },
      { kind: 'title', text: name },
      ...(person === '' ? [] : ([{ kind: 'text', text: `Made for ${person}.` }] as const)),
      ...(dedication ? ([{ kind: 'heading', text: `“${dedication}”` }] as const) : []),
      ...(photos.length > 0 ? ([{ kind: 'pictures', pictures: photos }] as const) : []),
      { kind: 'heading', text: 'Your ring' },
      ...ringPictures(ring),
      ...facts.map(([label, value]) => ({ kind: 'line', label, value }) as const),
      { kind: 'heading', text: 'Care' },
      ...care.map((text) => ({ kind: 'text', text }) as const),
      { kind: 'heading', text: 'Another size' },
      { kind: 'text', text: resize },
      { kind: 'gap' },
      { kind: 'small', text: LAW },
    ],
  };
}
