import { inchToMm, parseMixedNumber } from '../format';
import { SIZE_SYSTEMS } from './marks';
import { ACCEPTED_SIZES, REFUSED_SIZE_WORDS } from './size-words';
import type { SizeSystemId } from './system';
import { letterIndex } from './uk';

/** Inside diameters that can be a ring, mm: from a child's to well past the largest thumb. */
const SMALLEST_RING_MM = 10;
const LARGEST_RING_MM = 40;

export type ParsedSize =
  | { readonly ok: true; readonly insideDiameterMm: number; readonly system: SizeSystemId | 'plain' }
  | { readonly ok: false; readonly message: string };

const PREFIXES: Readonly<Record<string, SizeSystemId>> = {
  us: 'us',
  usa: 'us',
  ca: 'us',
  uk: 'uk',
  gb: 'uk',
  au: 'uk',
  eu: 'eu',
  iso: 'eu',
  ch: 'swiss',
  it: 'swiss',
  es: 'swiss',
  nl: 'swiss',
  swiss: 'swiss',
  jp: 'jp',
};

function inRange(insideDiameterMm: number, system: SizeSystemId | 'plain', typed: string): ParsedSize {
  if (insideDiameterMm >= SMALLEST_RING_MM && insideDiameterMm <= LARGEST_RING_MM) {
    return { ok: true, insideDiameterMm, system };
  }
  return {
    ok: false,
    message: REFUSED_SIZE_WORDS.noFinger(typed, insideDiameterMm, SMALLEST_RING_MM, LARGEST_RING_MM),
  };
}

function parseLetter(text: string, typed: string): ParsedSize | undefined {
  const match = /^([a-z])\s*(?:\+\s*(\d{1,2}))?\s*(½|1\/2|\.5)?$/i.exec(text);
  if (!match?.[1]) return undefined;
  if (match[2] && match[1].toUpperCase() !== 'Z') {
    return { ok: false, message: REFUSED_SIZE_WORDS.onlyZ(typed) };
  }
  const index = letterIndex(match[1], Number(match[2] ?? 0) + (match[3] ? 0.5 : 0));
  return inRange(SIZE_SYSTEMS.uk.toDiameterMm(index), 'uk', typed);
}

function parsePlain(text: string, typed: string): ParsedSize | undefined {
  const match = /^(c|⌀|ø|d)?\s*(\d+(?:[.,]\d+)?|[.,]\d+)\s*(mm|in|inch|"|″)$/i.exec(text);
  if (!match?.[2] || !match[3]) return undefined;
  const value = Number(match[2].replace(',', '.'));
  const lengthMm = match[3].toLowerCase() === 'mm' ? value : inchToMm(value);
  const isCircumference = match[1]?.toLowerCase() === 'c';
  return inRange(isCircumference ? lengthMm / Math.PI : lengthMm, 'plain', typed);
}

/**
 * Reads a ring size the way people write it (craft §1): `7`, `7 1/2`, `P½`, `Z+2`, `EU 54`, `17.3mm`, `0.68 in`.
 * @param bareSystem the system a number without prefix or unit belongs to
 * @returns the inside diameter in mm, or a message that names what would be accepted
 */
export function parseSize(typed: string, bareSystem: SizeSystemId = 'us'): ParsedSize {
  const text = typed.trim();
  const plain = parsePlain(text, typed) ?? parseLetter(text, typed);
  if (plain) return plain;

  const prefixed = /^([a-z]+)\s*[.:]?\s*(\S.*)$/i.exec(text);
  const prefix = prefixed?.[1] ? PREFIXES[prefixed[1].toLowerCase()] : undefined;
  const rest = prefix ? (prefixed?.[2] ?? '') : text;
  const system = prefix ?? bareSystem;
  if (prefix === 'uk') {
    const letter = parseLetter(rest, typed);
    if (letter) return letter;
  }
  const value = parseMixedNumber(rest);
  if (value === undefined) {
    return { ok: false, message: text ? REFUSED_SIZE_WORDS.noSize(typed) : ACCEPTED_SIZES };
  }
  if (system === 'uk') {
    return { ok: false, message: REFUSED_SIZE_WORDS.noLetter(typed) };
  }
  return inRange(SIZE_SYSTEMS[system].toDiameterMm(value), system, typed);
}
