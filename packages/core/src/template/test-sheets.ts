import { coinBand } from '../strip';
import {
  blankSheet,
  coinBandSheet,
  fingerStripSheet,
  lengthChartSheet,
  ringHolesSheet,
  type Sheet,
} from './index';

export const STATIONS = [
  { atMm: 0, thicknessMm: 2.4, widthMm: 18 },
  { atMm: 62, thicknessMm: 2, widthMm: 8 },
];
export const BLANK = blankSheet({
  name: 'Spoon',
  stations: STATIONS,
  lengthMm: 62,
  roughLengthMm: 68.2,
  ends: 'round',
  paper: 'a4',
});
export const PARTS = coinBand({
  coin: { diameterMm: 20, thicknessMm: 1.5 },
  stripWidthMm: 8,
  stripThicknessMm: 1.5,
  insideDiameterMm: 18,
});
export const BAND = coinBandSheet({
  name: 'Quill',
  coinDiameterMm: 20,
  stripWidthMm: 8,
  parts: PARTS,
  paper: 'letter',
});
export const SHEETS: readonly (readonly [string, Sheet])[] = [
  ['blank', BLANK],
  ['coin band', BAND],
  ['strip', fingerStripSheet('a4', 'us')],
  ['holes', ringHolesSheet('letter', 'uk')],
  ['chart', lengthChartSheet('a4', 'eu', { seamMm: 0.3, textured: false })],
];
