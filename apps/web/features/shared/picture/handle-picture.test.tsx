import { stockItemSchema } from '@round-mint/contract/stock';
import { act, fireEvent, screen, waitFor } from '@testing-library/react-native';
import * as saving from '@/features/shared/print/save-file';
import { fakeServer } from '@/testing/fake-server';
import { renderWithStore, settle } from '@/testing/render';
import { bendHandle, endsWords, handleSceneOf, type ShownHandle } from './handle-scene';
import { NO_RELIEF } from '@round-mint/core/ring-picture';
import { ringForPaper } from './for-paper';
import HandlePicture from './HandlePicture';
import { roundHandleScene } from './round-ring-scene';

const TOP = '0000000d-0000-4000-8000-0000000000c8';
const item = stockItemSchema.parse({
  ...{ id: '00000001-0000-4000-8000-000000000004', kind: 'handle', name: 'Test spoon', metal: 'silver-925' },
  stations: [
    { atMm: 0, thicknessMm: 2, widthMm: 14 },
    { atMm: 120, thicknessMm: 2, widthMm: 6 },
  ],
  enamel: [],
  ...{ issuer: '', year: null, grade: '', origin: '', price: null, legalNote: '', notes: '', quantity: 1 },
  ...{ createdAt: '2026-03-01T10:00:00.000Z', updatedAt: '2026-03-01T10:00:00.000Z', version: 1 },
  topFaceId: TOP,
  topOutline: [
    { at: 0, left: 0.06, right: 0.04 },
    { at: 1, left: 0.02, right: 0.03 },
  ],
});
if (item.kind !== 'handle') throw new Error('a spoon is a handle');
const PIECE = item;

const shownAs = (work: Partial<ShownHandle['work']> = {}): ShownHandle => ({
  piece: PIECE,
  work: { kind: 'handle', style: 'straight', keptEnd: 'tip', startMm: 0, ends: 'square', ...work },
  targetInsideDiameterMm: 18,
  finish: 'polished',
});
const length = (mm: number) => `${mm.toFixed(1)} mm`;
const WHOLE_MM = Math.PI * 20;

describe('a handle as it is bent', () => {
  it('has its middle on top, and its ends meet', () => {
    const bent = bendHandle(shownAs(), 'middle');
    expect(bent.used).toEqual({ fromMm: 0, toMm: expect.closeTo(WHOLE_MM, 3) });
    expect(bent.top).toEqual([
      { fromMm: expect.closeTo((3 / 8) * WHOLE_MM, 1), toMm: expect.closeTo((5 / 8) * WHOLE_MM, 1) },
    ]);
    expect(endsWords(bent, shownAs(), length)).toBe(
      'Its ends meet: what is 0.0 mm from the tip meets what is 62.8 mm from it.',
    );
  });

  it('is told from the tip when the other end is kept, its sides changed', () => {
    const neck = shownAs({ keptEnd: 'neck' });
    const bent = bendHandle(neck, 'middle');
    expect(bent.used).toEqual({ fromMm: expect.closeTo(120 - WHOLE_MM, 3), toMm: 120 });
    const { placesMm } = bent.solid.sides.outside;
    // At the neck its right, which is left now, reaches 0.03 of 120 mm; its edge is rounded by 0.35.
    const lefts = [...placesMm].filter((_, i) => i % 2 === 1);
    const columns = bent.solid.sides.outside.columns;
    expect(lefts[8 * columns + 1]).toBeCloseTo(3.6 - 0.35, 2);
    const scene = handleSceneOf(bent, neck, { relief: NO_RELIEF, heightShare: 0.2, address: undefined });
    expect(scene.inPicture.along).toEqual({ at0: 1, perMm: -1 / 120 });
    expect(scene.inPicture.across).toEqual({ at0: 0.5, perMm: 1 / 24 });
  });

  it('says what lies over what, and how far a spiral goes', () => {
    const over = shownAs({ style: 'overlap', overlapMm: 12 });
    expect(endsWords(bendHandle(over, 'ends'), over, length)).toMatch(
      /^The cut end, 74\.8 mm from the tip, lies over what is 0\.0 mm to 10\.\d mm from it\.$/,
    );
    const round = shownAs({ style: 'spiral', turns: 1.5, pitchMm: 9 });
    expect(endsWords(bendHandle(round, 'ends'), round, length)).toMatch(
      /^Its ends lie 1\.5 turns apart; it stands \d\d\.\d mm high\.$/,
    );
  });

  it('is shown as far as it goes where it is too short', () => {
    expect(bendHandle(shownAs({ startMm: 100 }), 'middle').used.toMm).toBe(120);
  });
});

