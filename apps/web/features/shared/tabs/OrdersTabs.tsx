import { PlaceTabs, type PlaceTab } from './PlaceTabs';

const TABS = [
  { name: 'Orders', href: '/orders' },
  { name: 'Shelf', href: '/orders/shelf' },
  { name: 'Day plan', href: '/orders/day' },
  { name: 'People', href: '/orders/people' },
  { name: 'Sizers', href: '/orders/sizers' },
  { name: 'Outbox', href: '/orders/outbox' },
  { name: 'Archive', href: '/orders/archived' },
] as const satisfies readonly PlaceTab[];

/** The parts of the place: what is due, how the days are laid out, who asks, what went out by post. */
export function OrdersTabs({ here }: { here: (typeof TABS)[number]['name'] }) {
  return <PlaceTabs tabs={TABS} here={here} />;
}
