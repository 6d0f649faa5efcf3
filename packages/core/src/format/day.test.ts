import { parseDay } from './day';

const READING = { today: '2026-12-01', order: 'dmy' } as const;

describe('a day as it is typed', () => {
  it.each([
    ['2026-12-24', '2026-12-24'],
    ['2027/1/5', '2027-01-05'],
    ['24.12.2026', '2026-12-24'],
    ['24.12.', '2026-12-24'],
    ['24/12/26', '2026-12-24'],
    ['3-2', '2027-02-03'],
    ['24 Dec', '2026-12-24'],
    ['Dec 24', '2026-12-24'],
    ['December 24, 2027', '2027-12-24'],
    ['24th of Dec', '2026-12-24'],
    ['2027 May 3', '2027-05-03'],
    ['today', '2026-12-01'],
    ['Tomorrow', '2026-12-02'],
    ['in 3 weeks', '2026-12-22'],
    ['in 1 day', '2026-12-02'],
    ['+10', '2026-12-11'],
    // 1 December 2026 is a Tuesday.
    ['fri', '2026-12-04'],
    ['tuesday', '2026-12-08'],
    ['Monday', '2026-12-07'],
  ])('%s is %s', (text, day) => {
    expect(parseDay(text, READING)).toBe(day);
  });

  it('goes by the order of the locale, but points always put the day first', () => {
    expect(parseDay('12/3', { ...READING, order: 'mdy' })).toBe('2026-12-03');
    expect(parseDay('12/3', READING)).toBe('2027-03-12');
    expect(parseDay('3.12.', { ...READING, order: 'mdy' })).toBe('2026-12-03');
    expect(parseDay('12-24', { ...READING, order: 'ymd' })).toBe('2026-12-24');
  });

  it('knows the months of the maker’s language', () => {
    const months = [
      'Januar',
      'Februar',
      'März',
      'April',
      'Mai',
      'Juni',
      'Juli',
      'August',
      'September',
      'Oktober',
    ];
    expect(parseDay('5. März 2027', { ...READING, months })).toBe('2027-03-05');
    expect(parseDay('5. März 2027', READING)).toBeUndefined();
  });

  it('without a year is the next such day', () => {
    expect(parseDay('1.12.', READING)).toBe('2026-12-01');
    expect(parseDay('30.11.', READING)).toBe('2027-11-30');
    // The next year that has one is no leap year.
    expect(parseDay('29.2.', READING)).toBeUndefined();
  });

  it.each(['', 'soon', '31.4.2026', '2026-13-01', '24', 'mo', '24 12 26 1 2 Dec', '99.99.'])(
    '"%s" is none',
    (text) => {
      expect(parseDay(text, READING)).toBeUndefined();
    },
  );
});
