import { REFERENCE_KIT, type Kit } from '../kit';
import { planWork } from '../work';
import { pressesFor, toolIdOf, withToolIds } from '../steps';

const MILL = { id: 'mill', name: 'mill', spec: { kind: 'rolling-mill', openingMm: 6 } } as const;
const PUSHER = { id: 'pusher', name: 'pusher', spec: { kind: 'stepped-pusher', diameterMm: 16 } } as const;
const KIT: Kit = [...REFERENCE_KIT, MILL, PUSHER];

describe('the tool of a step', () => {
  it('is the one that it names, else the one that touches so, else the one of its kind', () => {
    const contact = { kind: 'former', diameterMm: 16 } as const;
    expect(toolIdOf(KIT, { kind: 'bend', toolId: 'mine', contact })).toBe('mine');
    expect(toolIdOf(KIT, { kind: 'bend', contact })).toBe('former-16');
    expect(toolIdOf(KIT, { kind: 'cut', contact: { kind: 'punch', diameterMm: 12.7 } })).toBe('punch-12.7');
    expect(toolIdOf(KIT, { kind: 'fold', contact: { kind: 'ball', diameterMm: 25 } })).toBe('ball-25');
    expect(toolIdOf(KIT, { kind: 'stepped', contact: { kind: 'pusher', diameterMm: 16 } })).toBe('pusher');
    expect(toolIdOf(KIT, { kind: 'flatten', contact: { kind: 'plates' } })).toBeUndefined();
    expect(toolIdOf(KIT, { kind: 'roll' })).toBe('mill');
    expect(toolIdOf(KIT, { kind: 'read' })).toBe('mandrel');
    expect(toolIdOf(KIT, { kind: 'anneal' })).toBeUndefined();
    expect(toolIdOf([], { kind: 'read' })).toBeUndefined();
  });

  it('stands in every step of other work that takes one of the kit', () => {
    const plan = planWork(
      {
        work: { kind: 'resize', cover: 'none' },
        piece: {
          kind: 'band',
          metal: 'silver-925',
          insideDiameterMm: 18.9,
          thicknessMm: 1.6,
          widthMm: 6,
          profile: 'flat',
          patterned: false,
          stones: false,
          soldered: false,
        },
        targetInsideDiameterMm: 18.2,
        finish: 'polished',
      },
      { kit: KIT },
    );
    const named = (kind: string) =>
      plan.steps.filter((step) => step.kind === kind).map(({ toolId }) => toolId);
    expect(new Set(named('reduce'))).toEqual(new Set(['reduce-17']));
    expect(new Set(named('read'))).toEqual(new Set(['mandrel']));
  });

  it('is planned as a sound one where there is one', () => {
    const marked: Kit = [
      { id: 'worn', name: 'worn', spec: { kind: 'mandrel', mmPerUsSize: 12.7 }, faults: ['dented'] },
      { id: 'good', name: 'good', spec: { kind: 'mandrel', mmPerUsSize: 12.7 } },
    ];
    const plan = planWork(
      {
        work: { kind: 'strip', seamMm: 0.3, textured: false },
        piece: {
          kind: 'strip',
          metal: 'silver-925',
          section: 'rect',
          thicknessMm: 1.6,
          widthMm: 6,
          lengthMm: 200,
        },
        targetInsideDiameterMm: 18.9,
        finish: 'polished',
      },
      { kit: marked },
    );
    const named = plan.steps.flatMap(({ toolId }) => toolId ?? []);
    expect(new Set(named)).toEqual(new Set(['good']));
    const read = plan.steps
      .filter(({ toolId }) => toolId === 'good')
      .map((step) => ({ ...step, toolId: undefined }));
    expect(withToolIds(marked.slice(0, 1), read)[0]?.toolId).toBe('worn');
  });

  it('is a press, too, where something is pressed', () => {
    const press = { id: 'press', name: 'press', spec: { kind: 'press', tonnes: 1 } } as const;
    expect(pressesFor([...KIT, press], { kind: 'fold' })).toEqual([press]);
    expect(pressesFor([...KIT, press], { kind: 'sand' })).toEqual([]);
  });
});
