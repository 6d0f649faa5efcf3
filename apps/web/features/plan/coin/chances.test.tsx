import type { RingChances } from '@round-mint/core/uncertainty';
import { fireEvent, screen } from '@testing-library/react-native';
import { fakeServer, listOf, pieceOf, punchOf } from '@/testing/fake-server';
import { renderWithStore } from '@/testing/render';
import { params } from '@/testing/router';
import { between, spoilWords } from '@/features/shared/words/chances-words';
import { PlanScreen } from './PlanScreen';

jest.mock('expo-router', () => jest.requireActual('@/testing/router').fakeRouter());

const chances = (spoilt: number, spoiltBy: Partial<RingChances['spoiltBy']>) =>
  ({ spoilt, spoiltBy: { crack: 0, wrinkle: 0, thin: 0, size: 0, ...spoiltBy } }) as RingChances;

describe('words for chances', () => {
  it('write an interval with one unit, and one number when both ends read alike', () => {
    const write = (mm: number) => `${mm.toFixed(1)} mm`;
    expect(between({ low: 8.7, middle: 8.9, high: 9.1 }, write)).toBe('8.7–9.1 mm');
    expect(between({ low: 8.71, middle: 8.72, high: 8.73 }, write)).toBe('8.7 mm');
    expect(between({ low: 9.75, middle: 10, high: 10.25 }, (n) => `US ${n}`)).toBe('US 9.75–10.25');
  });

  it('name the cause that spoils most', () => {
    expect(spoilWords(chances(0.07, { crack: 0.05, size: 0.02 }))).toBe(
      '7 in 100 spoil, most by a crack at the cut edge',
    );
    expect(spoilWords(chances(0.01, { size: 0.01 }))).toContain('1 in 100 spoils');
    expect(spoilWords(chances(0.001, { size: 0.001 }))).toBe('hardly one in 100 spoils');
  });
});

describe('how sure a plan is', () => {
  async function renderPlan() {
    fakeServer({ 'GET /stock': listOf(pieceOf()), 'GET /kit': listOf(punchOf(12.7, 1), punchOf(14.3, 2)) });
    params['stockId'] = pieceOf().id;
    renderWithStore(<PlanScreen />);
    await screen.findByTestId('verdict');
  }

  it('draws the rings and says interval, chance to spoil and what to measure better', async () => {
    await renderPlan();
    expect(await screen.findByTestId('spoil-chance', {}, { timeout: 50_000 })).toHaveTextContent(
      /in 100 spoil|hardly one/,
    );
    expect(screen.getByTestId('verdict')).toHaveTextContent(/\d\.\d–\d\.\d mm wide, /);
    expect(screen.getByText(/Known exactly, the width would lie within/)).toBeTruthy();
    fireEvent.press(screen.getByRole('button', { name: 'Why this sure?' }));
    expect(screen.getByText('2000 rings were drawn.', { exact: false })).toBeTruthy();
    expect(screen.getByText('What spreads the width')).toBeTruthy();
  });

  it('takes another school when it is chosen', async () => {
    await renderPlan();
    fireEvent.press(screen.getByRole('radio', { name: /^cone and lid/ }));
    expect(await screen.findByText(/stays tapered, straightens on cone and lid/)).toBeTruthy();
  });

  it('leads from the verdict to what to do when it goes wrong', async () => {
    await renderPlan();
    fireEvent.press(screen.getByRole('button', { name: 'Why? All reasons' }));
    fireEvent.press(screen.getByText('The hole is off centre'));
    expect(screen.getByText('Measure the land at four places or more.')).toBeTruthy();
    fireEvent.press(screen.getByLabelText('Close'));
    expect(screen.getByText('When it goes wrong')).toBeTruthy();
  });

  it('plays the film from blow to blow', async () => {
    await renderPlan();
    expect(screen.getByRole('button', { name: 'Play the film' })).toBeTruthy();
    const stretch = screen.getAllByRole('button', { name: /^Fold, stroke 1/ })[0]!;
    fireEvent.press(stretch);
    expect(screen.getAllByText(/^Fold, stroke 1/).length).toBeGreaterThan(0);
  });
});
