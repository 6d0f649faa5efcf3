import { sizesInWords } from '../format';
import { eu, swiss } from './circumference';
import { jp } from './japan';
import type { SizeSystem, SizeSystemId } from './system';
import { uk } from './uk';
import { us } from './us';
import { OFF_WORDS } from './size-words';

export const SIZE_SYSTEMS: Readonly<Record<SizeSystemId, SizeSystem>> = { us, uk, eu, swiss, jp };

/** A size in one system. */
export interface SizeMark {
  /** Nearest written mark, without prefix: "7½", "P½", "54.5". */
  readonly mark: string;
  /** Exact, unrounded number in the system (for UK the index of the letter, A = 0). */
  readonly exact: number;
  /** Inside diameter less the mark's own diameter, mm: positive when the ring is larger than the mark. */
  readonly offMm: number;
}

/** Nearest written mark of a diameter, and how far off it is. Below the lowest mark, that mark. */
export function nearestMark(insideDiameterMm: number, system: SizeSystem): SizeMark {
  const exact = system.fromDiameterMm(insideDiameterMm);
  const onMark = Math.max(system.lowest, Math.round(exact / system.step) * system.step);
  return {
    mark: system.write(onMark),
    exact,
    offMm: insideDiameterMm - system.toDiameterMm(onMark),
  };
}

export type SizeMarks = Readonly<Record<SizeSystemId, SizeMark>>;

/** A diameter in every system at once. */
export function allMarks(insideDiameterMm: number): SizeMarks {
  return {
    us: nearestMark(insideDiameterMm, us),
    uk: nearestMark(insideDiameterMm, uk),
    eu: nearestMark(insideDiameterMm, eu),
    swiss: nearestMark(insideDiameterMm, swiss),
    jp: nearestMark(insideDiameterMm, jp),
  };
}

/** A diameter as its nearest mark with the system's prefix: "US 7½", "UK P½". */
export function writeSize(insideDiameterMm: number, systemId: SizeSystemId): string {
  const system = SIZE_SYSTEMS[systemId];
  return `${system.prefix} ${nearestMark(insideDiameterMm, system).mark}`;
}

/** Diameter one written mark larger (+1) or smaller (−1), starting from the nearest mark. */
export function stepMark(insideDiameterMm: number, systemId: SizeSystemId, direction: 1 | -1): number {
  const system = SIZE_SYSTEMS[systemId];
  const nearest = Math.round(system.fromDiameterMm(insideDiameterMm) / system.step);
  return system.toDiameterMm(Math.max(system.lowest, (nearest + direction) * system.step));
}

/** Diameter between two written marks of a system, mm. */
export function markMm(systemId: SizeSystemId): number {
  const { toDiameterMm, step, lowest } = SIZE_SYSTEMS[systemId];
  return toDiameterMm(lowest + step) - toDiameterMm(lowest);
}

/** Diameter that one whole size of a system is, mm. */
export function sizeMm(systemId: SizeSystemId): number {
  return markMm(systemId) / SIZE_SYSTEMS[systemId].step;
}

/** An amount of size in words, without its sign, to the system's nearest mark: "½ size", "1½ UK sizes". */
export function writeAmount(mm: number, systemId: SizeSystemId): string {
  const { step, prefix } = SIZE_SYSTEMS[systemId];
  const amount = Math.round(Math.abs(mm) / markMm(systemId)) * step;
  return sizesInWords(amount, systemId === 'us' ? undefined : prefix);
}

/** How far a size is off, in words, to the system's nearest mark: "½ size too large", "on size". */
export function writeOff(mm: number, systemId: SizeSystemId): string {
  const isOnSize = Math.abs(mm) < markMm(systemId) / 2;
  return isOnSize ? OFF_WORDS.onSize : OFF_WORDS.off(writeAmount(mm, systemId), mm > 0);
}

/** A mean of amounts, finer than any mark: "0.24 size", "0.49 UK size". */
export function writeMeanAmount(mm: number, systemId: SizeSystemId): string {
  const { step, prefix } = SIZE_SYSTEMS[systemId];
  const amount = ((Math.abs(mm) / markMm(systemId)) * step).toFixed(2);
  return `${amount} ${systemId === 'us' ? '' : `${prefix} `}size`;
}

/**
 * What two readings must differ by to be two: a quarter US or half a UK size, with a hair of slack, whatever the system
 * (craft §13).
 */
export const OFF_MARK_MM = 0.19;
