import { degToRad, radToDeg } from '../numeric';
/** Half angle of a folded funnel, degrees from the ring's axis: the default die (craft §3). */
export const DEFAULT_FOLD_ANGLE_DEG = 17;

/** Lean of a wall that is left tapered, degrees from the axis: its edges then differ by 1–2 US sizes. */
export const DEFAULT_TAPER_DEG = 5;

/**
 * Where a tool puts the wall. Arc positions count from the cut edge of a wall of the given arc width; tools that only
 * touch part of a wall also ask which fibre it is.
 */
export interface WallShape {
  /** Radius of the middle of the wall of the given local thickness, mm. */
  readonly radiusMm: (arcMm: number, widthMm: number, thicknessMm: number, fibre: number) => number;
  /** How far the wall leans outward from cut edge to rim edge there, degrees from the axis; 90 is flat. */
  readonly leanDeg: (arcMm: number, widthMm: number, thicknessMm: number, fibre: number) => number;
}

/** Mean radius and lean of every fibre of a wall as it stands. */
export interface WallPlace {
  readonly meanRadiusMm: readonly number[];
  readonly leanDeg: readonly number[];
}

/** A wall that is straight inside, at an even inside diameter. */
export function straightWall(insideDiameterMm: number): WallShape {
  return {
    radiusMm: (_arc, _width, thicknessMm) => insideDiameterMm / 2 + thicknessMm / 2,
    leanDeg: () => 0,
  };
}

/**
 * A funnel between edges whose mid radii have a mean, while the wall leans; 90° is the flat washer.
 * @param bowMm how much lower than the straight line between its edges the middle of the wall lies, mm of radius
 */
export function funnelWall(middleRadiusMm: number, angleFromAxisDeg: number, bowMm = 0): WallShape {
  const lean = Math.sin(degToRad(angleFromAxisDeg));
  return {
    radiusMm: (arcMm, widthMm) => {
      const place = arcMm / widthMm;
      return middleRadiusMm + (arcMm - widthMm / 2) * lean - 4 * bowMm * place * (1 - place);
    },
    leanDeg: (arcMm, widthMm) =>
      bowMm === 0
        ? angleFromAxisDeg
        : radToDeg(Math.asin(lean + (4 * bowMm * (2 * arcMm - widthMm)) / widthMm ** 2)),
  };
}

/** A wall that leans outward from the cut edge, straight inside along its slope. */
export function taperedWall(cutInsideDiameterMm: number, taperDeg: number): WallShape {
  const lean = Math.sin(degToRad(taperDeg));
  const across = Math.cos(degToRad(taperDeg));
  return {
    radiusMm: (arcMm, _width, thicknessMm) =>
      cutInsideDiameterMm / 2 + arcMm * lean + (thicknessMm / 2) * across,
    leanDeg: () => taperDeg,
  };
}

/** A rounded wall whose two edges have the inside diameter and turn in by the angle (craft §3, curl). */
export function roundedWall(edgeInsideDiameterMm: number, curlDeg: number): WallShape {
  const curl = degToRad(curlDeg);
  const turnAt = (arcMm: number, widthMm: number) => ((arcMm - widthMm / 2) / widthMm) * 2 * curl;
  return {
    radiusMm: (arcMm, widthMm, thicknessMm) => {
      const arcRadiusMm = widthMm / (2 * curl);
      const cosTurn = Math.cos(turnAt(arcMm, widthMm));
      const insideMm = edgeInsideDiameterMm / 2 + arcRadiusMm * (cosTurn - Math.cos(curl));
      return insideMm + (thicknessMm / 2) * cosTurn;
    },
    leanDeg: (arcMm, widthMm) => radToDeg(-turnAt(arcMm, widthMm)),
  };
}

/** The tool's shape where it reaches, the wall as it stood elsewhere. */
function partly(
  shape: WallShape,
  place: WallPlace,
  reaches: (toolMm: number, wallMm: number) => boolean,
): WallShape {
  const stood = (fibre: number) => place.meanRadiusMm[fibre] ?? 0;
  return {
    radiusMm: (arc, width, thickness, fibre) => {
      const toolMm = shape.radiusMm(arc, width, thickness, fibre);
      return reaches(toolMm, stood(fibre)) ? toolMm : stood(fibre);
    },
    leanDeg: (arc, width, thickness, fibre) =>
      reaches(shape.radiusMm(arc, width, thickness, fibre), stood(fibre))
        ? shape.leanDeg(arc, width, thickness, fibre)
        : (place.leanDeg[fibre] ?? 0),
  };
}

/** What a tool that opens the wall from inside leaves: fibres that it does not reach stay where they are. */
export function openedTo(shape: WallShape, place: WallPlace): WallShape {
  return partly(shape, place, (toolMm, wallMm) => toolMm >= wallMm);
}

/** What a tool that closes the wall from outside leaves: fibres that it does not reach stay where they are. */
export function closedTo(shape: WallShape, place: WallPlace): WallShape {
  return partly(shape, place, (toolMm, wallMm) => toolMm <= wallMm);
}
