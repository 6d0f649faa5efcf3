import { fireEvent, screen } from '@testing-library/react-native';
import { defaultWriters } from '@/testing/writers';
import { fakeServer, listOf } from '@/testing/fake-server';
import { renderWithStore } from '@/testing/render';
import {
  converted,
  knuckleAnswer,
  mandrelAnswer,
  stripAnswer,
  wideWords,
} from '@/features/shared/words/finger-model';
import { FingersScreen } from './FingersScreen';

jest.mock('expo-router', () => jest.requireActual('@/testing/router').fakeRouter());

describe('the finger tools', () => {
  it('convert into every system, with what is off', () => {
    const all = converted(17.729);
    expect(all.map(({ mark }) => mark)).toEqual(['US 7½', 'UK O½', 'EU 55.5', 'CH 16', 'JP 15']);
    expect(all.find(({ system }) => system === 'uk')?.exact).toBeUndefined();
    expect(all.find(({ system }) => system === 'eu')?.exact).toBe('55.70');
  });

  it('answer only what was asked, and say what they take', () => {
    expect(stripAnswer('', '0.1', 'mm')).toBeUndefined();
    expect(stripAnswer('57', '0.1', 'mm')).toMatchObject({ value: expect.closeTo(57 / Math.PI - 0.1, 6) });
    expect(stripAnswer('long', '0.1', 'mm')).toMatchObject({ problem: expect.stringContaining('such as') });
    expect(stripAnswer('1', '2', 'mm')).toMatchObject({ problem: expect.stringContaining('too short') });
    expect(knuckleAnswer('US 10', '', 'us')).toBeUndefined();
    expect(knuckleAnswer('US 10', 'US 8', 'us')).toMatchObject({ value: { closed: false } });
    expect(knuckleAnswer('ten', 'US 8', 'us')).toHaveProperty('problem');
    expect(wideWords('8.5', false, 'mm', defaultWriters())).toMatchObject({
      value: expect.stringContaining('½ size'),
    });
    expect(wideWords('wide', false, 'mm', defaultWriters())).toHaveProperty('problem');
  });

  it('check a mandrel once all five figures are there', () => {
    const texts = { lowUs: '4', lowMm: '14.88', highUs: '10', highMm: '19.76', apart: '76.2' };
    expect(mandrelAnswer({ ...texts, apart: '' }, 'mm')).toBeUndefined();
    expect(mandrelAnswer(texts, 'mm')).toMatchObject({ value: { ok: true } });
    expect(mandrelAnswer({ ...texts, highUs: '4' }, 'mm')).toHaveProperty('problem');
    expect(mandrelAnswer({ ...texts, lowMm: 'thin' }, 'mm')).toHaveProperty('problem');
    expect(mandrelAnswer({ ...texts, lowUs: 'A' }, 'mm')).toHaveProperty('problem');
  });
});

describe('FingersScreen', () => {
  it('shows a size in every system, and what the other tools answer', async () => {
    fakeServer({ 'GET /kit': listOf(), 'GET /stock': listOf() });
    renderWithStore(<FingersScreen />);
    fireEvent.changeText(screen.getByLabelText('Size'), 'P½');
    expect(await screen.findByText('UK P½')).toBeTruthy();
    fireEvent.changeText(screen.getByLabelText('Ends meet at (mm)'), '57');
    expect(screen.getByTestId('strip-size')).toBeTruthy();
    fireEvent.changeText(screen.getByLabelText('Knuckle'), 'US 10');
    fireEvent.changeText(screen.getByLabelText('Base of the finger'), 'US 8');
    expect(screen.getByTestId('knuckle-advice')).toBeTruthy();
    fireEvent.changeText(screen.getByLabelText('Width of the band (mm)'), '9');
    expect(screen.getByTestId('wide-advice')).toBeTruthy();
    fireEvent.changeText(screen.getByLabelText('Size'), 'Q+1');
    expect(await screen.findByText(/✕/)).toBeTruthy();
  });
});
