import { runToEnd } from '@round-mint/core/uncertainty';
import { coinRingRequestSchema, landRequestSchema } from './coin-ring';
import { listQuerySchema } from './common';
import { ENDPOINTS } from './endpoints';
import { describeApi } from './openapi';
import { ringEventSchema } from './rings';
import { stockInputSchema } from './stock';

const COIN = { diameterMm: 30, rimThicknessMm: 2, massG: 12.5, metal: 'silver-900' };
const RING = { coin: COIN, holeMm: 12.7, targetInsideDiameterMm: 18.9, wall: 'straight' };

function messages(
  schema: {
    safeParse: (value: unknown) => { error?: { issues: { path: PropertyKey[]; message: string }[] } };
  },
  value: unknown,
) {
  return Object.fromEntries(
    (schema.safeParse(value).error?.issues ?? []).map(({ path, message }) => [path.join('.'), message]),
  );
}

describe('requests', () => {
  it('accept what the interface promises', () => {
    expect(
      coinRingRequestSchema.parse({ ...RING, wall: 'rounded', curlDeg: 25, widthShare: 0.5 }),
    ).toMatchObject({ wall: 'rounded', curlDeg: 25 });
    expect(coinRingRequestSchema.safeParse(RING).success).toBe(true);
  });

  it('say what is accepted, by the field that is wrong', () => {
    expect(messages(coinRingRequestSchema, { ...RING, holeMm: 30 })).toEqual({
      holeMm: 'must be smaller than the coin (30 mm)',
    });
    expect(messages(coinRingRequestSchema, { ...RING, widthShare: 2 })).toEqual({
      widthShare: 'must be from 0 to 1',
    });
    expect(messages(coinRingRequestSchema, { ...RING, coin: { diameterMm: 30, metal: 'copper' } })).toEqual({
      'coin.rimThicknessMm': 'rim thickness or mass is needed: one of them at least',
    });
    const readings = [0, 90, 180, 270].map((angleDeg) => ({ angleDeg, mm: 8 }));
    expect(messages(landRequestSchema, { diameterMm: 20, holeMm: 25, readings })).toEqual({
      holeMm: 'must be smaller than the coin (20 mm)',
    });
  });

  it('refuse unknown fields at every depth', () => {
    expect(coinRingRequestSchema.safeParse({ ...RING, coin: { ...COIN, shine: 1 } }).success).toBe(false);
    expect(stockInputSchema.safeParse({ ...COIN, shine: 1 }).success).toBe(false);
    const event = { id: '00000005-0000-4000-8000-000000000001', at: '2026-03-01T10:00:00Z' };
    expect(ringEventSchema.safeParse({ ...event, body: { kind: 'finished' } }).success).toBe(true);
    expect(ringEventSchema.safeParse({ ...event, body: { kind: 'finished', mood: 'good' } }).success).toBe(
      false,
    );
  });

  it('read a list’s query from text', () => {
    expect(listQuerySchema.parse({ limit: '5', sort: '-year' })).toEqual({ limit: 5, sort: '-year' });
    expect(listQuerySchema.safeParse({ limit: '500' }).success).toBe(false);
  });
});

describe('the OpenAPI document', () => {
  const document = runToEnd(describeApi('1.2.3')) as {
    openapi: string;
    info: { version: string };
    paths: Record<
      string,
      Record<
        string,
        { operationId: string; parameters: { name: string; in: string }[]; requestBody?: object }
      >
    >;
  };

  it('describes every endpoint once, with its path parameters and body', () => {
    expect(document).toMatchObject({ openapi: '3.1.0', info: { version: '1.2.3' } });
    const described = Object.values(document.paths).reduce(
      (sum, calls) => sum + Object.keys(calls).length,
      0,
    );
    expect(described).toBe(ENDPOINTS.length);
    for (const { path, method, request } of ENDPOINTS) {
      const call = document.paths[path]?.[method];
      const inPath = [...path.matchAll(/\{(\w+)\}/g)].map((match) => match[1]);
      expect(call?.parameters.filter((parameter) => parameter.in === 'path').map(({ name }) => name)).toEqual(
        inPath,
      );
      expect(call?.requestBody !== undefined).toBe(request !== undefined);
    }
  });

  it('is plain JSON', () => {
    expect(JSON.parse(JSON.stringify(document))).toEqual(document);
  });
});
