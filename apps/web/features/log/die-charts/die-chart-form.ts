import { dieChartInputSchema, type DieChartInput } from '@round-mint/contract/die-charts';
import { parseDecimal, parseLengthMm, type LengthUnit } from '@round-mint/core/format';
import type { DieObservation } from '@round-mint/core/kit';
import { parseSize, type SizeSystemId } from '@round-mint/core/size';
import { problemsOf } from '@/store/problem';

/** A new chart as typed. */
export interface ChartTexts {
  readonly metal: string;
  readonly coinDiameter: string;
  readonly die: string;
  readonly pusher: string;
}

export type ParsedChart =
  | { readonly ok: true; readonly chart: DieChartInput }
  | { readonly ok: false; readonly problems: Readonly<Record<string, string>> };

/** Texts to a chart without observations, checked by the contract's schema. */
export function parseChart(id: string, texts: ChartTexts, unit: LengthUnit): ParsedChart {
  const result = dieChartInputSchema.safeParse({
    id,
    metal: texts.metal,
    coinDiameterMm: parseLengthMm(texts.coinDiameter, unit),
    die: texts.die,
    pusherMm: parseLengthMm(texts.pusher, unit),
    observations: [],
  });
  if (result.success) return { ok: true, chart: result.data };
  return { ok: false, problems: problemsOf(result.error) };
}

export type ParsedObservation =
  | { readonly ok: true; readonly observation: DieObservation }
  | { readonly ok: false; readonly reveal?: string; readonly size?: string };

const MOST_LINES = 40;

/** A reveal in lines, halves allowed, and the size read after the pass in any notation. */
export function parseObservation(
  revealText: string,
  sizeText: string,
  system: SizeSystemId,
): ParsedObservation {
  const reveal = parseDecimal(revealText);
  const revealOk = reveal >= 0 && reveal <= MOST_LINES;
  const size = parseSize(sizeText, system);
  if (revealOk && size.ok) {
    return { ok: true, observation: { reveal, insideDiameterMm: size.insideDiameterMm } };
  }
  return {
    ok: false,
    ...(revealOk ? {} : { reveal: `lines still showing, 0 to ${MOST_LINES}` }),
    ...(size.ok ? {} : { size: size.message }),
  };
}
