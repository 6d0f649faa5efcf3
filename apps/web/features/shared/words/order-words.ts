import type { Order, OrderInList } from '@round-mint/contract/orders';
import { metalById } from '@round-mint/core/metal';
import { fingerWords, MEASURED_WORDS } from './finger-words';
import type { Writers } from '@/features/shared/settings/use-settings';

const KIND_WORDS: Readonly<Record<OrderInList['wish']['kind'], string>> = {
  coin: 'coin ring',
  handle: 'ring of silverware',
  strip: 'band of plain metal',
  band: 'another size for their own band',
};

/** The wish in a sentence, for letters. */
export function wishWords(
  { wish, insideDiameterMm }: Pick<OrderInList, 'wish' | 'insideDiameterMm'>,
  write: Writers,
): string {
  const { kind, year, metal, widthMinMm, widthMaxMm } = wish;
  const width =
    widthMinMm === null && widthMaxMm === null
      ? ''
      : `, ${[widthMinMm, widthMaxMm].map((mm) => (mm === null ? '' : write.length(mm))).join(' to ')} wide`;
  const of = [year === null ? '' : ` of ${year}`, metal === null ? '' : ` in ${metalById(metal).name}`].join(
    '',
  );
  return `a ${KIND_WORDS[kind]}${of}${width}, size ${write.size(insideDiameterMm)}`;
}

/** What was asked for, line by line. */
export function wishFacts(
  order: OrderInList,
  write: Writers,
): readonly (readonly [name: string, value: string])[] {
  const { wish, sizeText, insideDiameterMm } = order;
  const { year, metal, face, widthMinMm, widthMaxMm, wall, finish, lining, dedication } = wish;
  const width = [widthMinMm, widthMaxMm].flatMap((mm) => (mm === null ? [] : [write.length(mm)]));
  return [
    order.shelfRingId === undefined
      ? ([
          'Finger',
          `${fingerWords(order)}, ${order.measuredBy === 'told' ? '' : 'by '}${MEASURED_WORDS[order.measuredBy]}`,
        ] as const)
      : (['Bought', 'as it lay on the shelf'] as const),
    [
      'Size',
      `${sizeText} → ${write.size(insideDiameterMm)} · ${write.second(insideDiameterMm)} · ${write.length(insideDiameterMm)}`,
    ],
    ['Made of', `${KIND_WORDS[wish.kind]}${order.stockFrom === 'sent-in' ? ', their own piece' : ''}`],
    ...(year === null ? [] : [['Year', String(year)] as const]),
    ...(metal === null ? [] : [['Metal', metalById(metal).name] as const]),
    ...(face === null ? [] : [['Face outside', face] as const]),
    ...(width.length === 0 ? [] : [['Width', width.join(' to ')] as const]),
    [
      'Wall and finish',
      `${wish.kind === 'coin' ? `${wall}, ` : ''}${finish === 'as-formed' ? 'sanded' : finish}${lining === 'gold' ? ', gold inside' : ''}`,
    ],
    ...(dedication === '' ? [] : [['Dedication', `“${dedication}”`] as const]),
    ...(order.exchange === null
      ? []
      : [
          [
            'In exchange',
            `${order.exchange.pieces} pieces at ${write.money(order.exchange.valueEach)}`,
          ] as const,
        ]),
    ...(order.shelfRingId === undefined
      ? [['Shown before it is finished', order.approvalWanted ? 'yes, by photo' : 'no need'] as const]
      : []),
    ...(order.notes === '' ? [] : [['Notes', order.notes] as const]),
  ];
}

/** An order as it is saved again: without what follows from its history. */
export function inputOf(order: OrderInList & { readonly events?: Order['events'] }) {
  const {
    personName: _personName,
    state: _state,
    approval: _approval,
    ringFinished: _ringFinished,
    holdReached: _holdReached,
    ringLost: _ringLost,
    events: _events,
    createdAt: _createdAt,
    updatedAt: _updatedAt,
    ...input
  } = order;
  return input;
}
