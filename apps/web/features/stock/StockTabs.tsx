import { PlaceTabs, type PlaceTab } from '@/features/shell/PlaceTabs';

const TABS: readonly PlaceTab[] = [
  { name: 'Pieces', href: '/stock' },
  { name: 'Kit', href: '/stock/kit' },
];

/** The two halves of the place: what rings are made from, and what with. */
export function StockTabs({ here }: { here: 'Pieces' | 'Kit' }) {
  return <PlaceTabs tabs={TABS} here={here} />;
}
