/** How a dedication is engraved. @param dedication the words */
export function engraveWords(dedication: string) {
  return {
    verb: 'Engrave',
    title: 'Engrave the dedication',
    instruction: `“${dedication}”. Mark it out inside first, evenly spaced; by hand or given out.`,
    lookFor: 'Spelt as it was given; no burr that a finger feels.',
    caution: 'Clamp the ring, cut away from the hand; eye protection.',
  };
}

/** How a ring is lined with gold. @param instruction of the lining itself */
export function liningWords(instruction: string) {
  return {
    title: 'Line it with gold',
    instruction: `Polish the inside and degrease it right before. ${instruction}`,
  };
}
