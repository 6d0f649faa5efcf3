import { REFERENCE_KIT, type ToolContact } from '@round-mint/core/kit';
import { coinRoute } from '@round-mint/core/route';
import { type RouteStep, sectionLines, type SectionPoint } from '@round-mint/core/steps';
import { toolParts } from './tool-outline';

const INPUT = {
  coin: { diameterMm: 30, rimThicknessMm: 2, metal: 'silver-900' },
  holeMm: 12.7,
  targetInsideDiameterMm: 18.9,
} as const;

function stepsOf(school: 'over-stretch' | 'straighten', wall: 'straight' | 'rounded'): readonly RouteStep[] {
  return coinRoute({ ...INPUT, wall: { kind: wall }, school }, { kit: REFERENCE_KIT })?.steps ?? [];
}

/** Whether a point lies inside a closed figure, by crossings. */
function isInside(part: readonly SectionPoint[], { x, y }: SectionPoint): boolean {
  return part.reduce((inside, a, i) => {
    const b = part[(i + 1) % part.length] ?? a;
    const crosses = a.y > y !== b.y > y && x < a.x + ((y - a.y) * (b.x - a.x)) / (b.y - a.y);
    return crosses ? !inside : inside;
  }, false);
}

function depthInside(part: readonly SectionPoint[], points: readonly SectionPoint[]): number {
  const deep = points.filter((point) => isInside(part, point));
  const nearest = (point: SectionPoint) =>
    Math.min(
      ...part.map((a, i) => {
        const b = part[(i + 1) % part.length] ?? a;
        const [dx, dy] = [b.x - a.x, b.y - a.y];
        const along = Math.max(
          0,
          Math.min(1, ((point.x - a.x) * dx + (point.y - a.y) * dy) / (dx * dx + dy * dy || 1)),
        );
        return Math.hypot(point.x - a.x - along * dx, point.y - a.y - along * dy);
      }),
    );
  return Math.max(0, ...deep.map(nearest));
}

const withTools = [...stepsOf('over-stretch', 'rounded'), ...stepsOf('straighten', 'straight')].filter(
  (step): step is RouteStep & { contact: ToolContact } => step.contact !== undefined,
);

describe('toolParts', () => {
  it('knows every tool of these routes', () => {
    const kinds = new Set(withTools.map(({ contact }) => contact.kind));
    expect([...kinds].sort()).toEqual(
      expect.arrayContaining(['cone', 'curl-die', 'die', 'fold-die', 'punch', 'splines']),
    );
  });

  it.each(withTools.map((step, i) => [`${i} ${step.title}`, step] as const))(
    '%s: the tool is never in the metal',
    (_name, step) => {
      const { inside, outside } = sectionLines(step.outline);
      for (const part of toolParts(step.contact, step.outline)) {
        expect(depthInside(part, [...inside, ...outside])).toBeLessThan(0.02);
      }
    },
  );

  it('brings each forming tool into touch with the wall', () => {
    for (const { contact, outline, kind } of withTools) {
      if (kind === 'cut' || kind === 'flatten') continue;
      const { inside, outside } = sectionLines(outline);
      const all = [...inside, ...outside];
      const gaps = toolParts(contact, outline).map((part) =>
        Math.min(...all.map((point) => Math.min(...segmentsOf(part).map((distance) => distance(point))))),
      );
      expect(Math.min(...gaps)).toBeLessThan(0.05);
    }
  });

  it('draws a ball that has come down on the wall, a pusher between ring and die, and plates above and below', () => {
    const outline = withTools.find(({ contact }) => contact.kind === 'fold-die')!.outline;
    const ball = toolParts({ kind: 'ball', diameterMm: 30 }, outline)[0] ?? [];
    expect(depthInside(ball, sectionLines(outline).inside)).toBeLessThan(0.1);
    expect(toolParts({ kind: 'pusher', diameterMm: 19 }, outline)).toHaveLength(2);
    const [above, below] = toolParts({ kind: 'plates' }, outline);
    expect(Math.min(...(above ?? []).map(({ y }) => y))).toBeGreaterThan(
      Math.max(...(below ?? []).map(({ y }) => y)),
    );
  });
});

function segmentsOf(part: readonly SectionPoint[]): ((point: SectionPoint) => number)[] {
  return part.map((a, i) => {
    const b = part[(i + 1) % part.length] ?? a;
    return ({ x, y }) => {
      const [dx, dy] = [b.x - a.x, b.y - a.y];
      const along = Math.max(0, Math.min(1, ((x - a.x) * dx + (y - a.y) * dy) / (dx * dx + dy * dy || 1)));
      return Math.hypot(x - a.x - along * dx, y - a.y - along * dy);
    };
  });
}
