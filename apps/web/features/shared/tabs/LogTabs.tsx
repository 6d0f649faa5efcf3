import { PlaceTabs, type PlaceTab } from './PlaceTabs';

const TABS: readonly PlaceTab[] = [
  { name: 'Rings', href: '/log' },
  { name: 'Learnt', href: '/log/learnt' },
  { name: 'Die charts', href: '/log/die-charts' },
  { name: 'Shop', href: '/log/shop' },
];

/** The parts of the place: finished rings, what they teach, what the dies were seen to do, and how the shop does. */
export function LogTabs({ here }: { here: 'Rings' | 'Learnt' | 'Die charts' | 'Shop' }) {
  return <PlaceTabs tabs={TABS} here={here} />;
}
