/** How a cut edge is filed back past a crack. @param fileMm all round */
export function fileBackWords(fileMm: number) {
  return {
    title: 'File the cut edge back past the crack',
    instruction: `${fileMm.toFixed(1)} mm all round, then smooth it as after punching.`,
  };
}
