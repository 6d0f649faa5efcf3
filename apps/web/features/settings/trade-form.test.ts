import { DEFAULT_SETTINGS } from '@round-mint/contract/settings';
import { hoursText, parseHours, parseTrade, parseWayFees, tradeTexts, wayFeesTexts } from './trade-form';

describe('rates', () => {
  it('are typed in percent and money, and read back the same', () => {
    const texts = tradeTexts(DEFAULT_SETTINGS.trade);
    expect(texts).toMatchObject({ marginShare: '25', hourlyRate: '36', quoteDays: '14' });
    expect(parseTrade(texts)).toEqual({ ok: true, value: DEFAULT_SETTINGS.trade });
  });

  it('say which one is wrong', () => {
    const parsed = parseTrade({ ...tradeTexts(DEFAULT_SETTINGS.trade), marginShare: '120', post: 'dear' });
    expect(parsed).toMatchObject({
      ok: false,
      problems: { marginShare: expect.stringContaining('percent'), post: expect.stringContaining('number') },
    });
  });
});

describe('fees by way of selling', () => {
  it('are typed in percent and money; empty, the general ones hold', () => {
    const wayFees = { market: { feeShare: 0.025, feeFixed: 5 } };
    const texts = wayFeesTexts(wayFees);
    expect(texts).toMatchObject({ market: { share: '2.5', fixed: '5' }, other: { share: '', fixed: '' } });
    expect(parseWayFees(texts)).toEqual({ ok: true, value: wayFees });
    const half = { ...texts, other: { share: '', fixed: '3' } };
    expect(parseWayFees(half)).toMatchObject({ value: { other: { feeShare: 0, feeFixed: 3 } } });
  });

  it('say which one is wrong', () => {
    const texts = wayFeesTexts({ market: { feeShare: 0.02, feeFixed: 1 } });
    const parsed = parseWayFees({ ...texts, market: { share: '80', fixed: 'much' } });
    expect(parsed).toMatchObject({
      ok: false,
      problems: {
        'market.feeShare': expect.stringContaining('percent'),
        'market.feeFixed': expect.stringContaining('amount'),
      },
    });
  });
});

describe('working hours', () => {
  it.each([
    ['9-12:30, 13:30-17', '09:00–12:30, 13:30–17:00'],
    ['8.15–16.45', '08:15–16:45'],
    ['', ''],
  ])('%p is %p', (typed, shown) => {
    expect(hoursText(parseHours(typed) ?? [{ fromMin: 0, toMin: 1 }])).toBe(shown);
  });

  it.each(['9', '12-9', '9-12, 11-13', '9-25', '9:70-10', 'nine to five'])('refuses %p', (typed) => {
    expect(parseHours(typed)).toBeUndefined();
  });
});
