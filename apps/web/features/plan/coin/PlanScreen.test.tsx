import { fireEvent, screen, waitFor } from '@testing-library/react-native';
import { fakeServer, listOf, pieceOf, punchOf, refusal } from '@/testing/fake-server';
import { nameOf, renderWithStore } from '@/testing/render';
import { params, router } from '@/testing/router';
import { PlanScreen } from './PlanScreen';

jest.mock('expo-router', () => jest.requireActual('@/testing/router').fakeRouter());

const KIT = listOf(punchOf(12.7, 1), punchOf(14.3, 2), punchOf(15.9, 3));

async function renderPlan(answers = {}, piece = pieceOf()) {
  const calls = fakeServer({ 'GET /stock': listOf(piece), 'GET /kit': KIT, ...answers });
  params['stockId'] = piece.id;
  const rendered = renderWithStore(<PlanScreen />);
  await screen.findByTestId('verdict');
  return { calls, ...rendered };
}

function typeSize(text: string): void {
  fireEvent.changeText(screen.getByLabelText('Target size'), text);
}

describe('PlanScreen', () => {
  beforeEach(() => jest.clearAllMocks());

  it('answers at once: verdict, holes with their widths, figures', async () => {
    await renderPlan();
    expect(screen.getByText(/Folds, goes straight to the size and is trued\. \d anneals\./)).toBeTruthy();
    const holes = screen.getByTestId('holes');
    await waitFor(() =>
      expect(holes).toHaveTextContent(/12\.7 mm9\.\d mm wide14\.3 mm8\.\d mm wide15\.9 mm7\.\d mm wide/),
    );
    expect(screen.getByLabelText(/^Width: 7\.\d mm\. Why\?$/)).toBeTruthy();
    const before = nameOf(screen.getByLabelText(/^Width: /));
    fireEvent.press(screen.getByLabelText(/12\.7 mm/));
    await waitFor(() => expect(nameOf(screen.getByLabelText(/^Width: /))).not.toBe(before));
  });

  it('takes piece, size and wall out of the address once, and then leaves them to the maker', async () => {
    Object.assign(params, { size: 'US 9', wall: 'tapered' });
    try {
      await renderPlan();
      expect(screen.getByLabelText('Target size').props.value).toBe('US 9');
      expect(screen.getByRole('radio', { name: /^tapered/ })).toBeChecked();
      expect(router.setParams).toHaveBeenCalledWith({ size: undefined, wall: undefined });
    } finally {
      delete params['size'];
      delete params['wall'];
    }
  });

  it('shows the ring first, and its section after a swipe to the left', async () => {
    await renderPlan();
    const touch = (x: number, y: number) => ({ nativeEvent: { changedTouches: [{ pageX: x, pageY: y }] } });
    const swipe = (from: number, to: number, downPx: number) => {
      const picture = screen.getByTestId('plan-picture');
      fireEvent(picture, 'touchStart', touch(from, 200));
      fireEvent(picture, 'touchEnd', touch(to, 200 + downPx));
    };
    const shown = () => nameOf(screen.getByRole('radio', { name: /^(Ring|Section)$/, checked: true }));
    expect(shown()).toBe('Ring');
    swipe(300, 200, 80);
    expect(shown()).toBe('Ring');
    swipe(300, 200, 10);
    expect(shown()).toBe('Section');
    swipe(200, 300, 10);
    expect(shown()).toBe('Ring');
  });

  it('explains a number on a tap', async () => {
    await renderPlan();
    fireEvent.press(screen.getByTestId('figure-anneals'));
    expect(screen.getByText(/Blows in a die count two thirds/)).toBeTruthy();
    fireEvent.press(screen.getByLabelText('Close'));
    expect(screen.queryByText(/Blows in a die count two thirds/)).toBeNull();
  });

  it('refuses with the reason and what would work, and cannot be begun', async () => {
    await renderPlan();
    typeSize('US 20');
    expect(screen.getByText(/The rim never grows/)).toBeTruthy();
    expect(screen.getByText(/With this hole it makes US/)).toBeTruthy();
    expect(screen.getByTestId('take-to-bench')).toBeDisabled();
  });

  it('shows what each way to the size costs', async () => {
    await renderPlan({ 'GET /kit': listOf() });
    const ways = screen.getByTestId('schools');
    await waitFor(() => expect(ways).toHaveTextContent(/straight to size(\d+ h )?\d+ min, \d anneals/), {
      timeout: 20_000,
    });
    const text = String(nameOf(screen.getByRole('radio', { name: /^past it, reduced/ })));
    const least = String(nameOf(screen.getByRole('radio', { name: /^least stretched/ })));
    const minutes = (words: string) => Number(/(\d+) min/.exec(words)?.[1]);
    expect(minutes(text)).toBeGreaterThan(minutes(least));
  });

  it('a thin cut edge is the maker’s own choice, with a reason that is kept', async () => {
    const answer = ({ body }: { body: object }) => body;
    const thin = pieceOf({ rimThicknessMm: 1.15, massG: undefined });
    const { calls } = await renderPlan({ 'POST /plans': answer, 'POST /rings': answer }, thin);
    fireEvent.press(screen.getByLabelText(/^12\.7 mm/));
    fireEvent.press(screen.getByTestId('take-to-bench'));
    expect(screen.getByRole('button', { name: 'Begin this ring' })).toBeDisabled();
    fireEvent.changeText(screen.getByLabelText('Why all the same?'), 'Worn on a chain');
    fireEvent.press(screen.getByRole('button', { name: 'Begin this ring' }));
    await waitFor(() => expect(router.push).toHaveBeenCalled());
    expect(calls.find(({ path }) => path === '/plans')?.body).toMatchObject({
      holeMm: 12.7,
      overruled: [{ code: 'cut-edge-thin', why: 'Worn on a chain' }],
    });
  });

  it('keeps a size that is none, and names what would be', async () => {
    await renderPlan();
    typeSize('biggish');
    expect(screen.getByDisplayValue('biggish')).toBeTruthy();
    expect(screen.getByText(/Type a size like 7, 7½/)).toBeTruthy();
    typeSize('P½');
    expect(screen.getByText('US 8 · UK P½ · ⌀ 18.1 mm')).toBeTruthy();
  });

  it('adds a wide-band allowance only when it is accepted', async () => {
    await renderPlan();
    typeSize('US 10');
    fireEvent.press(screen.getByRole('button', { name: 'Add it' }));
    expect(screen.getByText(/US 10¼ .* with ¼ size for width/)).toBeTruthy();
    expect(screen.queryByRole('button', { name: 'Add it' })).toBeNull();
  });

  it('offers how far the edges are turned in for a rounded wall only, each with its size before', async () => {
    const { calls } = await renderPlan({
      'POST /plans': ({ body }: { body: object }) => body,
      'POST /rings': ({ body }: { body: object }) => body,
    });
    expect(screen.queryByLabelText('17° die')).toBeNull();
    fireEvent.press(screen.getByLabelText('rounded'));
    const half = await screen.findByLabelText(/^half: from US 1\d.*, each edge pushed 2\.\d mm$/);
    expect(half).toBeChecked();
    expect(screen.getByTestId('push-words')).toHaveTextContent(/past the first touch.*quarter sizes/);
    const lost = nameOf(screen.getByLabelText(/^Lost to turning in the edges: /));
    fireEvent.press(screen.getByLabelText(/^full: /));
    await waitFor(() =>
      expect(nameOf(screen.getByLabelText(/^Lost to turning in the edges: /))).not.toBe(lost),
    );
    fireEvent.press(screen.getByLabelText('17° die'));
    fireEvent.press(screen.getByTestId('take-to-bench'));
    fireEvent.press(screen.getByRole('button', { name: 'Begin this ring' }));
    await waitFor(() => expect(router.push).toHaveBeenCalled());
    expect(calls.find(({ path }) => path === '/plans')?.body).toMatchObject({
      curlDeg: null,
      curl: { dieAngleDeg: 17, depth: 'full' },
    });
  });

  it('offers a hollow that the ring goes into, and none that it does not', async () => {
    const ball = (diameterMm: number, n: number) => ({
      ...punchOf(12.7, n),
      name: `${diameterMm} mm ball`,
      spec: { kind: 'dapping-ball' as const, diameterMm },
    });
    await renderPlan({ 'GET /kit': listOf(punchOf(14.3, 1), ball(20, 2), ball(28, 3), ball(36, 4)) });
    fireEvent.press(screen.getByLabelText('rounded'));
    expect(screen.queryByLabelText('20 mm hollow')).toBeNull();
    // Its edges would meet the bottom of this one.
    expect(screen.queryByLabelText('36 mm hollow')).toBeNull();
    fireEvent.press(screen.getByLabelText('28 mm hollow'));
    expect(await screen.findByLabelText(/^half: from US /)).toBeTruthy();
    expect(screen.getByTestId('verdict')).not.toHaveTextContent(/does not go into/);
  });

  it('takes the plan to the bench under a name, and repeats a failed try with the same ids', async () => {
    let tries = 0;
    const { calls } = await renderPlan({
      'POST /plans': ({ body }: { body: object }) => body,
      'POST /rings': ({ body }: { body: object }) => (tries++ === 0 ? refusal(500, 'Out of breath.') : body),
    });
    fireEvent.press(screen.getByTestId('take-to-bench'));
    fireEvent.changeText(screen.getByPlaceholderText('Test brenn, 1948'), 'For Ilse');
    fireEvent.press(screen.getByRole('button', { name: 'Begin this ring' }));
    expect(await screen.findByText('Out of breath.')).toBeTruthy();
    fireEvent.press(screen.getByRole('button', { name: 'Begin this ring' }));
    await waitFor(() => expect(router.push).toHaveBeenCalled());
    const posted = (path: string) => calls.filter((call) => call.method === 'POST' && call.path === path);
    const rings = posted('/rings').map(({ body }) => body as { id: string; name: string });
    expect(rings).toHaveLength(2);
    expect(rings[0]).toEqual(rings[1]);
    expect(rings[0]?.name).toBe('For Ilse');
    expect(posted('/plans')[0]?.body).toMatchObject({
      holeMm: 15.9,
      wall: 'straight',
      curlDeg: null,
      school: 'best',
    });
  });

  it('has nothing to begin when none of the piece is left', async () => {
    await renderPlan({}, pieceOf({ quantity: 0 }));
    expect(screen.getByText('None left in stock')).toBeTruthy();
    expect(screen.getByTestId('take-to-bench')).toBeDisabled();
  });
});
