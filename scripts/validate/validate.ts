import {
  errorOf,
  rmsError,
  studyFigures,
  type StudyFigure,
} from '../../packages/core/src/forming/study-errors';

/** What the engine is held to: root mean square over cases. */
const HELD_TO: Readonly<Record<StudyFigure['figure'], number>> = {
  width: 0.5,
  height: 1,
  'cut edge thickness': 1.5,
  'middle thickness': 1,
  'rim edge thickness': 1.5,
  'cut edge inside': 0.1,
  'rim edge inside': 0.1,
  'strain at the cut edge': 0.03,
  'strain at the rim edge': 0.03,
};

export interface ValidationRow {
  readonly step: string;
  readonly figure: string;
  readonly unit: string;
  readonly cases: number;
  readonly mean: number;
  readonly rms: number;
  readonly worst: number;
  readonly heldTo: number;
}

function grouped<K>(
  figures: readonly StudyFigure[],
  keyOf: (one: StudyFigure) => K,
): ReadonlyMap<K, StudyFigure[]> {
  const groups = new Map<K, StudyFigure[]>();
  for (const one of figures) groups.set(keyOf(one), [...(groups.get(keyOf(one)) ?? []), one]);
  return groups;
}

/** One row for each step and figure. */
export function validationRows(): readonly ValidationRow[] {
  const groups = grouped(studyFigures(), ({ step, figure }) => `${step}|${figure}`);
  return [...groups.values()].flatMap((figures) => {
    const [first] = figures;
    if (!first) return [];
    const errors = figures.map(errorOf);
    return {
      step: first.step,
      figure: first.figure,
      unit: first.unit,
      cases: figures.length,
      mean: errors.reduce((sum, error) => sum + error, 0) / errors.length,
      rms: rmsError(figures),
      worst: Math.max(...errors.map(Math.abs)),
      heldTo: HELD_TO[first.figure],
    };
  });
}

const PANEL = { width: 210, height: 190, margin: 34 } as const;
const COLOURS: Readonly<Record<StudyFigure['step'], string>> = {
  fold: '#8a4b2a',
  stretch: '#2f6b62',
  'reduce, throat': '#35507c',
  'reduce, cone': '#7c6a1e',
  curl: '#6b3a6e',
};

/** A panel that sets what the engine says against the study; on the line they agree. */
function panel(title: string, figures: readonly StudyFigure[], left: number, top: number): string {
  const all = figures.flatMap(({ engine, study }) => [engine, study]);
  const [low, high] = [Math.min(...all), Math.max(...all)];
  const { width, height, margin } = PANEL;
  const x = (value: number) => left + margin + ((value - low) / (high - low)) * (width - margin - 8);
  const y = (value: number) =>
    top + height - margin - ((value - low) / (high - low)) * (height - margin - 26);
  const dots = figures.map(
    ({ engine, study, step }) =>
      `<circle cx="${x(study).toFixed(1)}" cy="${y(engine).toFixed(1)}" r="2.4" fill="${COLOURS[step]}" fill-opacity="0.6"/>`,
  );
  const tick = (value: number) => value.toFixed(high < 2 ? 2 : 1);
  return [
    `<text x="${left + margin}" y="${top + 14}" font-weight="bold">${title}</text>`,
    `<path d="M${x(low)} ${y(low)}L${x(high)} ${y(high)}" stroke="#999" fill="none"/>`,
    `<path d="M${x(low)} ${y(high)}V${y(low)}H${x(high)}" stroke="#333" fill="none"/>`,
    `<text x="${x(low)}" y="${y(low) + 13}">${tick(low)}</text>`,
    `<text x="${x(high)}" y="${y(low) + 13}" text-anchor="end">${tick(high)}</text>`,
    `<text x="${x(low) - 4}" y="${y(high) + 4}" text-anchor="end">${tick(high)}</text>`,
    ...dots,
  ].join('\n');
}

/** Plots of engine against study, one panel for each figure, coloured by step. */
export function validationPlot(): string {
  const groups = [...grouped(studyFigures(), ({ figure }) => figure)];
  const columns = 3;
  const rows = Math.ceil(groups.length / columns);
  const [width, height] = [columns * PANEL.width + 10, rows * PANEL.height + 30];
  const panels = groups.map(([figure, figures], i) => {
    const unit = figures[0]?.unit === 'ln' ? 'ln' : 'mm';
    const [column, row] = [i % columns, Math.floor(i / columns)];
    return panel(`${figure}, ${unit}`, figures, column * PANEL.width, row * PANEL.height);
  });
  const legend = Object.entries(COLOURS).map(
    ([step, colour], i) =>
      `<circle cx="${40 + i * 120}" cy="${height - 14}" r="4" fill="${colour}"/><text x="${50 + i * 120}" y="${height - 10}">${step}</text>`,
  );
  return `<svg xmlns="http://www.w3.org/2000/svg" width="${width}" height="${height}" viewBox="0 0 ${width} ${height}" font-family="sans-serif" font-size="10">
<rect width="100%" height="100%" fill="#fffdf8"/>
${[...panels, ...legend].join('\n')}
<text x="${width - 12}" y="${height - 30}" text-anchor="end" font-style="italic">across: the study · up: the engine</text>
</svg>
`;
}
