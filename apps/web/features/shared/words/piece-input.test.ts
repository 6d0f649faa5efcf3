import { stockInputSchema, stockItemSchema } from '@round-mint/contract/stock';
import { pieceOf } from '@/testing/fake-server';
import { pieceInputOf } from './piece-input';

const FACE = '0000000d-0000-4000-8000-000000000001';

describe('a stored piece as it is sent back', () => {
  it('is what the interface takes, pictures of its faces or not', () => {
    const coin = pieceOf({ obverseFaceId: FACE, reverseFaceId: null, faceTurn: 'coin', mustStay: [] });
    expect(stockInputSchema.safeParse(coin).success).toBe(false);
    const input = pieceInputOf(coin);
    expect(stockInputSchema.parse(input)).toEqual(input);
    expect(input).toMatchObject({ id: coin.id, name: coin.name, faceTurn: 'coin' });
  });

  it('of another kind loses only when it was written', () => {
    const { diameterMm: _d, rimThicknessMm: _r, massG: _m, edge: _e, outsideFace: _o, ...common } = pieceOf();
    const { form: _form, ...shared } = common;
    const strip = stockItemSchema.parse({
      ...shared,
      kind: 'strip',
      section: 'rect',
      widthMm: 6,
      thicknessMm: 1.5,
      lengthMm: 200,
    });
    const input = pieceInputOf(strip);
    expect(stockInputSchema.parse(input)).toEqual(input);
    expect(input).toMatchObject({ kind: 'strip', lengthMm: 200 });
  });
});
