/** How the rim of the piece is struck: it becomes the rim edge. */
export type RimStrike = 'reeded' | 'plain' | 'lettered';

/** Reeds of a struck rim lie so far apart, mm. */
const REED_MM = 0.85;

/** How many reeds go round a piece's rim; none where it is not reeded. */
export function reedsOf(rim: RimStrike, faceRadiusMm: number): number {
  return rim === 'reeded' ? Math.round((2 * Math.PI * faceRadiusMm) / REED_MM) : 0;
}
