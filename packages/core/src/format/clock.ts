import { withinTurnDeg } from '../numeric';

/**
 * An angle, clockwise from 12 o'clock, as a direction on a clock face to the nearest half hour: "2:30".
 */
export function clockDirection(angleDeg: number): string {
  const halfHours = Math.round(withinTurnDeg(angleDeg) / 15) % 24;
  const hour = Math.floor(halfHours / 2);
  return `${hour === 0 ? 12 : hour}:${halfHours % 2 === 1 ? '30' : '00'}`;
}
