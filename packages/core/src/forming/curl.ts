import { degToRad } from '../numeric';

/**
 * Size lost at the edges when both are turned in by α over the wall's arc W, while the belly stays:
 * Δd = W(1 − cos α)/α (craft §3).
 */
export function curlDropMm(arcWidth: number, curlDeg: number): number {
  const curl = degToRad(curlDeg);
  return curl === 0 ? 0 : (arcWidth * (1 - Math.cos(curl))) / curl;
}
