import {
  coinRingResponseSchema,
  landResponseSchema,
  routeResponseSchema,
} from '@round-mint/contract/coin-ring';
import { dieChartResponseSchema } from '@round-mint/contract/die-charts';
import { formResponseSchema } from '@round-mint/contract/forming';
import { searchResponseSchema } from '@round-mint/contract/search';
import { sizeResponseSchema } from '@round-mint/contract/size';
import { DEMO_KIT } from '../demo/kit';
import { DEMO_COINS } from '../demo/stock';
import { testServer, type TestServer } from '../testing/test-server';

let server: TestServer;
beforeAll(async () => {
  server = await testServer();
});
afterAll(() => server.close());

const COIN = { diameterMm: 30, rimThicknessMm: 2, massG: 12.5, metal: 'silver-900' };
const RING = { coin: COIN, holeMm: 12.7, targetInsideDiameterMm: 18.9, wall: 'straight' };

function post(path: string, body: object) {
  return server.api.post(`/api/v1/compute/${path}`).send(body);
}

describe('POST /compute/size', () => {
  it('answers a text in every system', async () => {
    const { body } = await post('size', { text: '7 1/2' }).expect(200);
    const size = sizeResponseSchema.parse(body);
    expect(size.insideDiameterMm).toBeCloseTo(17.729, 3);
    expect(size.insideCircumferenceMm).toBeCloseTo(55.698, 3);
    expect(size.marks.us.mark).toBe('7½');
    expect(size.marks.uk).toMatchObject({ mark: 'O½' });
  });

  it('takes bare numbers in the system asked for', async () => {
    const { body } = await post('size', { text: '54', system: 'eu' }).expect(200);
    expect(body.insideDiameterMm).toBeCloseTo(17.189, 3);
  });

  it.each([
    [{ text: 'huge' }, 'text', /7½/],
    [{}, 'text', /either/],
    [{ text: '7', insideDiameterMm: 17 }, 'text', /either/],
    [{ text: '7', colour: 'red' }, 'colour', /not a known field/],
  ])('refuses %j', async (body, path, message) => {
    const answer = await post('size', body).expect(400);
    expect(answer.body.error).toMatchObject({
      code: 'invalid',
      fields: [{ path, message: expect.stringMatching(message) }],
    });
  });
});

