import type { RingChances } from '@round-mint/core/uncertainty';
import { fireEvent, screen } from '@testing-library/react-native';
import { fakeServer, listOf, pieceOf, punchOf } from '@/testing/fake-server';
import { renderWithStore } from '@/testing/render';
import { params } from '@/testing/router';
import { anotherPassWords, between, lostWords } from '@/features/shared/words/chances-words';
import { PlanScreen } from './PlanScreen';

jest.mock('expo-router', () => jest.requireActual('@/testing/router').fakeRouter());

const chances = (lost: number, chanceOf: Partial<RingChances['chanceOf']>) =>
  ({ lost, chanceOf: { crack: 0, wrinkle: 0, thin: 0, size: 0, ...chanceOf } }) as RingChances;

describe('words for chances', () => {
  it('write an interval with one unit, and one number when both ends read alike', () => {
    const write = (mm: number) => `${mm.toFixed(1)} mm`;
    expect(between({ low: 8.7, middle: 8.9, high: 9.1 }, write)).toBe('8.7–9.1 mm');
    expect(between({ low: 8.71, middle: 8.72, high: 8.73 }, write)).toBe('8.7 mm');
    expect(between({ low: 9.75, middle: 10, high: 10.25 }, (n) => `US ${n}`)).toBe('US 9.75–10.25');
  });

  it('name what loses most rings', () => {
    expect(lostWords(chances(0.07, { crack: 0.05, wrinkle: 0.02, size: 0.3 }))).toBe(
      '7 in 100 are lost, most by a crack at the cut edge',
    );
    expect(lostWords(chances(0.01, { wrinkle: 0.01 }))).toBe('1 in 100 is lost, most by a wrinkled rim');
    expect(lostWords(chances(0.001, { crack: 0.001 }))).toBe('hardly one in 100 is lost');
  });

  it('tell a size that has missed apart: another pass mends it', () => {
    expect(anotherPassWords(chances(0, { size: 0.12 }))).toBe('12 in 100 need another pass to their size');
    expect(anotherPassWords(chances(0, { size: 0.01 }))).toBe('1 in 100 needs another pass to its size');
    expect(anotherPassWords(chances(0.5, { crack: 0.5 }))).toBeUndefined();
  });
});

describe('how sure a plan is', () => {
  async function renderPlan() {
    fakeServer({ 'GET /stock': listOf(pieceOf()), 'GET /kit': listOf(punchOf(12.7, 1), punchOf(14.3, 2)) });
    params['stockId'] = pieceOf().id;
    renderWithStore(<PlanScreen />);
    await screen.findByTestId('verdict');
  }

  it('draws the rings and says interval, chance to be lost and what to measure better', async () => {
    await renderPlan();
    expect(await screen.findByTestId('lost-chance', {}, { timeout: 50_000 })).toHaveTextContent(
      /in 100 (is|are) lost|Hardly one/,
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
