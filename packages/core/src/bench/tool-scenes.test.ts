import type { Kit, ToolFault } from '../kit';
import { planCoinRing } from '../route';
import { benchWord, type RingAtBench } from './index';
import { BENCH_KIT, coinRing, doneTo, eventsOf, us } from './test-bench';

const INPUT = {
  coin: { metal: 'silver-900', diameterMm: 30, massG: 12, rimThicknessMm: 2 },
  holeMm: 12.7,
  targetInsideDiameterMm: us(9),
  wall: { kind: 'straight' },
} as const;
const RING = coinRing(INPUT);
const FOLD = RING.steps.findIndex(({ toolId }) => toolId === 'fold-17');
const DIE = BENCH_KIT.find(({ id }) => id === 'fold-17')!;
const SECOND = { ...DIE, id: 'fold-17-2', name: 'second fold die' };
const kitWith = (fault: ToolFault, ...more: Kit): Kit => [
  ...BENCH_KIT.map((tool) => (tool.id === DIE.id ? { ...tool, faults: [fault] } : tool)),
  ...more,
];

function stepAt(kit: Kit, bodies: Parameters<typeof eventsOf>[0] = []) {
  const ring: RingAtBench = { ...RING, events: eventsOf([...doneTo(RING.steps, FOLD), ...bodies]) };
  return benchWord(ring, { kit, system: 'us' }).step;
}

describe('a tool that is marked after a ring was begun', () => {
  it('is told at its step, with the spare to be taken', () => {
    expect(stepAt(BENCH_KIT)).toMatchObject({ toolId: DIE.id });
    expect(stepAt(BENCH_KIT)).not.toHaveProperty('toolWarning');
    expect(stepAt(kitWith('grooved', SECOND))).toMatchObject({
      toolWarning: `${DIE.name} is grooved: it wanders, and the wall goes down askew. Take second fold die instead.`,
      spareId: SECOND.id,
    });
    const alone = stepAt(kitWith('grooved'));
    expect(alone?.toolWarning).toContain('turn the ring at every stroke');
    expect(alone).not.toHaveProperty('spareId');
  });

  it('is not told any more once the spare is used', () => {
    const used = stepAt(kitWith('grooved', SECOND), [{ kind: 'tool-used', step: FOLD, toolId: SECOND.id }]);
    expect(used).toMatchObject({ tool: 'second fold die', toolId: SECOND.id });
    expect(used).not.toHaveProperty('toolWarning');
  });

  it('is known by its measures where a step was planned before tools were told', () => {
    const steps = RING.steps.map(({ toolId: _toolId, ...step }) => step);
    const ring: RingAtBench = { ...RING, steps, events: eventsOf(doneTo(steps, FOLD)) };
    expect(benchWord(ring, { kit: kitWith('chipped'), system: 'us' }).step?.toolWarning).toContain(
      'it cuts into the wall',
    );
  });

  it('marked in the ring’s log changes nothing of the ring', () => {
    const marked = stepAt(BENCH_KIT, [{ kind: 'tool-marked', toolId: DIE.id, fault: 'grooved' }]);
    expect(marked).toEqual(stepAt(BENCH_KIT));
  });
});

describe('a press without its spring', () => {
  const press = { id: 'press', name: 'lever press', spec: { kind: 'press', tonnes: 1 } } as const;
  const kit: Kit = [...BENCH_KIT, { ...press, faults: ['spring-off'] }];

  it('is told wherever something is pressed, and nowhere else', () => {
    expect(stepAt(kit)).toMatchObject({
      toolId: DIE.id,
      toolWarning:
        'lever press is without its spring: its ram comes down by itself. Hold it up or block it before a hand goes below; put the spring back first.',
    });
    const anneal = RING.steps.findIndex(({ kind }) => kind === 'anneal');
    const ring: RingAtBench = { ...RING, events: eventsOf(doneTo(RING.steps, anneal)) };
    expect(benchWord(ring, { kit, system: 'us' }).step).not.toHaveProperty('toolWarning');
  });

  it('stands beside what is wrong with the die', () => {
    const both = stepAt([...kitWith('rusty'), { ...press, faults: ['spring-off'] }]);
    expect(both?.toolWarning).toMatch(/rusty: it drags.* lever press is without its spring/);
  });
});

describe('a plan', () => {
  it('avoids a marked tool where another does as well, and is made with it where none does', () => {
    const toolsOfPlan = (kit: Kit) =>
      new Set(planCoinRing(INPUT, { kit }).route?.steps.flatMap(({ toolId }) => toolId ?? []));
    expect(toolsOfPlan(BENCH_KIT).has(DIE.id)).toBe(true);
    const avoided = toolsOfPlan(kitWith('grooved', SECOND));
    expect([avoided.has(DIE.id), avoided.has(SECOND.id)]).toEqual([false, true]);
    expect(toolsOfPlan(kitWith('grooved')).has(DIE.id)).toBe(true);
  });
});
