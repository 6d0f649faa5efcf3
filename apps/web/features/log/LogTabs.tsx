import { PlaceTabs, type PlaceTab } from '@/features/shell/PlaceTabs';

const TABS: readonly PlaceTab[] = [
  { name: 'Rings', href: '/log' },
  { name: 'Die charts', href: '/log/die-charts' },
];

/** The halves of the place: finished rings, and what the dies were seen to do. */
export function LogTabs({ here }: { here: 'Rings' | 'Die charts' }) {
  return <PlaceTabs tabs={TABS} here={here} />;
}
