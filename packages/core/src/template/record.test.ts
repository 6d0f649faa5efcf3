import { roundedLines } from '../testing';
import { blankSheet, centringSheet, checkBar, lengthChartSheet, ringHolesSheet } from './index';
import { SHEETS, STATIONS } from './test-sheets';

const MITRED = blankSheet({
  name: 'Fork',
  stations: STATIONS,
  lengthMm: 62,
  roughLengthMm: 68.2,
  ends: 'mitred',
  paper: 'letter',
});

/** Every mark of every sheet, pinned: what is laid on metal must not move. */
describe('the record of printed sheets', () => {
  it.each([
    ...SHEETS,
    ['mitred blank', MITRED] as const,
    ['centring', centringSheet({ coinName: 'Gannet', diameterMm: 36, holeMm: 14.3, paper: 'a4' })] as const,
    ['all holes', ringHolesSheet('a4', 'us')] as const,
    ['long chart', lengthChartSheet('letter', 'us', { seamMm: 1.2, textured: false })] as const,
  ])('%s', (_name, { marks }) => {
    expect(roundedLines(marks)).toMatchSnapshot();
  });

  it('the bar that tells whether the scale was kept', () => {
    expect(roundedLines(checkBar(20, 26))).toMatchSnapshot();
  });
});