describe('POST /compute/coin-ring', () => {
  it('gives the agreed width for the reference coin', async () => {
    const { body } = await post('coin-ring', { ...RING, widthShare: 0.5 }).expect(200);
    const ring = coinRingResponseSchema.parse(body);
    expect(Math.abs(ring.bandWidthMm - 8.73)).toBeLessThan(0.05);
    expect(ring).toMatchObject({ feasible: true, method: 'fold', thicknessSource: 'mass' });
    expect(ring.sizeRangeMm?.max).toBeGreaterThan(18.9);
    expect(ring.annealCount).toBeGreaterThanOrEqual(3);
    const { body: past } = await post('coin-ring', { ...RING, school: 'over-stretch' }).expect(200);
    expect(past.annealCount).toBeGreaterThan(ring.annealCount);
  });

  it('answers 200 with reasons for what cannot be made', async () => {
    const { body } = await post('coin-ring', { ...RING, targetInsideDiameterMm: 28 }).expect(200);
    expect(body).toMatchObject({ feasible: false, method: 'none', annealCount: 0 });
    expect(body.reasons[0]).toMatchObject({ code: 'rim-would-grow', level: 'refuse' });
    const zinc = await post('coin-ring', { ...RING, coin: { ...COIN, metal: 'zinc-core' } }).expect(200);
    expect(zinc.body.reasons[0].code).toBe('metal-refused');
  });

  it('turns edges in to a depth, and as before by an angle alone', async () => {
    const rounded = async (how: object) => {
      const { body } = await post('coin-ring', { ...RING, wall: 'rounded', ...how }).expect(200);
      return coinRingResponseSchema.parse(body);
    };
    const light = await rounded({ curl: { dieAngleDeg: 25, depth: 'light' } });
    const full = await rounded({ curl: { dieAngleDeg: 25, depth: 'full' } });
    expect(full.curlDropMm).toBeGreaterThan(2 * light.curlDropMm);
    expect(full.axialHeightMm).toBeLessThan(light.axialHeightMm);
    const arc = await rounded({ curlDeg: 25 });
    // W (1 − cos α)/α, as rings were planned before there were depths.
    const alpha = (25 * Math.PI) / 180;
    expect(arc.curlDropMm / arc.bandWidthMm).toBeCloseTo((1 - Math.cos(alpha)) / alpha, 6);
  });

  it.each([
    [
      { ...RING, curl: { dieAngleDeg: 25, depth: 'deep' } },
      'curl',
      expect.stringMatching(/light, half, full/),
    ],
    [{ ...RING, holeMm: 31 }, 'holeMm', 'must be smaller than the coin (30 mm)'],
    [{ ...RING, holeMm: 'wide' }, 'holeMm', 'must be a length from 2 to 60 mm'],
    [
      { ...RING, coin: { diameterMm: 30, metal: 'silver-900' } },
      'coin.rimThicknessMm',
      expect.stringMatching(/mass/),
    ],
    [{ ...RING, coin: { ...COIN, metal: 'tin' } }, 'coin.metal', expect.stringMatching(/one of: silver-999/)],
    [{ ...RING, wall: 'wavy' }, 'wall', expect.stringMatching(/straight/)],
    [{ ...RING, extra: 1 }, 'extra', 'is not a known field'],
  ])('refuses a wrong field by its path', async (body, path, message) => {
    const answer = await post('coin-ring', body).expect(400);
    expect(answer.body.error.fields).toContainEqual({ path, message });
  });

  it('refuses a body that is no JSON', async () => {
    const answer = await server.api
      .post('/api/v1/compute/coin-ring')
      .set('content-type', 'application/json')
      .send('{oops');
    expect(answer.status).toBe(400);
    expect(answer.body.error.message).toMatch(/JSON/);
  });
});

describe('POST /compute/route', () => {
  it('answers steps that add up', async () => {
    const { body } = await post('route', { ...RING, kit: DEMO_KIT, finish: 'dark' }).expect(200);
    const route = routeResponseSchema.parse(body);
    expect(route.steps[0]?.kind).toBe('cut');
    expect(route.steps.at(-1)?.kind).toBe('read');
    expect(route.steps.filter(({ kind }) => kind === 'anneal')).toHaveLength(route.totals.anneals);
    expect(route.steps.map(({ kind }) => kind)).toContain('patina');
    expect(route.totals.handsOnMin).toBe(route.steps.reduce((sum, step) => sum + step.handsOnMin, 0));
  });

  it('has no steps for what cannot be made', async () => {
    const { body } = await post('route', { ...RING, targetInsideDiameterMm: 28 }).expect(200);
    expect(body).toMatchObject({ feasible: false, steps: [], totals: { anneals: 0 } });
  });
});

