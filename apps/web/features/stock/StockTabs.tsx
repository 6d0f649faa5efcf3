import { PlaceTabs, type PlaceTab } from '@/features/shell/PlaceTabs';

const TABS = [
  { name: 'Pieces', href: '/stock' },
  { name: 'Kit', href: '/stock/kit' },
  { name: 'What is it?', href: '/stock/test' },
  { name: 'Tables', href: '/stock/tables' },
] as const satisfies readonly PlaceTab[];

/** The parts of the place: what rings are made from, what with, what a piece is, and all of it as tables. */
export function StockTabs({ here }: { here: (typeof TABS)[number]['name'] }) {
  return <PlaceTabs tabs={TABS} here={here} />;
}
