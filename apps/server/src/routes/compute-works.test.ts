import {
  coinBandResponseSchema,
  densityResponseSchema,
  handleResponseSchema,
  resizeResponseSchema,
  rollingResponseSchema,
  spinnerResponseSchema,
  stripResponseSchema,
} from '@round-mint/contract/works-compute';
import { testServer, type TestServer } from '../testing/test-server';

let server: TestServer;
beforeAll(async () => {
  server = await testServer();
});
afterAll(() => server.close());

function compute(path: string, body: object) {
  return server.api.post(`/api/v1/compute/${path}`).send(body);
}

const EVEN = [
  { atMm: 0, thicknessMm: 2 },
  { atMm: 120, thicknessMm: 2 },
];
const HANDLE = { stations: EVEN, insideDiameterMm: 17.3, style: 'straight', metal: 'silver-925', widthMm: 8 };

describe('the calls for what is no coin', () => {
  it('computes a handle, and a former that lands on size', async () => {
    const { body } = await compute('handle', HANDLE).expect(200);
    const answer = handleResponseSchema.parse(body);
    expect(answer.lengthMm).toBeCloseTo(Math.PI * 19.3, 6);
    expect(answer.roughLengthMm).toBeCloseTo(1.1 * Math.PI * 19.3, 6);
    expect(answer.releasedMm).toBeCloseTo(17.3, 3);
    expect(answer.formerMm).toBeLessThan(17.3);
    expect(answer.leftOverMm).toBeCloseTo(120 - Math.PI * 19.3, 6);
    expect(answer).toMatchObject({ feasible: true, heightMm: 8 });
  });

  it('answers for one station, and for a former of the maker’s own', async () => {
    const { body } = await compute('handle', {
      ...HANDLE,
      stations: [{ atMm: 0, thicknessMm: 2 }],
      formerMm: 17.3,
    });
    expect(body).toMatchObject({ formerMm: 17.3, leftOverMm: null, feasible: true });
    expect(body.releasedMm).toBeGreaterThan(17.5);
  });

  it('computes strip, spinner and coin-in-band', async () => {
    const strip = stripResponseSchema.parse(
      (await compute('strip', { insideDiameterMm: 18, thicknessMm: 1.5, widthMm: 6, metal: 'silver-925' }))
        .body,
    );
    expect(strip.lengthMm).toBeCloseTo(Math.PI * 19.5 + 0.3, 6);
    expect(strip.scrapG).toBeGreaterThan(strip.massG ?? Infinity);
    const spinner = spinnerResponseSchema.parse(
      (
        await compute('spinner', {
          insideDiameterMm: 18,
          innerThicknessMm: 1,
          outerThicknessMm: 1.2,
          outerWidthMm: 5,
        })
      ).body,
    );
    expect(spinner).toMatchObject({ innerWidthMm: 7, outerInsideDiameterMm: 20.3 });
    expect(spinner.flareOutsideDiameterMm).toBeCloseTo(20.9, 9);
    const band = coinBandResponseSchema.parse(
      (
        await compute('coin-band', {
          coin: { diameterMm: 20, thicknessMm: 1.6 },
          stripWidthMm: 8,
          stripThicknessMm: 1.5,
          insideDiameterMm: 18,
          punchesMm: [18, 19.5, 22],
        })
      ).body,
    );
    expect(band.sagittaMm).toBeCloseTo(10 - Math.sqrt(84), 9);
    expect(band).toMatchObject({ punchMm: 19.5 });
    expect(band.stepMm).toBeCloseTo(0.1, 9);
  });

  it('rolls, resizes and weighs', async () => {
    const { passes } = rollingResponseSchema.parse(
      (
        await compute('rolling', {
          start: { shape: 'rect', widthMm: 5, thicknessMm: 3, lengthMm: 50 },
          targetThicknessMm: 1.5,
          metal: 'silver-925',
        })
      ).body,
    );
    expect(passes.at(-1)?.thicknessMm).toBe(1.5);
    const resize = resizeResponseSchema.parse(
      (
        await compute('resize', {
          fromInsideDiameterMm: 19,
          toInsideDiameterMm: 18.2,
          thicknessMm: 1.7,
          widthMm: 6,
          metal: 'silver-925',
          patterned: true,
          stones: false,
          soldered: false,
          profile: 'd',
        })
      ).body,
    );
    expect(resize).toMatchObject({ feasible: true, risk: 'low' });
    expect(resize.steps.map(({ kind }) => kind)).toContain('reduce');
    const density = densityResponseSchema.parse(
      (await compute('density', { airG: 12, waterG: 10.838 })).body,
    );
    expect(density.metals.map(({ metal }) => metal)).toContain('silver-900');
  });

  it.each([
    ['handle', { ...HANDLE, stations: [] }, 'stations'],
    ['handle', { ...HANDLE, stations: [EVEN[0], EVEN[0]] }, 'stations'],
    ['strip', { insideDiameterMm: 18 }, 'thicknessMm'],
    [
      'coin-band',
      {
        coin: { diameterMm: 12, thicknessMm: 1 },
        stripWidthMm: 14,
        stripThicknessMm: 1,
        insideDiameterMm: 18,
      },
      'stripWidthMm',
    ],
    [
      'rolling',
      { start: { shape: 'star', lengthMm: 3 }, targetThicknessMm: 1, metal: 'copper' },
      'start.shape',
    ],
    ['density', { airG: 3, waterG: 4 }, 'waterG'],
  ])('%s says what is wrong with %j', async (path, body, field) => {
    const { error } = (await compute(path, body).expect(400)).body;
    expect(error.fields.map(({ path: at }: { path: string }) => at)).toContain(field);
    expect(error.message.length).toBeGreaterThan(10);
  });
});
