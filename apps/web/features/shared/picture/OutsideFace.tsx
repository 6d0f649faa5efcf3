import type { CoinStock } from '@round-mint/contract/stock';
import { faceOutside } from '@round-mint/core/faces';
import { FaceImage } from './FaceImage';
import { faceIdOf } from './face-choice';

/** The face of a piece that its rings show, beside its name. */
export function OutsideFace({ piece, size }: { piece: CoinStock; size: number }) {
  const face = faceOutside(piece);
  return <FaceImage faceId={faceIdOf(piece, face)} face={face} size={size} />;
}
