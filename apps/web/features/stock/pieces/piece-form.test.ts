import { liveFill, NEW_PIECE, pieceFormSchema, pieceTexts, type PieceTexts } from './piece-form';

const GOOD: PieceTexts = {
  ...NEW_PIECE,
  name: 'Tarn 20 tarns, 1929',
  issuer: 'Tarn',
  year: '1929',
  metal: 'silver-720',
  diameterMm: '30',
  rimThicknessMm: '2,0',
  massG: '12.9',
  price: '19.50',
};

function problems(change: Partial<PieceTexts>): Record<string, string> {
  const result = pieceFormSchema('mm').safeParse({ ...GOOD, ...change });
  return Object.fromEntries(
    (result.error?.issues ?? []).map(({ path, message }) => [path.join('.'), message]),
  );
}

describe('pieceFormSchema', () => {
  it('turns texts into a piece', () => {
    expect(pieceFormSchema('mm').parse(GOOD)).toMatchObject({
      year: 1929,
      diameterMm: 30,
      rimThicknessMm: 2,
      massG: 12.9,
      price: 19.5,
      quantity: 1,
    });
  });

  it('reads bare lengths in the maker’s unit', () => {
    const piece = pieceFormSchema('in').parse({ ...GOOD, diameterMm: '1.2', rimThicknessMm: '2 mm' });
    expect(piece.diameterMm).toBeCloseTo(30.48, 9);
    expect(piece.rimThicknessMm).toBe(2);
  });

  it('leaves out what is not known', () => {
    const piece = pieceFormSchema('mm').parse({ ...GOOD, massG: '', year: '', price: ' ' });
    expect(piece).toMatchObject({ year: null, price: null });
    expect(piece.massG).toBeUndefined();
  });

  it.each([
    [{ diameterMm: 'thirty' }, 'diameterMm', /such as 30/],
    [{ diameterMm: '' }, 'diameterMm', /length from 10 to 80/],
    [{ diameterMm: '300' }, 'diameterMm', /length from 10 to 80/],
    [{ massG: '12 g?' }, 'massG', /grams/],
    [{ massG: '', rimThicknessMm: '' }, 'rimThicknessMm', /one of them/],
    [{ name: '  ' }, 'name', /empty/],
    [{ quantity: '1.5' }, 'quantity', /whole/],
    [{ year: 'old' }, 'year', /1957/],
  ])('refuses %j by its field', (change, field, message) => {
    expect(problems(change)[field]).toMatch(message);
  });
});

describe('pieceTexts', () => {
  const item = {
    ...pieceFormSchema('mm').parse(GOOD),
    id: '00000001-0000-4000-8000-000000000001',
    createdAt: '',
    updatedAt: '',
    version: 1,
  };

  it.each(['mm', 'in'] as const)('reads back what it wrote in %s', (unit) => {
    const again = pieceFormSchema(unit).parse(pieceTexts(item, unit));
    expect(again.diameterMm).toBeCloseTo(30, 2);
    expect(again).toMatchObject({ name: item.name, year: 1929, quantity: 1 });
  });
});

describe('liveFill', () => {
  it('waits until all three figures can be read', () => {
    expect(liveFill({ ...GOOD, massG: '' }, 'mm')).toBeUndefined();
    expect(liveFill({ ...GOOD, diameterMm: 'x' }, 'mm')).toBeUndefined();
  });

  it('names the likely mistake', () => {
    expect(liveFill(GOOD, 'mm')?.ok).toBe(true);
    expect(liveFill({ ...GOOD, diameterMm: '15' }, 'mm')?.message).toMatch(/radius/);
  });
});