describe('the picture of a ring from a handle', () => {
  it('is drawn with the photograph, turned to its ends, and saved', async () => {
    const saved = jest.spyOn(saving, 'saveFile').mockImplementation(() => undefined);
    fakeServer({ [`GET /faces/${TOP}`]: () => new Response('a picture', { status: 200 }) });
    renderWithStore(<HandlePicture shown={shownAs()} height={60} />);
    fireEvent(screen.getByTestId('handle-picture'), 'layout', {
      nativeEvent: { layout: { width: 80, height: 60 } },
    });
    await settle();
    const drawn = () => screen.UNSAFE_queryAllByProps({ 'data-drawn': 'yes' }).length;
    await waitFor(() => expect(drawn()).toBe(1), { timeout: 30_000 });
    expect(screen.getByText(/^On top of the finger: 23\.6 mm to 39\.3 mm from the tip\./)).toBeTruthy();
    expect(screen.getByText(/relief is estimated from the photograph/)).toBeTruthy();
    fireEvent.press(screen.getByLabelText('On top of the finger: its ends'));
    expect(
      screen.getByText(/^On top of the finger: \S+ mm to 7\.\d mm, 5\d\.\d mm to 62\.8 mm/),
    ).toBeTruthy();
    await act(async () => fireEvent.press(screen.getByLabelText('Save the picture as PNG')));
    await waitFor(
      () => expect(saved).toHaveBeenCalledWith('Test spoon.png', expect.anything(), 'image/png'),
      { timeout: 30_000 },
    );
  }, 90_000);

  it('goes on paper with what of the handle becomes it', async () => {
    fakeServer({ [`GET /faces/${TOP}`]: () => new Response('a picture', { status: 200 }) });
    const pictures = await ringForPaper({ kind: 'handle', handle: shownAs() });
    expect(pictures.map(({ caption }) => caption)).toEqual([
      'Computed from the plan; relief is estimated from the photograph.',
      'What of the handle becomes the ring.',
    ]);
    // JPEG files begin so.
    for (const { jpeg } of pictures) expect([...jpeg.slice(0, 2)]).toEqual([0xff, 0xd8]);
  }, 60_000);

  it('goes on paper alone, and says so, where the handle was not photographed', async () => {
    const handle = shownAs();
    const bare = { ...handle, piece: { ...handle.piece, topFaceId: null, topOutline: null } };
    const pictures = await ringForPaper({ kind: 'handle', handle: bare });
    expect(pictures.map(({ caption }) => caption)).toEqual([
      'Computed from the plan, without a picture of the handle.',
    ]);
  }, 60_000);
});

describe('a ring from a handle for other viewers', () => {
  it('stands about its middle, as wide as it is, with its pattern on its outside', () => {
    const shown = shownAs();
    const bent = bendHandle(shown, 'middle');
    const relief = { relief: NO_RELIEF, heightShare: 0.2, address: undefined };
    const round = roundHandleScene(handleSceneOf(bent, shown, relief));
    // 18 mm inside and 2 mm of metal on both sides.
    expect(round.radiusMm).toBeCloseTo(11, 6);
    expect(round.middleMm).toBeCloseTo(bent.solid.heightMm / 2, 6);
    const { positionsMm, triangles } = round.mesh.outside;
    expect(Math.max(...triangles)).toBe(positionsMm.length / 3 - 1);
    expect([round.reeds, round.letters]).toEqual([0, undefined]);
  });
});
