import { PlaceTabs, type PlaceTab } from './PlaceTabs';

const TABS: readonly PlaceTab[] = [
  { name: 'Rings', href: '/bench' },
  { name: 'Recipes', href: '/bench/recipes' },
  { name: 'Practice', href: '/bench/practice' },
  { name: 'Devices', href: '/bench/devices' },
];

/** The parts of the place: rings in work, finishing recipes, the trainer, calliper and scale. */
export function BenchTabs({ here }: { here: 'Rings' | 'Recipes' | 'Practice' | 'Devices' }) {
  return <PlaceTabs tabs={TABS} here={here} />;
}
