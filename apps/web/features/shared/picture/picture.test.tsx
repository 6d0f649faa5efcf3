import { REFERENCE_KIT } from '@round-mint/core/kit';
import { outlineOf, planCoinRing } from '@round-mint/core/route';
import { act, fireEvent, screen, waitFor } from '@testing-library/react-native';
import { fakeServer, pieceOf } from '@/testing/fake-server';
import { nameOf, renderWithStore, settle } from '@/testing/render';
import * as saving from '@/features/shared/print/save-file';
import { bandSvg } from './exports';
import RingPicture from './RingPicture';

const OBVERSE = '0000000d-0000-4000-8000-000000000001';
const REVERSE = '0000000d-0000-4000-8000-000000000002';

const PIECE = pieceOf({ obverseFaceId: OBVERSE, reverseFaceId: REVERSE });
const { meridian } = planCoinRing(
  { coin: PIECE, holeMm: 12.7, targetInsideDiameterMm: 18.95, wall: { kind: 'straight' } },
  { kit: REFERENCE_KIT },
);

async function renderRing(piece = PIECE) {
  const picture = () => new Response('a picture', { status: 200 });
  const calls = fakeServer({ [`GET /faces/${OBVERSE}`]: picture, [`GET /faces/${REVERSE}`]: picture });
  const ring = { piece, outline: outlineOf(meridian), lipMm: 0.1, outside: 'obverse' } as const;
  renderWithStore(<RingPicture ring={ring} finish="polished" height={60} />);
  fireEvent(screen.getByTestId('ring-picture'), 'layout', {
    nativeEvent: { layout: { width: 80, height: 60 } },
  });
  await settle();
  return calls;
}

/** Tells a part of the page what the browser would. */
function tell(work: () => unknown): void {
  void act(() => void work());
}

/** A part of the page that is the browser's own. */
const part = (name: string) => screen.UNSAFE_getByProps({ 'data-testid': name });
const turnOf = () => Number(part('ring-view').props['data-turn']);
const isDrawn = () => screen.UNSAFE_queryAllByProps({ 'data-drawn': 'yes' }).length;

describe('the picture of a ring', () => {
  it('is drawn from both faces of its piece, with its band, and says where it comes from', async () => {
    const calls = await renderRing();
    await waitFor(() => expect(isDrawn()).toBe(2), { timeout: 20_000 });
    expect(calls.map(({ path }) => path)).toEqual(
      expect.arrayContaining([`/faces/${OBVERSE}`, `/faces/${REVERSE}`]),
    );
    expect(screen.getByText('Computed from the plan; relief is estimated from the photograph.')).toBeTruthy();
    expect(screen.getByText(/^outside surface laid flat: \d\.\d mm × 7\d\.\d mm round$/)).toBeTruthy();
  });

  it('is drawn without them, and says what is missing', async () => {
    await renderRing(pieceOf());
    await waitFor(() => expect(isDrawn()).toBe(2), { timeout: 20_000 });
    expect(screen.getByText(/There is no picture of the faces yet: add one in Stock\./)).toBeTruthy();
  });

  it('turns by keys and by a drag, and follows a tap on the band', async () => {
    await renderRing();
    const before = turnOf();
    const view = part('ring-view');
    const event = { preventDefault: jest.fn(), currentTarget: { setPointerCapture: jest.fn() } };
    tell(() => view.props.onKeyDown({ ...event, key: 'ArrowLeft' }));
    expect(turnOf()).toBe(before + 6);
    tell(() => view.props.onPointerDown({ ...event, pointerId: 1, clientX: 10, clientY: 0 }));
    tell(() => view.props.onPointerMove({ ...event, pointerId: 1, clientX: 30, clientY: 0 }));
    tell(() => view.props.onPointerUp({ ...event, pointerId: 1 }));
    // What is under the finger goes with it: to the right, so that what was at the left comes to the front.
    expect(turnOf()).toBe(before + 6 - 10);
    tell(() => view.props.onPointerMove({ ...event, pointerId: 1, clientX: 90, clientY: 0 }));
    expect(turnOf()).toBe(before + 6 - 10);
    const band = screen.getByLabelText(/^The outside of the band, laid flat/);
    fireEvent.press(band, { nativeEvent: { locationX: band.props.style.width * 0.75 } });
    expect(turnOf()).toBe(90);
  });

  it('comes nearer with two fingers apart', async () => {
    await renderRing();
    const view = part('ring-view');
    const event = { currentTarget: { setPointerCapture: jest.fn() } };
    const before = turnOf();
    tell(() => view.props.onPointerDown({ ...event, pointerId: 1, clientX: 10, clientY: 0 }));
    tell(() => view.props.onPointerDown({ ...event, pointerId: 2, clientX: 30, clientY: 0 }));
    tell(() => view.props.onPointerMove({ ...event, pointerId: 2, clientX: 50, clientY: 0 }));
    tell(() => view.props.onPointerMove({ ...event, pointerId: 1, clientX: -10, clientY: 0 }));
    expect(turnOf()).toBe(before);
    expect(part('ring-view').props['data-zoom']).toBeCloseTo(3, 1);
  });

  it('shows the inside, and how it is stretched', async () => {
    await renderRing();
    fireEvent.press(screen.getByRole('button', { name: 'See the inside of the band' }));
    expect(screen.getByText(/^inside surface laid flat/)).toBeTruthy();
    expect(screen.queryByLabelText(/^Drawn out/)).toBeNull();
    fireEvent.press(screen.getByRole('button', { name: 'Show how it is stretched' }));
    const told = nameOf(screen.getByLabelText(/^Drawn out by the cut edge/));
    const [cut = NaN, rim = NaN] = [...told.matchAll(/round ×(\d\.\d\d)/g)].map(([, round]) => Number(round));
    // By the hole the face is drawn out round the finger, by the rim it is crowded.
    expect(cut).toBeGreaterThan(1.2);
    expect(rim).toBeLessThan(1);
  });

  it('is shown as the maker likes, and goes out as a picture and as a drawing', async () => {
    const saved = jest.spyOn(saving, 'saveFile').mockImplementation(() => undefined);
    await renderRing();
    fireEvent.press(screen.getByRole('button', { name: 'how it is shown' }));
    fireEvent.press(screen.getByRole('radio', { name: 'dark hollows' }));
    expect(screen.getByRole('radio', { name: 'dark hollows' })).toBeChecked();
    fireEvent.press(screen.getByRole('button', { name: 'Band (SVG)' }));
    await waitFor(() => expect(saved).toHaveBeenCalled(), { timeout: 20_000 });
    const [name, content, type] = saved.mock.calls[0] ?? [];
    expect([name, type]).toEqual([`${PIECE.name}, outside.svg`, 'image/svg+xml']);
    expect(String(content)).toMatch(/width="7\d\.\d{3}mm" height="\d\.\d{3}mm"/);
    saved.mockRestore();
  });
});

