import type { RingFigures, ShelfRing } from '@round-mint/contract/shelf';
import { countWords, durationWords } from '@round-mint/core/format';
import { metalById } from '@round-mint/core/metal';
import { allMarks, SIZE_SYSTEM_IDS, SIZE_SYSTEMS } from '@round-mint/core/size';
import { SALE_WAY_NAMES, SHELF_STATE_NAMES, spotMetalOf, type SizeRange } from '@round-mint/core/trade';
import { differenceInCalendarDays } from 'date-fns/differenceInCalendarDays';
import type { Writers } from '@/features/shared/settings/use-settings';
import { dayAndYear } from './dates';
import { FINISHES } from './finishes';
import { dayWords } from './wall-clock';

type Facts = readonly (readonly [name: string, value: string])[];

/** What a ring is, by how it was made. */
export const KIND_NAMES: Readonly<Record<RingFigures['kind'], string>> = {
  coin: 'coin ring',
  handle: 'ring of silverware',
  strip: 'band of plain metal',
  spinner: 'spinner',
  'coin-band': 'coin in a band',
  resize: 'resized band',
};

/** What a ring is in a few words: "US 8½ · 9.1 mm wide · silver .900". */
export function ringLine({ insideDiameterMm, widthMm, metal }: RingFigures, write: Writers): string {
  return `${write.size(insideDiameterMm)} · ${write.length(widthMm)} wide · ${metalById(metal).name}`;
}

/** A size in every system: "US 8½ · UK Q½ · EU 58 · CH 18 · JP 17". */
export function everySize(insideDiameterMm: number): string {
  const marks = allMarks(insideDiameterMm);
  return SIZE_SYSTEM_IDS.map((id) => `${SIZE_SYSTEMS[id].prefix} ${marks[id].mark}`).join(' · ');
}

function rangeWords({ fromMm, toMm }: SizeRange, write: Writers): string {
  return `${write.size(fromMm)} to ${write.size(toMm)}`;
}

/** Sizes that this very ring can be given. */
export function fitsWords({ fits, insideDiameterMm, seam }: RingFigures, write: Writers): string {
  if (seam === 'open') return `${rangeWords(fits.usual, write)}: it is open and can be bent`;
  const { safe, usual } = fits;
  if (usual.fromMm === insideDiameterMm && usual.toMm === insideDiameterMm)
    return 'this size only: its wall is too thin';
  const risky = safe.fromMm !== usual.fromMm || safe.toMm !== usual.toMm;
  const most = `${rangeWords(usual, write)} at the most`;
  return risky ? `${rangeWords(safe, write)} safely, ${most}` : `${rangeWords(usual, write)} safely`;
}

/** Behind a figure that nobody measured. */
const planned = (measured: boolean) => (measured ? '' : ', as planned');

/** A ring's own figures, line by line. */
export function figureFacts(ring: RingFigures, write: Writers): Facts {
  const { insideDiameterMm, widthMm, heightMm, thicknessMm, massG, metal, measured } = ring;
  const { name, fineness } = metalById(metal);
  const fine = spotMetalOf(metal) ? `, ${Math.round(fineness * 1000)} of 1000 fine` : '';
  return [
    ['Size', `${write.length(insideDiameterMm)} inside${planned(measured.size)}`],
    ['In every system', everySize(insideDiameterMm)],
    ['Also fits', fitsWords(ring, write)],
    ['Width', `${write.length(widthMm)}${planned(measured.width)}`],
    ['Height', write.length(heightMm)],
    ['Wall at its thinnest', `${write.length(thicknessMm, 2)}${planned(measured.thickness)}`],
    ['Mass', `${massG.toFixed(1)} g${measured.mass ? '' : ', computed'}`],
    ['Metal', `${name}${fine}`],
    ['Made from', [KIND_NAMES[ring.kind], ring.stockName].join(', ')],
    ...(ring.year === null ? [] : [['Year', String(ring.year)] as const]),
    ...(ring.face === null ? [] : [['Face outside', ring.face] as const]),
    [
      'Finish',
      [
        FINISHES.find(({ value }) => value === ring.finish)?.label ?? ring.finish,
        ring.wall === null ? '' : `${ring.wall} wall`,
        ring.lined ? 'gold inside' : '',
      ]
        .filter(Boolean)
        .join(', '),
    ],
    ['Finished', `${dayAndYear(ring.finishedAt)}, ${durationWords(ring.workedMin)} at the bench`],
  ];
}

/** Where a ring stands, and since when: "for sale for 34 days". */
export function shelfStateWords(
  { state, putUpAt, goneAt, reserved, sale, finished }: ShelfRing,
  now = new Date(),
): string {
  const days = countWords(Math.max(0, differenceInCalendarDays(now, putUpAt)), 'day');
  if (!finished && goneAt === null) return 'back at the bench';
  if (reserved) return `reserved for ${reserved.who} until ${dayWords(reserved.until)}`;
  if (goneAt === null) return `for sale for ${days}`;
  const way = sale ? ` by ${SALE_WAY_NAMES[sale.way]}` : '';
  return `${SHELF_STATE_NAMES[state]} ${dayAndYear(goneAt)}${way}`;
}
