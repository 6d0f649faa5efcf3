/** Ids of the ring-size systems, as the HTTP interface names them. */
export const SIZE_SYSTEM_IDS = ['us', 'uk', 'eu', 'swiss', 'jp'] as const;
export type SizeSystemId = (typeof SIZE_SYSTEM_IDS)[number];

/**
 * One ring-size system: an exact, invertible rule between inside diameter and a number,
 * and the marks that are written on mandrels of that system.
 */
export interface SizeSystem {
  readonly id: SizeSystemId;
  readonly name: string;
  /** Prefix that makes a mark unambiguous: "US 7½". */
  readonly prefix: string;
  /** Exact, unrounded number in this system. */
  readonly fromDiameterMm: (insideDiameterMm: number) => number;
  readonly toDiameterMm: (exact: number) => number;
  /** Distance between two written marks. */
  readonly step: number;
  /** Smallest number that has a written mark. */
  readonly lowest: number;
  /** A number that lies on a mark, as it is written, without prefix. */
  readonly write: (exact: number) => string;
}
