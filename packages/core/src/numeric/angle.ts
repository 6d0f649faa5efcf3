export function degToRad(angleDeg: number): number {
  return (angleDeg * Math.PI) / 180;
}

export function radToDeg(angleRad: number): number {
  return (angleRad * 180) / Math.PI;
}

/** An angle brought within one turn: from 0 up to it. @param turnDeg after how much everything is as before */
export function withinTurnDeg(angleDeg: number, turnDeg = 360): number {
  return ((angleDeg % turnDeg) + turnDeg) % turnDeg;
}
