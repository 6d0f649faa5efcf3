/** A share as a percentage: "55%". @param decimals as many as are known */
export function percentWords(share: number, decimals = 0): string {
  return `${(share * 100).toFixed(decimals).replace('-', '−')}%`;
}

/** A share as it was typed: tenths of a percent where there are some. */
export function typedPercent(share: number): string {
  return `${Math.round(share * 1000) / 10}%`;
}

/** How long something takes: "55 min", "3 h 20 min". */
export function durationWords(minutes: number): string {
  const whole = Math.round(minutes);
  const [hours, rest] = [Math.floor(whole / 60), whole % 60];
  if (hours === 0) return `${rest} min`;
  return rest === 0 ? `${hours} h` : `${hours} h ${rest} min`;
}

/** Work, and what only has to be waited for: "1 h 49 min hands-on, 22 min waiting". */
export function workWords(handsOnMin: number, waitMin = 0): string {
  const hands = `${durationWords(handsOnMin)} hands-on`;
  return Math.round(waitMin) > 0 ? `${hands}, ${durationWords(waitMin)} waiting` : hands;
}

/** So many of something: "1 anneal", "2 anneals". @param many its plural, where an s does not make it */
export function countWords(count: number, one: string, many = `${one}s`): string {
  return `${count} ${count === 1 ? one : many}`;
}
