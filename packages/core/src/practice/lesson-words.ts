/** What a game teaches, by what cost the most. */
export const LESSON_WORDS = {
  cracked: 'It cracked where it was full. Anneal when it turns stiff; groaning is too late.',
  saddled: 'A whole fold in one stroke is too much for a wide land: two or three strokes, a look at each.',
  tooLarge: 'It ended too large: the last bits go slowly, and a trimmed lip reads larger still.',
  tooSmall: 'It ended too small: it wanted another pull, or was brought in too far. Read before you stop.',
  pieceAndHole: 'Piece and hole decide most of the work: look where the natural size lies before punching.',
  hole: 'The hole decides how far the wall has to go: the natural size is half way between coin and hole, less the thickness.',
  anneal: 'An anneal costs five minutes: the metal was still soft enough to go on.',
  stretched: 'Stretched past what was needed: every step over has to be reduced again.',
  reduced: 'Taken further than needed, or in more steps: what was brought in too far has to be opened again.',
  curled:
    'The edges were turned in from the wrong size, or too deep at once: push a little, read, and work out the rest.',
  notRounded: 'A rounded band was asked for: turn its edges in before stopping.',
} as const;
