import { TOOL_FAULTS, type ToolFault } from './codes';
import { TOOL_KINDS, type Kit, type Tool } from './kit';
import { REFERENCE_KIT } from './reference-kit';
import { chooseBall, chooseCone, choosePunch, chooseStretcher, foldDies } from './tool-choice';
import { needsOil, standingToolEvents, toolStanding, type ToolEvent } from './tool-history';
import { faultEffect, faultsFor, soundTools, spareFor, toolWarning, usableTools } from './wear';
import { CARE_WORDS } from './wear-words';

const punch = (id: string, diameterMm: number, faults: readonly ToolFault[] = []): Tool => ({
  ...{ id, name: `punch ${id}`, faults },
  spec: { kind: 'punch', diameterMm, selfCentring: false },
});
const pusher = (id: string, diameterMm: number, faults: readonly ToolFault[] = []): Tool => ({
  ...{ id, name: `pusher ${id}`, faults },
  spec: { kind: 'stepped-pusher', diameterMm },
});
const marked = (id: string, ...faults: readonly ToolFault[]): Kit =>
  REFERENCE_KIT.map((tool) => (tool.id === id ? { ...tool, faults } : tool));
const nameOf = (choice: ReturnType<typeof choosePunch>) => ('tool' in choice ? choice.tool.name : 'none');

describe('faults', () => {
  it('are told of every kind that can have them, each with what it does', () => {
    for (const kind of TOOL_KINDS) {
      expect(faultsFor(kind).length).toBeGreaterThan(0);
      expect(CARE_WORDS[kind]).toMatch(/\.$/);
      for (const fault of faultsFor(kind)) expect(faultEffect(kind, fault).does).toMatch(/^(it|its) /);
    }
    expect(TOOL_FAULTS.filter((fault) => TOOL_KINDS.some((kind) => faultsFor(kind).includes(fault)))).toEqual(
      TOOL_FAULTS,
    );
    expect(faultEffect('stepped-pusher', 'dented').does).toBe('it marks the edge');
    expect(faultEffect('expansion-cone', 'grooved').does).toContain('wanders');
    expect(faultEffect('press', 'grooved')).toMatchObject({ isAvoided: false });
  });

  it('that spoil a ring leave the kit while others do as well; rust stays', () => {
    const kit = [punch('a', 12.7, ['chipped']), punch('b', 12.7, ['rusty']), punch('c', 14.3, ['chipped'])];
    expect(soundTools(kit).map(({ id }) => id)).toEqual(['b']);
    expect(usableTools(kit).map(({ id }) => id)).toEqual(['b', 'c']);
    expect(soundTools(REFERENCE_KIT)).toBe(REFERENCE_KIT);
    expect(usableTools(REFERENCE_KIT)).toBe(REFERENCE_KIT);
  });
});

describe('a spare', () => {
  it('does all that the marked tool does, and is sound itself', () => {
    const worn = pusher('a', 16, ['dented']);
    expect(spareFor([worn, pusher('b', 16.02)], worn)?.id).toBe('b');
    expect(spareFor([worn, pusher('b', 16.4), pusher('c', 16, ['chipped'])], worn)).toBeUndefined();
    const die = (id: string, mouthMm: number, faults: readonly ToolFault[] = []): Tool => ({
      ...{ id, name: id, faults },
      spec: { kind: 'fold-die', angleDeg: 17, mouthMm, smallEndMm: 14 },
    });
    expect(spareFor([die('a', 42, ['grooved']), die('b', 40)], die('a', 42))).toBeUndefined();
    expect(spareFor([die('a', 42, ['grooved']), die('b', 44)], die('a', 42))?.id).toBe('b');
    const plate = (id: string, ...holesMm: readonly number[]): Tool => ({
      ...{ id, name: id },
      spec: { kind: 'reducing-die', angleDeg: 17, holesMm },
    });
    expect(spareFor([plate('b', 18, 19, 20)], plate('a', 18, 20))?.id).toBe('b');
    expect(spareFor([plate('b', 18, 19)], plate('a', 18, 20))).toBeUndefined();
    const stretcher = (id: string, smallestMm: number): Tool => ({
      ...{ id, name: id },
      spec: { kind: 'stretcher', smallestMm, largestMm: 26, splines: 4 },
    });
    expect(spareFor([stretcher('b', 12)], stretcher('a', 13))?.id).toBe('b');
    expect(spareFor([stretcher('b', 14)], stretcher('a', 13))).toBeUndefined();
  });

  it('is named in what is said of a marked tool; without one, what is to be done', () => {
    const kit = [pusher('a', 16, ['rusty', 'dented']), pusher('b', 16)];
    expect(toolWarning(kit, 'a')).toMatchObject({
      message: 'pusher a is dented and rusty: it marks the edge. Take pusher b instead.',
      isGrave: true,
      spare: { id: 'b' },
    });
    expect(toolWarning(kit.slice(0, 1), 'a')?.message).toBe(
      'pusher a is dented and rusty: it marks the edge. Face it flat, or put a disc of plastic between.',
    );
    expect(toolWarning([pusher('a', 16, ['rusty'])], 'a')).toMatchObject({
      isGrave: false,
      spare: undefined,
    });
    expect(toolWarning(marked('stretcher', 'spring-off'), 'stretcher')?.message).toBe(
      'stretcher is without its spring: its splines do not close by themselves. Push them home before each ring goes on, or put the spring back.',
    );
    expect(toolWarning(kit, 'b')).toBeUndefined();
    expect(toolWarning(kit, 'gone')).toBeUndefined();
  });
});

