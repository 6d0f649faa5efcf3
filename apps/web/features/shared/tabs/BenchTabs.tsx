import { PlaceTabs, type PlaceTab } from './PlaceTabs';

const TABS = [
  { name: 'Rings', href: '/bench' },
  { name: 'Recipes', href: '/bench/recipes' },
  { name: 'Practice', href: '/bench/practice' },
  { name: 'Devices', href: '/bench/devices' },
  { name: 'Archive', href: '/bench/archived' },
] as const satisfies readonly PlaceTab[];

/** The parts of the place: rings in work, finishing recipes, the trainer, calliper and scale. */
export function BenchTabs({ here }: { here: (typeof TABS)[number]['name'] }) {
  return <PlaceTabs tabs={TABS} here={here} />;
}
