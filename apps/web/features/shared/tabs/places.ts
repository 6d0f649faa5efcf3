import type { Href } from 'expo-router';

export interface Place {
  readonly name: string;
  readonly href: Href;
  /** First part of every path in this place. */
  readonly root: string;
  /** Strokes of its sign in a 24 × 24 box. */
  readonly strokes: string;
}

/** The places of the house, in the order of the work. */
export const PLACES: readonly Place[] = [
  {
    name: 'Bench',
    href: '/bench',
    root: 'bench',
    strokes: 'M3 20 H21 M6 20 V9 H18 V20 M12 9 V3 M9 6 L12 9 L15 6',
  },
  { name: 'Plan', href: '/plan', root: 'plan', strokes: 'M12 2 V22 M12 5 H20 L17 19 H12 M15 5 L13.5 19' },
  {
    name: 'Stock',
    href: '/stock',
    root: 'stock',
    strokes:
      'M4 17 C4 14.5 20 14.5 20 17 C20 19.5 4 19.5 4 17 M4 17 V12 C4 9.5 20 9.5 20 12 V17 M4 12 V7 C4 4.5 20 4.5 20 7 V12',
  },
  {
    name: 'Orders',
    href: '/orders',
    root: 'orders',
    strokes: 'M4 8 L14 4 L20 6 V18 L10 20 L4 18 Z M10 20 V10 M4 8 L10 10 L20 6 M13 14 L17 13',
  },
  {
    name: 'Log',
    href: '/log',
    root: 'log',
    strokes: 'M8 3 C12 8 12 16 8 21 M16 3 C12 8 12 16 16 21 M7 12 H17',
  },
];

/** The place a path lies in. */
export function placeOf(pathname: string): string {
  const first = pathname.split('/').filter(Boolean)[0];
  return first ?? 'bench';
}