it('a band goes out in millimetres with its picture in it', () => {
  expect(bandSvg(8.25, 74.7, 'data:image/png;base64,AA==')).toBe(
    '<svg xmlns="http://www.w3.org/2000/svg" width="74.700mm" height="8.250mm" viewBox="0 0 74.700 8.250">' +
      '<image width="74.700" height="8.250" preserveAspectRatio="none" href="data:image/png;base64,AA=="/>' +
      '<rect width="74.700" height="8.250" fill="none" stroke="#23262B" stroke-width="0.05"/></svg>',
  );
});

describe('a ring on its way, and for its size', () => {
  it('shows every step of the way in the round, and ends with the finished ring', async () => {
    const { route } = planCoinRing(
      { coin: PIECE, holeMm: 12.7, targetInsideDiameterMm: 18.95, wall: { kind: 'straight' } },
      { kit: REFERENCE_KIT },
    );
    if (!route) throw new Error('this ring can be made');
    const ring = { piece: pieceOf(), outline: outlineOf(meridian), lipMm: 0.1, outside: 'obverse' } as const;
    fakeServer({});
    renderWithStore(<RingPicture ring={ring} finish="polished" height={60} steps={route.steps} />);
    expect(screen.getByText('Finished')).toBeTruthy();
    const slider = part('route-slider');
    expect(slider.props['aria-valuetext']).toBe('Finished');
    tell(() => slider.props.onChange({ currentTarget: { value: '0' } }));
    expect(screen.queryByText('Finished')).toBeNull();
    expect(part('route-slider').props['aria-valuetext']).toMatch(/punch|hole|cut/i);
    tell(() => part('route-slider').props.onChange({ currentTarget: { value: slider.props.max } }));
    expect(screen.getByText('Finished')).toBeTruthy();
  });

  it('stands on a finger, or beside its piece, for its size', async () => {
    await renderRing();
    fireEvent.press(screen.getByText('how it is shown'));
    await waitFor(() => expect(isDrawn()).toBeGreaterThan(0), { timeout: 30_000 });
    for (const name of ['on a finger', 'beside the piece', 'alone']) {
      fireEvent.press(screen.getByRole('radio', { name }));
      expect(screen.getByRole('radio', { name, checked: true })).toBeTruthy();
    }
  }, 60_000);
});
