import { DEFAULT_SETTINGS } from '@round-mint/contract/settings';
import { act, fireEvent, render, screen } from '@testing-library/react-native';
import { hasDraft } from '@/store/drafts';
import { withBrowserStorage } from '@/testing/fake-storage';
import { HoursSettings } from './HoursSettings';
import { RateSettings } from './TradeSettings';

const type = (label: string | RegExp, text: string) =>
  fireEvent.changeText(screen.getByLabelText(label), text);

describe('RateSettings', () => {
  it('keeps rates, name and a price that was typed', () => {
    const onSave = jest.fn();
    render(<RateSettings settings={DEFAULT_SETTINGS} onSave={onSave} />);
    type('Name of the workshop', 'The Quay');
    type(/An hour at the bench/, '42,5');
    type(/Profit/, '30');
    type(/Pure silver/, '1.2');
    fireEvent.press(screen.getByText('Save rates'));
    expect(onSave).toHaveBeenCalledWith({
      workshopName: 'The Quay',
      currency: 'cr',
      trade: { ...DEFAULT_SETTINGS.trade, hourlyRate: 42.5, marginShare: 0.3 },
      wayFees: {},
      spotTyped: { silver: 1.2 },
    });
  });

  it('keeps the fees of a way of selling, and asks about half a share', () => {
    const onSave = jest.fn();
    render(<RateSettings settings={DEFAULT_SETTINGS} onSave={onSave} />);
    type('Market, of the price (%)', 'half');
    fireEvent.press(screen.getByText('Save rates'));
    expect(screen.getByText('✕ must be a share in percent, up to 50')).toBeTruthy();
    type('Market, of the price (%)', '2.5');
    type('Market, each sale (cr)', '5');
    fireEvent.press(screen.getByText('Save rates'));
    expect(onSave).toHaveBeenCalledTimes(1);
    expect(onSave).toHaveBeenCalledWith(
      expect.objectContaining({ wayFees: { market: { feeShare: 0.025, feeFixed: 5 } } }),
    );
  });

  it('keeps nothing while something is wrong, and says what', () => {
    const onSave = jest.fn();
    render(<RateSettings settings={DEFAULT_SETTINGS} onSave={onSave} />);
    type('Name of the workshop', ' ');
    type(/Fees, of the price/, 'half');
    type(/Pure gold/, '-3');
    fireEvent.press(screen.getByText('Save rates'));
    expect(onSave).not.toHaveBeenCalled();
    expect(screen.getByText('✕ must not be empty')).toBeTruthy();
    expect(screen.getByText('✕ must be a share in percent, such as 25')).toBeTruthy();
    expect(screen.getByText('✕ must be a price, or nothing')).toBeTruthy();
  });
});

describe('HoursSettings', () => {
  withBrowserStorage();

  it('lets go of what was typed once the server has it, and not before', async () => {
    let isTaken = false;
    const onSave = jest.fn(() => Promise.resolve(isTaken));
    render(<HoursSettings settings={DEFAULT_SETTINGS} onSave={onSave} />);
    type('Days off', '2026-12-24');
    const save = () => act(async () => fireEvent.press(screen.getByText('Save hours')));
    await save();
    expect(hasDraft('settings/hours')).toBe(true);
    isTaken = true;
    await save();
    expect(onSave).toHaveBeenCalledTimes(2);
    expect(hasDraft('settings/hours')).toBe(false);
  });

  it('reads hours as people write them, and days off', () => {
    const onSave = jest.fn();
    render(<HoursSettings settings={DEFAULT_SETTINGS} onSave={onSave} />);
    type('Monday', '10-12, 14-18:30');
    type('Friday', '');
    type('Days off', '2026-12-24, 2026-12-25');
    fireEvent.press(screen.getByText('Save hours'));
    const [{ hours, daysOff }] = onSave.mock.calls[0] as [{ hours: unknown[]; daysOff: string[] }];
    expect(hours[1]).toEqual([
      { fromMin: 600, toMin: 720 },
      { fromMin: 840, toMin: 1110 },
    ]);
    expect(hours[5]).toEqual([]);
    expect(daysOff).toEqual(['2026-12-24', '2026-12-25']);
  });

  it('takes the hours of a helper, who comes when the maker is there until it is said otherwise', () => {
    const onSave = jest.fn();
    render(<HoursSettings settings={DEFAULT_SETTINGS} onSave={onSave} />);
    expect(screen.queryByLabelText('Helper, Monday')).toBeNull();
    fireEvent.press(screen.getByText('with a helper'));
    type('Helper, Monday', 'after lunch');
    fireEvent.press(screen.getByText('Save hours'));
    expect(onSave).not.toHaveBeenCalled();
    type('Helper, Monday', '14-17');
    fireEvent.press(screen.getByText('Save hours'));
    const { hours } = DEFAULT_SETTINGS;
    const helperHours = hours.with(1, [{ fromMin: 840, toMin: 1020 }]);
    expect(onSave).toHaveBeenLastCalledWith({ hours, helperHours, daysOff: [] });
    fireEvent.press(screen.getByText('alone'));
    fireEvent.press(screen.getByText('Save hours'));
    expect(onSave).toHaveBeenLastCalledWith({ hours, helperHours: hours.map(() => []), daysOff: [] });
  });

  it('says which day it cannot read', () => {
    const onSave = jest.fn();
    render(<HoursSettings settings={DEFAULT_SETTINGS} onSave={onSave} />);
    type('Tuesday', 'all day');
    type('Days off', 'Christmas');
    fireEvent.press(screen.getByText('Save hours'));
    expect(onSave).not.toHaveBeenCalled();
    expect(screen.getByText('✕ such as 9-12:30, 13:30-17, or nothing')).toBeTruthy();
    expect(screen.getByText('✕ “Christmas” is no date such as 24 Dec')).toBeTruthy();
  });
});
