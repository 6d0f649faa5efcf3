import { TOOL_KINDS } from '@round-mint/core/kit';
import { KIT_GROUPS, parseTool, toolFields, toolLine } from './kit-words';

const length = (mm: number) => `${mm} mm`;

describe('the kit in words', () => {
  it('has a group and fields for every kind of tool', () => {
    expect(KIT_GROUPS.map(({ kind }) => kind).sort()).toEqual([...TOOL_KINDS].sort());
    for (const kind of TOOL_KINDS) expect(toolFields(kind).length).toBeGreaterThan(0);
  });

  it('reads a tool from what was typed', () => {
    expect(parseTool('punch', { diameterMm: '1/2' }, 'mm').ok).toBe(false);
    expect(parseTool('punch', { diameterMm: '0.5 in', selfCentring: 'yes' }, 'mm')).toEqual({
      ok: true,
      spec: { kind: 'punch', diameterMm: 12.7, selfCentring: true },
    });
    expect(parseTool('reducing-die', { angleDeg: '17', holesMm: '20 21.5; 23' }, 'mm')).toEqual({
      ok: true,
      spec: { kind: 'reducing-die', angleDeg: 17, holesMm: [20, 21.5, 23] },
    });
  });

  it('names the field that is wrong', () => {
    const parsed = parseTool('stretcher', { smallestMm: '13', largestMm: 'big', splines: '4' }, 'mm');
    expect(parsed).toEqual({
      ok: false,
      problems: { largestMm: expect.stringMatching(/length from 10 to 60/) },
    });
  });

  it('says what a tool is in a line', () => {
    const line = (spec: Parameters<typeof toolLine>[0]['spec']) => toolLine({ spec }, length);
    expect(line({ kind: 'punch', diameterMm: 12.7, selfCentring: false })).toBe('12.7 mm');
    expect(line({ kind: 'reducing-die', angleDeg: 17, holesMm: [20, 25] })).toBe(
      '17°, 2 holes from 20 mm to 25 mm',
    );
    expect(line({ kind: 'stretcher', smallestMm: 13, largestMm: 24, splines: 4 })).toBe(
      '13 mm to 24 mm, 4 splines',
    );
  });
});
