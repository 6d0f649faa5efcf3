import type { PicturePoint } from '@round-mint/core/photo';

const STEPS: Readonly<Record<string, PicturePoint>> = {
  ArrowLeft: { x: -1, y: 0 },
  ArrowRight: { x: 1, y: 0 },
  ArrowUp: { x: 0, y: -1 },
  ArrowDown: { x: 0, y: 1 },
};

/** Which way an arrow key moves something, by one pixel of the page; undefined for any other key. */
export function arrowStep(key: string): PicturePoint | undefined {
  return STEPS[key];
}
