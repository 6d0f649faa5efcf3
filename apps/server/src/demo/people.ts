import type { PersonInput } from '@round-mint/contract/people';
import { SIZE_SYSTEMS } from '@round-mint/core/size';
import { demoId } from './demo-id';

type Finger = PersonInput['fingers'][number];

function finger(us: number, sizeText: string, change: Partial<Finger> = {}): Finger {
  return {
    hand: 'right',
    finger: 'ring',
    sizeText,
    insideDiameterMm: SIZE_SYSTEMS.us.toDiameterMm(us),
    measuredBy: 'gauge',
    gaugeWidthMm: 6,
    knuckleInsideDiameterMm: null,
    ...change,
  };
}

type Row = readonly [
  name: string,
  mail: string,
  phone: string,
  address: string,
  notes: string,
  fingers: Finger[],
];

/** Customers of the made-up workshop. */
// prettier-ignore
const ROWS: readonly Row[] = [
  ['Mirel Oss', 'mirel.oss@ferry.example', '', 'Ferry Quay 3, Tarn', 'Orders for the crew, one a season.', [finger(10, '10')]],
  ['Ilse Tarnow', 'ilse@tarnow.example', '', 'Lamp Lane 12, Skerrow', '', [finger(4.5, '4½', { finger: 'little', gaugeWidthMm: 4 })]],
  ['Calla Venn', 'calla.venn@post.example', '', 'Mill Stair 1, Osterholm', 'Likes silverware with a wave.', [finger(8, '8')]],
  ['Dorrin Hale', 'dorrin@hale.example', '0 55 17', '', '', [finger(9, 'R½', { measuredBy: 'ring', gaugeWidthMm: null })]],
  ['Hannick Roe', 'hannick@roe.example', '', '', 'Knuckle is large: mind it.', [finger(7.5, '7½', { measuredBy: 'knuckle', knuckleInsideDiameterMm: SIZE_SYSTEMS.us.toDiameterMm(8.5) })]],
  ['Pell Averin', 'pell@averin.example', '', 'Pass Road 40, Brennac', '', [finger(10, 'T½', { measuredBy: 'sizer', gaugeWidthMm: 8 })]],
  ['Sanne Kvist', 'sanne.kvist@post.example', '', '', '', [finger(5, '5', { finger: 'little', measuredBy: 'sizer', gaugeWidthMm: 4 })]],
  ['Orrin Stade', 'orrin@stade.example', '', '', 'Father of two of the bridge keepers.', [finger(8.75, '8¾', { measuredBy: 'told', gaugeWidthMm: null })]],
];

export const DEMO_PEOPLE: readonly (PersonInput & { readonly id: string })[] = ROWS.map(
  ([name, email, phone, address, notes, fingers], index) => ({
    id: demoId('person', index),
    ...{ name, email, phone, address, notes, fingers },
  }),
);

/** A made-up person by first name. */
export function personNamed(start: string): (typeof DEMO_PEOPLE)[number] {
  const person = DEMO_PEOPLE.find(({ name }) => name.startsWith(start));
  if (!person) throw new Error(`nobody in the made-up workshop is called ${start}`);
  return person;
}
