import { REFERENCE_KIT } from '../kit';
import { strainedUse, type RingEventBody, type Symptom } from '../ring';
import { ringAllowance } from '../route';
import { DEFAULT_TRAITS } from '../steps';
import type { LoggedRing } from './index';
import { lessonOf } from './lesson';
import { learn, madeRings } from './test-rings';

const rings = [...madeRings(12, 5, DEFAULT_TRAITS)];

/** The ring as it was until so many steps were done, then this happened. */
function endedAt(ring: LoggedRing, steps: number, ...bodies: readonly RingEventBody[]): LoggedRing {
  let done = 0;
  const before = ring.events.filter(({ body }) => {
    if (body.kind === 'step-done' || body.kind === 'anneal-done') done += 1;
    return done <= steps && body.kind !== 'finished' && body.kind !== 'measured';
  });
  const events = bodies.map((body, i) => ({ id: `${ring.id}-end-${i}`, at: ring.finishedAt, body }));
  return { ...ring, events: [...before, ...events] };
}
const spoiltBy = (ring: LoggedRing, cause: Symptom, steps = 6) =>
  endedAt(ring, steps, { kind: 'spoilt', cause });
const lessonFrom = (ring: LoggedRing) => lessonOf(ring, REFERENCE_KIT)!;
const valueOf = (from: readonly LoggedRing[], key: string) =>
  learn(from).values.find((value) => value.key === key);

describe('a ring that was lost', () => {
  it('teaches what lost it, and nothing that its readings say', () => {
    const lesson = lessonFrom(spoiltBy(rings[0]!, 'stuck-on-cone'));
    expect(lesson).toMatchObject({ isLost: true, loss: { slip: 'stuck-on-cone' }, trims: [], shares: [] });
    expect(lesson.strained?.cracked).toBe(false);
    expect(learn([...rings, spoiltBy(rings[1]!, 'flare')]).rings).toBe(rings.length);
  });

  it('by a crack, tells at what strain it cracked, as one that was seen in time does', () => {
    const atFold = rings[0]!.steps.findIndex(({ kind }) => kind === 'fold');
    const lost = lessonFrom(spoiltBy(rings[0]!, 'crack-at-cut-edge', atFold));
    expect(lost.strained).toMatchObject({ cracked: true });
    expect(lost.loss?.slip).toBeUndefined();
    const seen = lessonFrom(
      endedAt(rings[0]!, atFold, { kind: 'trouble', symptom: 'crack-at-cut-edge' }, { kind: 'finished' }),
    );
    expect(lost.strained!.use).toBeCloseTo(seen.strained!.use, 12);
  });

  it('was strained at its weak side, where the hole lies 0.15 mm nearer to the rim on average', () => {
    const { steps, coin } = rings[0]!;
    const { coin: piece, holeMm } = coin!.input;
    const fullest = Math.max(...strainedUse(steps, ringAllowance(piece)));
    expect(lessonFrom(rings[0]!).strained!.use).toBeCloseTo(fullest * (1 + 0.3 / holeMm), 12);
  });

  it('by a wrinkle, tells at what fold; before the first fold, nothing', () => {
    const folded = lessonFrom(spoiltBy(rings[0]!, 'wrinkled-rim'));
    expect(folded.loss?.wrinkle).toEqual({ use: expect.any(Number), gaveWay: true });
    expect(folded.loss?.wrinkle?.use).toBeGreaterThan(0);
    expect(lessonFrom(rings[0]!).loss?.wrinkle).toMatchObject({ gaveWay: false });
    expect(lessonFrom(spoiltBy(rings[0]!, 'hole-off-centre', 0)).loss).toEqual({
      wrinkle: undefined,
      heats: 0,
      isMelted: false,
      slip: 'hole-off-centre',
    });
  });

  it('by too much heat, tells how many heats it took, that one among them', () => {
    const { steps } = rings[0]!;
    const done = steps.slice(0, 6).filter(({ kind }) => kind === 'anneal').length;
    expect(done).toBeGreaterThan(0);
    const { loss } = lessonFrom(spoiltBy(rings[0]!, 'blistered', 6));
    expect(loss).toMatchObject({ heats: done + 1, isMelted: true });
    expect(loss?.slip).toBeUndefined();
    const anneals = steps.filter(({ kind }) => kind === 'anneal').length;
    expect(lessonFrom(rings[0]!).loss).toMatchObject({ heats: anneals, isMelted: false });
  });
});

