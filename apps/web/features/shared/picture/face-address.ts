import { faces } from '@round-mint/contract/endpoints-workshop';
import { addressOf } from '@/store/call';

/** Where a face's picture is, no larger than it is shown. */
export function faceAddress(faceId: string, size: number): string {
  const address = addressOf(faces.file, { id: faceId });
  if (size <= 64) return `${address}?sidePx=128`;
  return size <= 256 ? `${address}?sidePx=512` : address;
}