describe('POST /compute/form', () => {
  const blows = [
    { kind: 'fold', angleDeg: 17 },
    { kind: 'anneal' },
    { kind: 'stretch', insideDiameterMm: 23.34 },
    { kind: 'anneal' },
    { kind: 'reduce', edge: 'both', dieAngleDeg: 17, through: 'throat', insideDiameterMm: 19.8 },
    { kind: 'anneal' },
    { kind: 'curl', edge: 'both', dieAngleDeg: 17, depthMm: 2.7 },
  ];
  // 2.1 mm thick, the study's middle coin.
  const coin = { diameterMm: 30.6, rimThicknessMm: 2.1 / 0.9, metal: 'silver-900' };

  it('answers the wall after every blow, as the study found it', async () => {
    const { body } = await post('form', { coin, holeMm: 12.7, blows }).expect(200);
    const { after } = formResponseSchema.parse(body);
    expect(after).toHaveLength(blows.length);
    const [folded, , stretched, , reduced, soft, curled] = after;
    // Study: 17.98 and 22.87 mm inside after the fold; widths 8.949, 8.46 and 9.158 mm; cut edge 1.586 mm.
    expect(folded!.insideDiameterCutMm).toBeCloseTo(17.98, 0);
    expect(folded!.insideDiameterRimMm).toBeCloseTo(22.87, 0);
    expect(Math.abs(folded!.widthMm / 8.949 - 1)).toBeLessThan(0.005);
    expect(stretched!.widthMm).toBeLessThan(folded!.widthMm);
    expect(Math.abs(reduced!.widthMm / 9.158 - 1)).toBeLessThan(0.005);
    expect(Math.abs(reduced!.thicknessCutMm / 1.586 - 1)).toBeLessThan(0.02);
    expect(soft!.strainSinceAnneal).toEqual({ cut: 0, rim: 0 });
    expect(curled!.insideDiameterCutMm).toBeLessThan(reduced!.insideDiameterCutMm - 1);
    expect(curled!.outline.arcMm).toHaveLength(17);
  });

  it('takes what a bench has shown into account', async () => {
    const widthOf = async (traits?: object) => {
      const { body } = await post('form', { coin, holeMm: 12.7, blows: blows.slice(0, 3), traits }).expect(
        200,
      );
      return formResponseSchema.parse(body).after[2]!.widthMm;
    };
    expect(await widthOf({ shareShift: 0.05 })).not.toBeCloseTo(await widthOf(), 2);
  });

  it('says what is accepted, and what no tool could do', async () => {
    const wrong = await post('form', { coin, holeMm: 12.7, blows: [{ kind: 'roll' }] }).expect(400);
    expect(wrong.body.error.message).toContain('fold, stretch, reduce, curl or anneal');
    const early = await post('form', { coin, holeMm: 12.7, blows: blows.slice(6) }).expect(400);
    expect(early.body.error.message).toContain('upright wall');
    await post('form', { coin, holeMm: 40, blows: [] }).expect(400);
  });
});

describe('POST /compute/land', () => {
  const land = (mm: readonly number[]) =>
    mm.map((value, i) => ({ angleDeg: (360 / mm.length) * i, mm: value }));

  it('finds the wide side and what to file', async () => {
    const readings = land([8.65, 9.15, 8.65, 8.15]);
    const { body } = await post('land', { diameterMm: 30, holeMm: 12.7, readings }).expect(200);
    expect(landResponseSchema.parse(body)).toMatchObject({ wideClock: '3:00', ok: false });
    expect(body.eccentricityMm).toBeCloseTo(0.5, 6);
    expect(body.newHoleMm).toBeCloseTo(13.7, 6);
    expect(body.heightVariationMm).toBeGreaterThan(0.7);
  });

  it('refuses too few readings and readings in one place', async () => {
    const few = await post('land', { diameterMm: 30, holeMm: 12.7, readings: land([8, 9, 8]) }).expect(400);
    expect(few.body.error.fields[0].path).toBe('readings');
    const same = Array.from({ length: 4 }, () => ({ angleDeg: 10, mm: 8 }));
    const spread = await post('land', { diameterMm: 30, holeMm: 12.7, readings: same }).expect(400);
    expect(spread.body.error.message).toMatch(/spread/);
  });
});

