import { settingsPatchSchema, DEFAULT_SETTINGS, settingsSchema } from './settings';
import { stockInputSchema, type StockInput } from './stock';
import { toolInputSchema } from './kit';

const PIECE: StockInput = {
  kind: 'coin',
  name: 'Harbour medal',
  issuer: 'Tarn',
  year: null,
  metal: 'silver-999',
  diameterMm: 34,
  massG: 21.8,
  edge: 'plain',
  outsideFace: 'either',
  grade: '',
  origin: '',
  price: null,
  legalNote: '',
  notes: '',
  quantity: 1,
};

function problem(change: object): string | undefined {
  return stockInputSchema.safeParse({ ...PIECE, ...change }).error?.issues[0]?.message;
}

describe('a piece of stock', () => {
  it('needs a mass or a thickness, one of them at least', () => {
    expect(problem({})).toBeUndefined();
    expect(problem({ massG: undefined, rimThicknessMm: 2 })).toBeUndefined();
    expect(problem({ massG: undefined })).toMatch(/one of them at least/);
  });

  it.each([
    [{ diameterMm: 9 }, 'must be a length from 10 to 80 mm'],
    [{ massG: 0 }, 'must be from 0.1 to 500 g'],
    [{ quantity: 1.5 }, 'must be a whole number of pieces'],
    [{ year: 3000 }, 'must be a year from -800 to 2100'],
    [{ edge: 'wavy' }, 'must be one of: reeded, plain, lettered'],
    [{ name: ' ' }, 'must not be empty'],
    [{ price: -1 }, 'must be from 0 to 1000000'],
  ])('%j: %s', (change, message) => {
    expect(problem(change)).toBe(message);
  });

  it('has its name trimmed', () => {
    expect(stockInputSchema.parse({ ...PIECE, name: '  Medal ' }).name).toBe('Medal');
  });
});

describe('a tool', () => {
  it('carries the measures of its kind and no others', () => {
    const punch = { kind: 'punch', diameterMm: 12.7, selfCentring: true };
    expect(toolInputSchema.safeParse({ name: 'punch', spec: punch }).success).toBe(true);
    expect(toolInputSchema.safeParse({ name: 'punch', spec: { ...punch, splines: 4 } }).success).toBe(false);
    expect(toolInputSchema.safeParse({ name: 'hammer', spec: { kind: 'hammer' } }).success).toBe(false);
  });
});

describe('settings', () => {
  it('have defaults that fit, and change in part', () => {
    expect(settingsSchema.parse(DEFAULT_SETTINGS)).toEqual(DEFAULT_SETTINGS);
    expect(settingsPatchSchema.parse({ light: 'torch' })).toEqual({ light: 'torch' });
    expect(settingsPatchSchema.safeParse({ light: 'neon' }).error?.issues[0]?.message).toBe(
      'must be day, torch or device',
    );
  });
});
