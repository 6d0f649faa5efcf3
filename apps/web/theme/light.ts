import { createContext, useContext } from 'react';
import palette from './palette.json';

/** Day: linen and graphite. Torch: dim and warm on near-black, so that the eye keeps its sensitivity for dull red. */
export type Light = keyof typeof palette;
export type Palette = (typeof palette)['day'];

const PALETTES: Readonly<Record<Light, Palette>> = palette;

export const LightContext = createContext<Light>('day');

/** Colours for drawings; components use the same ones by class. */
export function usePalette(): Palette {
  return PALETTES[useContext(LightContext)];
}
