import { ringEventBodySchema, type RingEventInput } from '@round-mint/contract/rings';
import { parseDecimal, parseLengthMm, type LengthUnit } from '@round-mint/core/format';

/** What calliper and scale say of a finished ring. */
export const FIGURES = ['width', 'cut', 'rim', 'mass'] as const;
export type Figure = (typeof FIGURES)[number];
export type FigureTexts = Readonly<Record<Figure, string>>;

export const NO_FIGURES: FigureTexts = { width: '', cut: '', rim: '', mass: '' };

const FIELDS = {
  width: 'bandWidthMm',
  cut: 'thicknessCutEdgeMm',
  rim: 'thicknessRimEdgeMm',
  mass: 'massG',
} as const satisfies Readonly<Record<Figure, string>>;

const ACCEPTED: Readonly<Record<Figure, string>> = {
  width: 'must be a length such as 9.1',
  cut: 'must be a length such as 1.45',
  rim: 'must be a length such as 2.1',
  mass: 'must be a mass such as 10.25',
};

type Body = RingEventInput['body'];

export interface FinishFigures {
  readonly values: Readonly<Record<Figure, number | undefined>>;
  /** What is wrong with a figure, and what is accepted. */
  readonly problems: Readonly<Partial<Record<Figure, string>>>;
  /** The event that tells them; undefined while something is wrong. */
  readonly measured: Body | undefined;
}

function read(figure: Figure, text: string, unit: LengthUnit): number | undefined {
  if (figure !== 'mass') return parseLengthMm(text, unit);
  const grams = parseDecimal(text);
  return Number.isNaN(grams) ? undefined : grams;
}

/** Typed figures, judged by the very schema that the server judges them by; the width is needed, the others are not. */
export function finishFigures(texts: FigureTexts, unit: LengthUnit): FinishFigures {
  const found = FIGURES.map((figure) => [figure, read(figure, texts[figure], unit)] as const);
  const values = Object.fromEntries(found) as FinishFigures['values'];
  const typed = found.filter(([figure]) => figure === 'width' || texts[figure].trim() !== '');
  const unread = typed.filter(([, value]) => value === undefined).map(([figure]) => figure);
  if (unread.length > 0) {
    const problems = Object.fromEntries(unread.map((figure) => [figure, ACCEPTED[figure]]));
    return { values, problems, measured: undefined };
  }
  const parsed = ringEventBodySchema.safeParse({
    kind: 'measured',
    ...Object.fromEntries(typed.map(([figure, value]) => [FIELDS[figure], value])),
  });
  if (parsed.success) return { values, problems: {}, measured: parsed.data };
  const problems = Object.fromEntries(
    parsed.error.issues.flatMap(({ path, message }) => {
      const figure = FIGURES.find((one) => FIELDS[one] === path[0]);
      return figure ? [[figure, message]] : [];
    }),
  );
  return { values, problems, measured: undefined };
}
