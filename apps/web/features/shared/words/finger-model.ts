import { parseLengthMm, parseMixedNumber, type LengthUnit } from '@round-mint/core/format';
import {
  allMarks,
  checkMandrel,
  knuckleAdvice,
  MM_PER_US_SIZE,
  paperStripDiameterMm,
  parseSize,
  SIZE_SYSTEM_IDS,
  SIZE_SYSTEMS,
  wideBandAllowance,
  type SizeSystemId,
} from '@round-mint/core/size';
import type { Writers } from '@/features/shared/settings/use-settings';

const NAMES: Readonly<Record<SizeSystemId, string>> = {
  us: 'US, Canada',
  uk: 'UK, Ireland, Australia',
  eu: 'EU, ISO',
  swiss: 'Italy, Spain, Switzerland',
  jp: 'Japan',
};

export interface ConvertedSize {
  readonly system: SizeSystemId;
  readonly name: string;
  readonly mark: string;
  /** The unrounded number; a letter scale has none that is written. */
  readonly exact: string | undefined;
  /** How far the ring is from the mark, mm. */
  readonly offMm: number;
}

/** A diameter in every system, nearest mark and exact. */
export function converted(insideDiameterMm: number): readonly ConvertedSize[] {
  const marks = allMarks(insideDiameterMm);
  return SIZE_SYSTEM_IDS.map((system) => {
    const { mark, exact, offMm } = marks[system];
    return {
      system,
      name: NAMES[system],
      mark: `${SIZE_SYSTEMS[system].prefix} ${mark}`,
      exact: system === 'uk' ? undefined : exact.toFixed(2),
      offMm,
    };
  });
}

export type Answer<T> = { readonly value: T } | { readonly problem: string } | undefined;

const LENGTH = 'must be a length such as 57 or 2.24 in';

/** The finger behind a paper strip. */
export function stripAnswer(lengthText: string, thicknessText: string, unit: LengthUnit): Answer<number> {
  if (lengthText.trim() === '') return undefined;
  const length = parseLengthMm(lengthText, unit);
  const thickness = parseLengthMm(thicknessText, unit);
  if (length === undefined || thickness === undefined) return { problem: LENGTH };
  try {
    return { value: paperStripDiameterMm(length, thickness) };
  } catch (error) {
    return { problem: error instanceof RangeError ? error.message : LENGTH };
  }
}

export function knuckleAnswer(
  knuckleText: string,
  baseText: string,
  system: SizeSystemId,
): Answer<ReturnType<typeof knuckleAdvice>> {
  if (knuckleText.trim() === '' || baseText.trim() === '') return undefined;
  const knuckle = parseSize(knuckleText, system);
  const base = parseSize(baseText, system);
  if (!knuckle.ok) return { problem: knuckle.message };
  if (!base.ok) return { problem: base.message };
  return { value: knuckleAdvice(knuckle.insideDiameterMm, base.insideDiameterMm, system) };
}

/** "Add ½ size: 8.2 mm wide, wide bands feel tighter." */
export function wideWords(
  widthText: string,
  roundedInside: boolean,
  unit: LengthUnit,
  { amount }: Pick<Writers, 'amount'>,
): Answer<string> {
  if (widthText.trim() === '') return undefined;
  const width = parseLengthMm(widthText, unit);
  if (width === undefined) return { problem: LENGTH };
  const { usSizes, reason } = wideBandAllowance(width, roundedInside);
  return { value: usSizes === 0 ? reason : `Add ${amount(usSizes * MM_PER_US_SIZE)}: ${reason}` };
}

export interface MandrelTexts {
  readonly lowUs: string;
  readonly lowMm: string;
  readonly highUs: string;
  readonly highMm: string;
  readonly apart: string;
}

export function mandrelAnswer(
  texts: MandrelTexts,
  unit: LengthUnit,
): Answer<ReturnType<typeof checkMandrel>> {
  const given = Object.values(texts).filter((text) => text.trim() !== '').length;
  if (given < 5) return undefined;
  const us = (text: string) => parseMixedNumber(text);
  const mm = (text: string) => parseLengthMm(text, unit);
  const [lowUs, highUs] = [us(texts.lowUs), us(texts.highUs)];
  const [lowMm, highMm, apart] = [mm(texts.lowMm), mm(texts.highMm), mm(texts.apart)];
  if (lowUs === undefined || highUs === undefined)
    return { problem: 'marks must be US sizes such as 4 or 10½' };
  if (lowMm === undefined || highMm === undefined || apart === undefined) return { problem: LENGTH };
  try {
    const check = checkMandrel(
      { us: lowUs, diameterMm: lowMm },
      { us: highUs, diameterMm: highMm },
      apart,
      SIZE_SYSTEMS.us.toDiameterMm,
    );
    return { value: check };
  } catch (error) {
    return { problem: error instanceof RangeError ? error.message : LENGTH };
  }
}
