const KINDS = {
  stock: '1',
  kit: '2',
  plan: '3',
  ring: '4',
  event: '5',
  'die-chart': '6',
  person: '7',
  order: '8',
  'order-event': '9',
  sizer: 'a',
  message: 'b',
  scrap: 'c',
  face: 'd',
  'must-stay': 'e',
  shelf: 'f',
  discount: '10',
  'tool-event': '11',
} as const;

/** A fixed id for a made-up thing, so that loading the demo twice adds nothing twice. */
export function demoId(kind: keyof typeof KINDS, index: number): string {
  return `${KINDS[kind].padStart(8, '0')}-0000-4000-8000-${index.toString(16).padStart(12, '0')}`;
}