describe('finishing schools over the interface', () => {
  it('takes the one asked for, or the best, and says which', async () => {
    const route = async (school: string) =>
      routeResponseSchema.parse((await post('route', { ...RING, school }).expect(200)).body);
    expect((await route('straighten')).steps.map(({ kind }) => kind)).toContain('straighten');
    expect((await route('over-stretch')).school).toBe('over-stretch');
    const best = await route('best');
    expect(best.school).not.toBe('best');
    expect(best.totals.anneals).toBeLessThanOrEqual((await route('over-stretch')).totals.anneals);
    const answer = await post('route', { ...RING, school: 'guess' }).expect(400);
    expect(answer.body.error.fields[0].message).toContain('straighten');
  });

  it('gives each forming step its readings, tool and springback', async () => {
    const { body } = await post('route', RING).expect(200);
    const { steps } = routeResponseSchema.parse(body);
    const stretch = steps.filter(({ kind }) => kind === 'stretch').at(-1);
    expect(stretch?.reading?.cutDownMm).toBeCloseTo(stretch?.after.cutInsideDiameterMm ?? 0, 6);
    expect(stretch?.contact).toMatchObject({ kind: 'splines' });
    expect(stretch?.springbackMm).toBeGreaterThan(0);
  });
});

describe('POST /compute/die-chart', () => {
  const observations = [
    { reveal: 1, insideDiameterMm: 18.2 },
    { reveal: 3, insideDiameterMm: 18.9 },
  ];

  it('answers with the curve and where to stop', async () => {
    const { body } = await post('die-chart', { observations, wantInsideDiameterMm: 18.55 }).expect(200);
    const chart = dieChartResponseSchema.parse(body);
    expect(chart.reveal).toBeCloseTo(2, 1);
    expect(chart).toMatchObject({ extrapolated: false });
    expect(chart.curve.length).toBeGreaterThan(2);
  });

  it('says when the size lies outside what was seen, and tells nothing from too little', async () => {
    const outside = await post('die-chart', { observations, wantInsideDiameterMm: 20 }).expect(200);
    expect(outside.body.extrapolated).toBe(true);
    const one = await post('die-chart', { observations: observations.slice(1), wantInsideDiameterMm: 20 });
    expect(one.body).toMatchObject({ reveal: null, extrapolated: false });
    await post('die-chart', { observations: [] }).expect(400);
  });
});

describe('POST /compute/search', () => {
  const wish = { targetInsideDiameterMm: 19.76, widthMm: { min: 7.5, max: 9 }, wall: 'straight' };
  const brenn = DEMO_COINS.find(({ name }) => name === 'Brennac Union 20 brenn, 1948');
  const zinc = DEMO_COINS.find(({ metal }) => metal === 'zinc-core');

  beforeAll(async () => {
    for (const piece of [brenn, zinc]) await server.api.post('/api/v1/stock').send(piece).expect(201);
  });

  it('ranks pieces and holes, best first, and leaves out what cannot be made', async () => {
    const { body } = await post('search', wish).expect(200);
    const { options } = searchResponseSchema.parse(body);
    expect(options.length).toBeGreaterThan(1);
    expect(new Set(options.map(({ stockId }) => stockId))).toEqual(new Set([brenn?.id]));
    for (const { sizeIntervalUs, widthIntervalMm, bandWidthMm } of options) {
      expect(sizeIntervalUs[0]).toBeLessThan(10);
      expect(sizeIntervalUs[1]).toBeGreaterThan(10);
      expect(widthIntervalMm[0]).toBeLessThan(bandWidthMm);
    }
  });

  it('looks only at the pieces named, and answers an impossible wish with no option', async () => {
    const only = await post('search', { ...wish, stockIds: [zinc?.id] }).expect(200);
    expect(only.body.options).toEqual([]);
    const wide = await post('search', { ...wish, widthMm: { min: 30 } }).expect(200);
    expect(wide.body.options).toEqual([]);
  });

  it('refuses widths the wrong way round', async () => {
    const { body } = await post('search', { ...wish, widthMm: { min: 9, max: 7 } }).expect(400);
    expect(body.error.fields[0]).toEqual({
      path: 'widthMm.max',
      message: 'must not be less than the smallest width',
    });
  });
});
