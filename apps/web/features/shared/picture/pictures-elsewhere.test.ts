import { REFERENCE_KIT } from '@round-mint/core/kit';
import { DEFAULT_TRAITS } from '@round-mint/core/steps';
import { waitFor } from '@testing-library/react-native';
import { fakeServer, pieceOf } from '@/testing/fake-server';
import { ringForPaper } from './for-paper';
import { hasOutsidePicture, pictureName, plannedPicture } from './planned-picture';
import { smallPicture } from './small-pictures';

const OBVERSE = '0000000d-0000-4000-8000-000000000001';
const PIECE = pieceOf({ obverseFaceId: OBVERSE });
const WISH = { holeMm: 12.7, targetInsideDiameterMm: 18.95, wall: { kind: 'straight' } } as const;
const BENCH = { kit: REFERENCE_KIT, traits: DEFAULT_TRAITS, finish: 'polished' } as const;

function pictured(piece = PIECE) {
  const picture = plannedPicture(piece, WISH, BENCH);
  if (!picture) throw new Error('this ring can be made');
  return picture;
}

let addresses = 0;
beforeEach(() => {
  fakeServer({ [`GET /faces/${OBVERSE}`]: () => new Response('a picture', { status: 200 }) });
  addresses = 0;
  URL.createObjectURL = () => `blob:${++addresses}`;
  URL.revokeObjectURL = () => undefined;
});

describe('a ring on paper', () => {
  it('is its picture and its band, and says where they come from', async () => {
    const pictures = await ringForPaper(pictured());
    expect(pictures.map(({ caption }) => caption)).toEqual([
      'Computed from the plan; relief is estimated from the photograph.',
      'Its outside laid flat.',
    ]);
    // JPEG files begin so.
    for (const { jpeg } of pictures) expect([...jpeg.slice(0, 2)]).toEqual([0xff, 0xd8]);
  }, 60_000);

  it('says when its faces are not known', async () => {
    const [ring] = await ringForPaper(pictured(pieceOf()));
    expect(ring?.caption).toContain('without a picture of the faces');
  }, 60_000);

  it('is none where no ring comes out', () => {
    expect(plannedPicture(PIECE, { ...WISH, targetInsideDiameterMm: 58 }, BENCH)).toBeUndefined();
  });
});

describe('a small picture of a ring', () => {
  it('is drawn once; asked for again it is there, and whoever went away is not told', async () => {
    const told: string[] = [];
    const ask = (key: string) => smallPicture(key, pictured(), (address) => told.push(`${key} ${address}`));
    ask('one');
    ask('two');
    const end = ask('three');
    end();
    await waitFor(() => expect(told).toEqual(['one blob:1', 'two blob:2']), { timeout: 50_000 });
    ask('one');
    await waitFor(() => expect(told).toHaveLength(3));
    expect(told[2]).toBe('one blob:1');
  }, 60_000);

  it('is another one with another hole, size or face, and shows nothing where no face is known', () => {
    const name = pictureName(PIECE, WISH, 'polished');
    expect(pictureName(PIECE, { ...WISH }, 'polished')).toBe(name);
    expect(pictureName(PIECE, { ...WISH, holeMm: 13.5 }, 'polished')).not.toBe(name);
    expect(pictureName(PIECE, { ...WISH, targetInsideDiameterMm: 20 }, 'polished')).not.toBe(name);
    expect(pictureName(pieceOf({ obverseFaceId: PIECE.id }), WISH, 'polished')).not.toBe(name);
    expect([hasOutsidePicture(PIECE), hasOutsidePicture(pieceOf())]).toEqual([true, false]);
  });
});
