import type { Tool } from './kit';
import { REFERENCE_KIT } from './reference-kit';

/** Tools that come together, as most benches have them: ticked once instead of typed one by one. */
export interface ToolSet {
  readonly key: string;
  readonly name: string;
  readonly about: string;
  readonly tools: readonly Omit<Tool, 'id'>[];
}

const INCH_MM = 25.4;
const SIXTEENTHS: readonly (readonly [name: string, sixteenths: number])[] = [
  ['⅜', 6],
  ['7⁄16', 7],
  ['½', 8],
  ['9⁄16', 9],
  ['⅝', 10],
  ['11⁄16', 11],
  ['¾', 12],
];
const METRIC_PUNCHES_MM = [10, 11, 12, 13, 14, 15, 16, 18];

function punch(name: string, diameterMm: number): Omit<Tool, 'id'> {
  return { name, spec: { kind: 'punch', diameterMm, selfCentring: false } };
}

/** Tools of the plain bench by the beginning of their ids. */
function plain(start: string): readonly Omit<Tool, 'id'>[] {
  return REFERENCE_KIT.filter(({ id }) => id.startsWith(start)).map(({ name, spec }) => ({ name, spec }));
}

/** In the order of the work; measures are common ones, to be corrected by those of the maker's own. */
export const COMMON_SETS: readonly ToolSet[] = [
  {
    key: 'punches-inch',
    name: 'Punches, inch',
    about: '⅜ to ¾ in by sixteenths',
    tools: SIXTEENTHS.map(([name, sixteenths]) => punch(`${name} in punch`, (sixteenths / 16) * INCH_MM)),
  },
  {
    key: 'punches-metric',
    name: 'Punches, metric',
    about: '10 to 16 mm and 18 mm',
    tools: METRIC_PUNCHES_MM.map((mm) => punch(`${mm} mm punch`, mm)),
  },
  { key: 'ball', name: 'Dapping ball', about: '25 mm', tools: plain('ball-') },
  { key: 'fold', name: 'Fold die and cone', about: '17°, mouth 42 mm', tools: plain('fold-') },
  {
    key: 'reduce-17',
    name: 'Reducing plate, 17°',
    about: 'holes from 16 to 33 mm',
    tools: plain('reduce-17'),
  },
  {
    key: 'reduce-25',
    name: 'Reducing plate, 25°',
    about: 'holes from 16 to 33 mm',
    tools: plain('reduce-25'),
  },
  { key: 'stretcher', name: 'Stretcher', about: 'four splines, 13 to 26 mm', tools: plain('stretcher') },
  {
    key: 'cone',
    name: 'Expansion cone with lids',
    about: '6°, lids from 14 to 27 mm',
    tools: plain('expansion-cone'),
  },
  { key: 'formers', name: 'Formers', about: '12 to 20 mm', tools: plain('former-') },
  {
    key: 'mill',
    name: 'Rolling mill',
    about: 'opens to 5 mm',
    tools: [{ name: 'rolling mill', spec: { kind: 'rolling-mill', openingMm: 5 } }],
  },
  { key: 'mandrel', name: 'Ring mandrel', about: '12.7 mm to a US size', tools: plain('mandrel') },
];