describe('what losses teach', () => {
  const lostBy = (cause: Symptom, count: number) =>
    Array.from({ length: count }, (_, i) => ({
      ...spoiltBy(rings[i % rings.length]!, cause),
      id: `${cause}-${i}`,
    }));

  it('counts slips as three in two hundred until the log knows better, all together and by cause', () => {
    expect(valueOf(rings, 'slip')).toMatchObject({ standard: 0.015, events: 0, rings: 12 });
    // Three quarters of fifty beforehand, then none of twelve.
    expect(valueOf(rings, 'slip')!.value).toBeCloseTo(0.75 / 62, 12);
    const lost = [...rings, ...lostBy('flare', 6), ...lostBy('stuck-on-cone', 2)];
    // Then eight of twenty.
    expect(valueOf(lost, 'slip')).toMatchObject({ value: 8.75 / 70, events: 8, rings: 20 });
    expect(valueOf(lost, 'slip-flare')!.value).toBeCloseTo((6 / 8) * (8.75 / 70), 12);
    expect(valueOf(lost, 'slip-stuck-on-cone')).toMatchObject({ of: 'stuck-on-cone', events: 2 });
    expect(learn(lost).traits.losses).toMatchObject({ slipChance: 8.75 / 70, seen: { slip: 8, melt: 0 } });
  });

  it('counts melts by heats, apart from slips', () => {
    const heatsOf = (from: readonly LoggedRing[]) =>
      from.reduce((sum, ring) => sum + lessonFrom(ring).loss!.heats, 0);
    const melted = [...rings, ...lostBy('blistered', 6)];
    const heats = heatsOf(melted);
    // A quarter of 250 heats beforehand, then six of them.
    const value = 6.25 / (250 + heats);
    expect(valueOf(melted, 'melt')).toMatchObject({ value, standard: 0.001, events: 6, sightings: heats });
    expect(valueOf(melted, 'slip')).toMatchObject({ events: 0, rings: 18 });
    expect(learn(melted).traits.losses).toMatchObject({ meltChance: value, seen: { melt: 6, slip: 0 } });
    expect(learn(melted, ['melt']).traits.losses.meltChance).toBe(0.001);
  });

  it('finds rims that wrinkle early, and goes back to the default where the maker wants it', () => {
    const wrinkled = [...rings, ...lostBy('wrinkled-rim', 9)];
    const { value, events } = valueOf(wrinkled, 'wrinkle')!;
    expect(value).toBeLessThan(0.9);
    expect(events).toBe(9);
    expect(learn(wrinkled).traits.losses.wrinkleFactor).toBe(value);
    expect(learn(wrinkled, ['wrinkle', 'slip']).traits.losses).toMatchObject({
      wrinkleFactor: 1,
      slipChance: 0.015,
      seen: { wrinkle: 9 },
    });
    expect(valueOf(rings, 'wrinkle')!.value).toBeGreaterThanOrEqual(0.99);
  });

  it('finds metal that cracks early from rings that it cost', () => {
    const atFold = rings[0]!.steps.findIndex(({ kind }) => kind === 'fold');
    const metal = rings[0]!.coin!.input.coin.metal;
    const early = Array.from({ length: 8 }, (_, i) => ({
      ...spoiltBy(rings[0]!, 'crack-at-cut-edge', atFold),
      id: `early-${i}`,
    }));
    const before = valueOf(rings, `allowance-${metal}`)!;
    const after = valueOf([...rings, ...early], `allowance-${metal}`)!;
    expect(after.value).toBeLessThan(before.value - 0.05);
    expect(after.events).toBe((before.events ?? 0) + 8);
  });
});
