import { PlaceTabs, type PlaceTab } from './PlaceTabs';

const TABS = [
  { name: 'Pieces', href: '/stock' },
  { name: 'Kit', href: '/stock/kit' },
  { name: 'Years', href: '/stock/years' },
  { name: 'Supplies', href: '/stock/supplies' },
  { name: 'Scrap tin', href: '/stock/scrap' },
  { name: 'What is it?', href: '/stock/test' },
  { name: 'Tables', href: '/stock/tables' },
  { name: 'Archive', href: '/stock/archived' },
] as const satisfies readonly PlaceTab[];

/** The parts of the place: what rings are made from and with, what is used up and left over, what a piece is, and all of it as tables. */
export function StockTabs({ here }: { here: (typeof TABS)[number]['name'] }) {
  return <PlaceTabs tabs={TABS} here={here} />;
}
