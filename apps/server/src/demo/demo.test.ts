import { dieChartInputSchema } from '@round-mint/contract/die-charts';
import { learntSchema } from '@round-mint/contract/learnt';
import { stockInputSchema } from '@round-mint/contract/stock';
import { toolInputSchema } from '@round-mint/contract/kit';
import { metalById } from '@round-mint/core/metal';
import { fillFactor } from '@round-mint/core/stock';
import { testServer } from '../testing/test-server';
import { DEMO_DIE_CHARTS } from './die-charts';
import { DEMO_KIT } from './kit';
import { loadDemo } from './load';
import { DEMO_COINS } from './stock';

describe('the made-up drawer', () => {
  it('fits the contract', () => {
    for (const piece of DEMO_COINS) expect(stockInputSchema.parse(piece)).toEqual(piece);
    for (const tool of DEMO_KIT) expect(toolInputSchema.parse(tool)).toEqual(tool);
    for (const chart of DEMO_DIE_CHARTS) expect(dieChartInputSchema.parse(chart)).toEqual(chart);
  });

  it.each(DEMO_COINS.map((piece) => [piece.name, piece] as const))(
    '%s is filled as a struck coin is',
    (_name, piece) => {
      const fill = fillFactor(piece);
      expect(fill).toBeGreaterThanOrEqual(0.85);
      expect(fill).toBeLessThanOrEqual(0.97);
    },
  );

  it('is varied, and holds three pieces that must be refused', () => {
    const diameters = DEMO_COINS.map(({ diameterMm }) => diameterMm);
    expect(Math.min(...diameters)).toBeLessThan(20);
    expect(Math.max(...diameters)).toBe(39.6);
    expect(new Set(DEMO_COINS.map(({ metal }) => metal)).size).toBeGreaterThanOrEqual(12);
    const refused = DEMO_COINS.filter(
      ({ metal, form }) => metalById(metal).refusal !== undefined || form !== 'round',
    );
    expect(refused.map(({ metal, form }) => [metal, form])).toEqual([
      ['zinc-core', 'round'],
      ['steel', 'round'],
      ['bronze', 'holed'],
    ]);
  });
});

/** As large as a list shows them: how they are drawn is tested where they are drawn. */
const SMALL_FACES = { facePx: 128 };

describe('loadDemo', () => {
  it('loads once, with finished rings and four in work', async () => {
    const server = await testServer();
    try {
      expect(await loadDemo(server.db, SMALL_FACES)).toBe(true);
      expect(await loadDemo(server.db, SMALL_FACES)).toBe(false);
      const { body } = await server.api.get('/api/v1/rings?limit=200').expect(200);
      const statuses = body.items.map(({ status }: { status: string }) => status);
      expect(statuses.filter((status: string) => status === 'in-work')).toHaveLength(4);
      expect(statuses.filter((status: string) => status === 'finished')).toHaveLength(47);
      await server.learn();
      const { body: learnt } = await server.api.get('/api/v1/learnt').expect(200);
      expect(learntSchema.parse(learnt)).toMatchObject({ used: true, rings: 47 });
      const course = learnt.course.slice(-15);
      const mean = (key: string) =>
        course.reduce((sum: number, point: Record<string, number>) => sum + (point[key] ?? 0), 0) /
        course.length;
      expect(mean('sizeAfter')).toBeLessThan(mean('sizeBefore'));
    } finally {
      await server.close();
    }
  });
});