describe('a choice', () => {
  it('takes a sound tool where there is one, and the marked one where there is no other', () => {
    const kit = [punch('a', 12.7, ['chipped']), punch('b', 12.7), punch('c', 14.3, ['chipped'])];
    expect(nameOf(choosePunch(kit, 12.7))).toBe('punch b');
    expect(nameOf(choosePunch(kit, 14.3))).toBe('punch c');
    expect(nameOf(choosePunch(kit.slice(0, 1), 12.7))).toBe('punch a');
  });

  it('of every kind of tool prefers a sound one', () => {
    const twice = (id: string): Kit => {
      const kit = marked(id, 'dented', 'grooved', 'worn-spline');
      const tool = REFERENCE_KIT.find((one) => one.id === id)!;
      return [...kit, { ...tool, id: `${id}-2`, name: `second ${tool.name}` }];
    };
    expect(nameOf(chooseStretcher(twice('stretcher'), 18, 19))).toBe('second stretcher');
    expect(chooseBall(twice('ball-25'), 30)?.tool.name).toBe('second 25 mm ball');
    const [fold] = foldDies(twice('fold-17'), 30, () => 25);
    expect(fold && nameOf(fold.choice)).toBe('second 17° fold die and cone');
    const cone = chooseCone(twice('expansion-cone'), { fromMm: 14, toMm: 18 }, 22, 8);
    expect(nameOf(cone)).toBe('second expansion cone with lids');
  });
});

describe('what happened to a tool', () => {
  const told = (n: number, body: ToolEvent['body']): ToolEvent => ({
    id: `e${n}`,
    at: `2026-11-${String(n).padStart(2, '0')}T10:00:00.000Z`,
    body,
  });

  it('says what is wrong with it now', () => {
    const events = [
      told(1, { kind: 'fault', fault: 'dented' }),
      told(2, { kind: 'fault', fault: 'rusty' }),
      told(3, { kind: 'mended', fault: 'rusty' }),
      told(4, { kind: 'oiled' }),
    ];
    expect(toolStanding(events)).toEqual({
      faults: ['dented'],
      renewedAt: undefined,
      oiledAt: events[3]!.at,
    });
    // Whichever came in first, the clock decides.
    expect(toolStanding(events.toReversed())).toEqual(toolStanding(events));
    expect(toolStanding([...events, told(5, { kind: 'replaced' })])).toEqual({
      ...{ faults: [], renewedAt: '2026-11-05T10:00:00.000Z', oiledAt: undefined },
    });
  });

  it('is taken back by what undoes it', () => {
    const events = [told(1, { kind: 'fault', fault: 'dented' }), told(2, { kind: 'replaced' })];
    const undone = [...events, told(3, { kind: 'undone', eventId: 'e2' })];
    expect(toolStanding(undone).faults).toEqual(['dented']);
    expect(standingToolEvents(undone).map(({ id }) => id)).toEqual(['e1']);
  });

  it('asks for oil after a damp week, or when it was long ago', () => {
    const oiled = toolStanding([told(10, { kind: 'oiled' })]);
    const came = '2026-01-01T10:00:00.000Z';
    const asked = (dampAt: string | undefined, now: string) => needsOil(oiled, came, dampAt, now);
    expect(asked(undefined, '2026-11-20T10:00:00.000Z')).toBe(false);
    expect(asked('2026-11-09T10:00:00.000Z', '2026-11-20T10:00:00.000Z')).toBe(false);
    expect(asked('2026-11-15T10:00:00.000Z', '2026-11-20T10:00:00.000Z')).toBe(true);
    expect(asked(undefined, '2027-02-01T10:00:00.000Z')).toBe(true);
    expect(needsOil(toolStanding([]), came, undefined, '2026-11-20T10:00:00.000Z')).toBe(true);
  });
});
