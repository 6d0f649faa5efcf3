/** Sections that strip and wire are sold in; half-round lies flat side to the finger, court is rounded on both sides. */
export const STRIP_SECTIONS = ['rect', 'round', 'd', 'court'] as const;
