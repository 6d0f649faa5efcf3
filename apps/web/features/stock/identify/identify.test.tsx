import { fireEvent, screen, waitFor } from '@testing-library/react-native';
import { fakeServer, listOf, pieceOf } from '@/testing/fake-server';
import { renderWithStore } from '@/testing/render';
import { router } from '@/testing/router';
import { foundFrom, foundParam, foundTexts } from './found-piece';
import { NO_TESTS, testOutcome, testTexts } from './identify-model';
import { IdentifyScreen } from './IdentifyScreen';

const PIECE = pieceOf({ id: '00000001-0000-4000-8000-000000000031', name: 'Doubtful brenn' });
let mockStockId: string | undefined = '00000001-0000-4000-8000-000000000031';
jest.mock('expo-router', () => ({
  ...jest.requireActual('@/testing/router').fakeRouter(),
  useLocalSearchParams: () => ({ stockId: mockStockId }),
}));

describe('testOutcome', () => {
  it('knows nothing before a test', () => {
    expect(testOutcome(NO_TESTS, undefined)).toMatchObject({ identity: undefined, evidence: {} });
    expect(testOutcome(NO_TESTS, PIECE).identity).toBeUndefined();
  });

  it('takes a coin’s own measures along', () => {
    const { evidence, identity } = testOutcome({ ...NO_TESTS, magnet: 'none' }, PIECE);
    expect(evidence.disc).toEqual({ diameterMm: 30.9, rimThicknessMm: 2.15, massG: 15.13 });
    expect(identity?.suspects.length).toBeGreaterThan(1);
  });

  it('says what is wrong with a weighing, in words', () => {
    expect(testOutcome({ ...NO_TESTS, airG: '12', waterG: '13' }, undefined).problems['waterG']).toContain(
      'hang',
    );
    expect(testOutcome({ ...NO_TESTS, airG: 'a lot', waterG: '1' }, undefined).problems['airG']).toContain(
      '0.01',
    );
  });

  it('goes on with what was kept', () => {
    const evidence = { magnet: 'none', mark: '', weighing: { airG: 12, waterG: 10.8 } } as const;
    expect(testTexts(evidence)).toMatchObject({ magnet: 'none', marked: 'none', airG: '12', waterG: '10.8' });
    expect(testOutcome(testTexts(evidence), undefined).evidence).toMatchObject({ mark: '', magnet: 'none' });
    expect(testTexts(null)).toEqual(NO_TESTS);
  });
});

describe('what was found before a piece is in stock', () => {
  const evidence = { magnet: 'none', mark: '925', weighing: { airG: 12.5, waterG: 11.29 } } as const;

  it('travels in the address, with the metal and the mass for the form', () => {
    const found = foundFrom(foundParam(evidence));
    expect(found?.evidence).toEqual(evidence);
    expect(found && foundTexts(found)).toEqual({ metal: 'silver-925', massG: '12.5' });
    const unsure = foundFrom(foundParam({ magnet: 'none' }));
    expect(unsure && foundTexts(unsure)).toEqual({});
  });

  it('is nothing where the address brings what cannot be read', () => {
    expect(foundFrom(undefined)).toBeUndefined();
    expect(foundFrom('{"magnet":"perhaps"}')).toBeUndefined();
    expect(foundFrom('{')).toBeUndefined();
  });
});

describe('IdentifyScreen', () => {
  it('ends in entering a piece that is not in stock yet', async () => {
    mockStockId = undefined;
    fakeServer({ 'GET /stock': listOf(PIECE) });
    renderWithStore(<IdentifyScreen />);
    expect(await screen.findByText('Enter it in the stock')).toBeDisabled();
    fireEvent.press(screen.getByText('nothing'));
    fireEvent.press(screen.getByText('Enter it in the stock'));
    expect(router.push).toHaveBeenCalledWith({
      pathname: '/stock/new',
      params: { found: foundParam({ magnet: 'none' }) },
    });
    mockStockId = PIECE.id;
  });

  it('leads from test to test, and keeps the verdict with the piece', async () => {
    const calls = fakeServer({ 'GET /stock': listOf(PIECE), [`PUT /stock/${PIECE.id}`]: PIECE });
    renderWithStore(<IdentifyScreen />);
    fireEvent.press(await screen.findByText('nothing'));
    expect(screen.getByText('Look for marks next.')).toBeTruthy();
    fireEvent.press(screen.getByText('there are'));
    fireEvent.changeText(screen.getByLabelText('What they say'), '900');
    fireEvent.changeText(screen.getByLabelText('In air (g)'), '15.13');
    fireEvent.changeText(screen.getByLabelText('In water (g)'), '13.40');
    expect(screen.getByTestId('density')).toBeTruthy();
    fireEvent.press(screen.getByText('milky, pale blue'));
    expect(screen.getByTestId('identity').props.children).toContain('silver .900');
    fireEvent.press(screen.getByText('Save result'));
    await waitFor(() => expect(calls.some(({ method }) => method === 'PUT')).toBe(true));
    const body = calls.find(({ method }) => method === 'PUT')?.body;
    expect(body).toMatchObject({ evidence: { magnet: 'none', mark: '900', stone: 'milky-pale-blue' } });
    expect(body).not.toHaveProperty('createdAt');
  });

  it('stops where a magnet sticks', async () => {
    fakeServer({ 'GET /stock': listOf(PIECE) });
    renderWithStore(<IdentifyScreen />);
    fireEvent.press(await screen.findByText('it sticks'));
    expect(screen.getByText('must not be bent')).toBeTruthy();
    expect(screen.getByText('No further test is needed.')).toBeTruthy();
  });
});
