export function degToRad(angleDeg: number): number {
  return (angleDeg * Math.PI) / 180;
}

export function radToDeg(angleRad: number): number {
  return (angleRad * 180) / Math.PI;
}
