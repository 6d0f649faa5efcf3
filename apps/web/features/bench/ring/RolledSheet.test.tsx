import { fireEvent, screen, waitFor } from '@testing-library/react-native';
import { doneUpTo, rolledRingOf } from '@/testing/work-ring';
import { renderWork } from './test-ring-work';
import { expectedRolled, readRolled, rolledDoubtWords } from './rolled-model';

jest.mock('expo-router', () => jest.requireActual('@/testing/router').fakeRouter());

const RING = rolledRingOf();
const FIRST = RING.steps.findIndex(({ kind }) => kind === 'roll');
const ROLLING = RING.steps[FIRST]!.rolling!;

function type(text: string) {
  for (const key of text) fireEvent.press(screen.getByLabelText(key === '.' ? 'decimal point' : key));
}

describe('a strip that is measured between the rolls', () => {
  const atMill = () => renderWork(rolledRingOf(doneUpTo(RING, FIRST)));

  it('logs thickness, width and length of the pass at hand, and says what it means', async () => {
    const { sent } = await atMill();
    expect(screen.queryByText('Log reading')).toBeNull();
    fireEvent.press(screen.getByText('Measure'));
    expect(screen.getByText(`plan ${ROLLING.toMm.toFixed(2)} mm`)).toBeTruthy();
    type('2.4');
    fireEvent.press(screen.getByRole('radio', { name: 'Width: not read' }));
    type('3.4');
    fireEvent.press(screen.getByText('Log the strip'));
    await waitFor(() =>
      expect(sent()).toEqual([{ kind: 'rolled', step: FIRST, thicknessMm: 2.4, widthMm: 3.4 }]),
    );
  });

  it('wants a thickness, and asks once about figures that cannot be', async () => {
    const { sent } = await atMill();
    fireEvent.press(screen.getByText('Measure'));
    fireEvent.press(screen.getByText('Log the strip'));
    type('3.2');
    fireEvent.press(screen.getByText('Log the strip'));
    expect(screen.getByTestId('doubt')).toHaveTextContent(/0\.20 mm thicker than before the pass/);
    expect(sent()).toEqual([]);
    fireEvent.press(screen.getByText('Log it all the same'));
    await waitFor(() => expect(sent()).toHaveLength(1));
  });
});

describe('figures of a strip', () => {
  it('are read only where they can be', () => {
    expect(readRolled({ thicknessMm: '', widthMm: '3', lengthMm: '' })).toBeUndefined();
    expect(readRolled({ thicknessMm: '2', widthMm: '0.1', lengthMm: '' })).toBeUndefined();
    expect(readRolled({ thicknessMm: '2', widthMm: '', lengthMm: '40' })).toEqual({
      thicknessMm: 2,
      lengthMm: 40,
    });
  });

  it('are expected as this bench spreads, and doubted when they make other metal', () => {
    const { widthMm } = expectedRolled(ROLLING, 1);
    expect(expectedRolled(ROLLING, 1.5).widthMm).toBeGreaterThan(widthMm);
    const { thicknessMm, lengthMm } = expectedRolled(ROLLING, 1);
    expect(rolledDoubtWords(ROLLING, { thicknessMm, widthMm, lengthMm })).toBeUndefined();
    expect(rolledDoubtWords(ROLLING, { thicknessMm, widthMm, lengthMm: lengthMm * 1.3 })).toBe(
      'These three make 30% more metal than was cut off.',
    );
  });
});
