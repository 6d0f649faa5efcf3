import { TOOL_KINDS } from '@round-mint/core/kit';
import type { StoredTool } from '@round-mint/contract/kit';
import { parseTool } from './kit-words';
import { copyOf, draftOf } from './tool-draft';

const LIFE = { createdAt: '2026-03-01T10:00:00.000Z', updatedAt: '2026-03-01T10:00:00.000Z', version: 1 };
const SPECS: readonly StoredTool['spec'][] = [
  { kind: 'punch', diameterMm: 12.7, selfCentring: true },
  { kind: 'dapping-ball', diameterMm: 20 },
  { kind: 'fold-die', angleDeg: 17, mouthMm: 40.5, smallEndMm: 19.05 },
  { kind: 'reducing-die', angleDeg: 22, holesMm: [20, 21.25, 22.5] },
  { kind: 'stretcher', smallestMm: 13, largestMm: 24, splines: 4, taperDeg: 1.5 },
  { kind: 'stepped-pusher', diameterMm: 17.3 },
  { kind: 'expansion-cone', angleDeg: 8, smallEndMm: 14, largeEndMm: 30, lidHolesMm: [15, 18] },
  { kind: 'mandrel', mmPerUsSize: 8.1 },
  { kind: 'press', tonnes: 6 },
  { kind: 'former', diameterMm: 17 },
  { kind: 'rolling-mill', openingMm: 5.5 },
];
const toolOf = (spec: StoredTool['spec']): StoredTool => ({
  history: [],
  id: 'one',
  name: 'Tool',
  spec,
  ...LIFE,
});

describe('a tool that is changed', () => {
  it('is known of every kind', () => {
    expect(SPECS.map(({ kind }) => kind).sort()).toEqual([...TOOL_KINDS].sort());
  });

  it.each(SPECS.map((spec) => [spec.kind, spec] as const))(
    'stays what it is when nothing was typed: %s',
    (_kind, spec) => {
      for (const unit of ['mm', 'in'] as const) {
        const { kind, texts } = draftOf(toolOf(spec), unit);
        const parsed = parseTool(kind, texts, unit);
        if (!parsed.ok) throw new Error(JSON.stringify(parsed.problems));
        const before = Object.entries(spec);
        const after = new Map<string, unknown>(Object.entries(parsed.spec));
        for (const [name, value] of before) {
          // Five figures of an inch are a quarter of a thousandth of a millimetre.
          if (typeof value === 'number') expect(Number(after.get(name))).toBeCloseTo(value, 3);
          else if (Array.isArray(value))
            (after.get(name) as number[]).forEach((one, i) => expect(one).toBeCloseTo(Number(value[i]), 3));
          else expect(after.get(name)).toBe(value);
        }
      }
    },
  );

  it('is copied as a new one', () => {
    const copy = copyOf(toolOf(SPECS[0]!), 'in');
    expect(copy).toEqual({
      id: undefined,
      kind: 'punch',
      texts: { name: 'Tool, copy', diameterMm: '0.5', selfCentring: 'yes' },
    });
  });
});
