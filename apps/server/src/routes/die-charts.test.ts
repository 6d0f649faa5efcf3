import { dieChartListSchema, type DieChartInput } from '@round-mint/contract/die-charts';
import { demoServer, testServer, type TestServer } from '../testing/test-server';

let server: TestServer;
beforeAll(async () => {
  server = await testServer();
});
afterAll(() => server.close());

const CHART: DieChartInput = {
  metal: 'copper',
  coinDiameterMm: 33.5,
  die: 'Long die',
  pusherMm: 19,
  observations: [{ reveal: 2, insideDiameterMm: 18.7 }],
};

describe('die charts', () => {
  it('are added, learn more, are archived and brought back', async () => {
    const { body: chart } = await server.api.post('/api/v1/die-charts').send(CHART).expect(201);
    const observations = [...CHART.observations, { reveal: 5, insideDiameterMm: 19.4 }];
    const { body: more } = await server.api
      .put(`/api/v1/die-charts/${chart.id}`)
      .send({ ...CHART, observations })
      .expect(200);
    expect(more.observations).toEqual(observations);
    await server.api.delete(`/api/v1/die-charts/${chart.id}`).expect(204);
    const gone = dieChartListSchema.parse((await server.api.get('/api/v1/die-charts').expect(200)).body);
    expect(gone.items).toEqual([]);
    await server.api.post(`/api/v1/die-charts/${chart.id}/restore`).expect(200);
  });

  it('say what is accepted', async () => {
    const wrong = { ...CHART, metal: 'cheese', observations: [{ reveal: 90, insideDiameterMm: 18 }] };
    const { body } = await server.api.post('/api/v1/die-charts').send(wrong).expect(400);
    const messages = Object.fromEntries(
      body.error.fields.map(({ path, message }: { path: string; message: string }) => [path, message]),
    );
    expect(messages['observations.0.reveal']).toBe('must be from 0 to 40 lines');
    expect(messages.metal).toContain('must be one of');
  });

  it('go into the archive and come back', async () => {
    const demo = await demoServer();
    const { body: archive } = await demo.api.get('/api/v1/export').expect(200);
    await demo.close();
    expect(archive.dieCharts.length).toBeGreaterThanOrEqual(5);
    const empty = await testServer();
    try {
      const { body } = await empty.api.post('/api/v1/import').send(archive).expect(200);
      expect(body.added.dieCharts).toBe(archive.dieCharts.length);
      // Archives made before there were any hold none.
      const { dieCharts: _none, ...older } = archive;
      await empty.api.post('/api/v1/import?dryRun=1').send(older).expect(200);
    } finally {
      await empty.close();
    }
  });
});
