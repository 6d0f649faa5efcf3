import type { CurlTool } from '@round-mint/core/forming';
import type { Writers } from '@/features/shared/settings/use-settings';

/** What edges are pushed into: "25° die", "28 mm hollow". */
export function curlToolWords(tool: CurlTool, { length }: Pick<Writers, 'length'>): string {
  return tool.kind === 'cone' ? `${tool.angleDeg}° die` : `${length(2 * tool.radiusMm, 0)} hollow`;
}
