import { PlaceTabs, type PlaceTab } from '@/features/shell/PlaceTabs';

const TABS: readonly PlaceTab[] = [
  { name: 'Rings', href: '/log' },
  { name: 'Learnt', href: '/log/learnt' },
  { name: 'Die charts', href: '/log/die-charts' },
];

/** The parts of the place: finished rings, what they teach, and what the dies were seen to do. */
export function LogTabs({ here }: { here: 'Rings' | 'Learnt' | 'Die charts' }) {
  return <PlaceTabs tabs={TABS} here={here} />;
}
