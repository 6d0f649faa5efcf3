import { PlaceTabs, type PlaceTab } from './PlaceTabs';

const TABS = [
  { name: 'Rings', href: '/log' },
  { name: 'Learnt', href: '/log/learnt' },
  { name: 'Die charts', href: '/log/die-charts' },
  { name: 'Shop', href: '/log/shop' },
  { name: 'Archive', href: '/log/archived' },
] as const satisfies readonly PlaceTab[];

/** The parts of the place: finished rings, what they teach, what the dies were seen to do, and how the shop does. */
export function LogTabs({ here }: { here: (typeof TABS)[number]['name'] }) {
  return <PlaceTabs tabs={TABS} here={here} />;
}
