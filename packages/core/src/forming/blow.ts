import type { CurlTool, PushedMm, StraightBand } from './curl-law';
import type { Meridian } from './meridian';
import type { AlongWall } from './share';
import type { LeadingEdge } from './tool-shape';

/** One thing done to the wall, as a maker would say it. Lengths in mm, angles in degrees from the axis. */
export type FormingBlow =
  | { readonly kind: 'fold'; readonly angleDeg: number; readonly dieMouthMm?: number | undefined }
  | { readonly kind: 'stretch'; readonly insideDiameterMm: number }
  | {
      readonly kind: 'reduce';
      readonly edge: LeadingEdge | 'both';
      readonly dieAngleDeg: number;
      /** Right through a throat, or pushed into an open cone; left out, a throat. */
      readonly through?: 'throat' | 'cone' | undefined;
      readonly insideDiameterMm: number;
    }
  | {
      readonly kind: 'curl';
      readonly edge: LeadingEdge | 'both';
      readonly tool: CurlTool;
      readonly depthMm: number;
      /** Both edges at once between two tools, instead of one after the other against a plate. */
      readonly atOnce?: boolean | undefined;
    }
  | { readonly kind: 'anneal' };

/** A wall on the bench: where it is, and what each place of it has borne since it was last softened. */
export interface FormedWall {
  readonly wall: Meridian;
  readonly strainSinceAnneal: AlongWall;
  /** While its edges are being turned in. */
  readonly curling?: Curling | undefined;
}

/** Edges that are being turned in: each push is told from the straight wall on, so that many small ones come to one. */
export interface Curling {
  readonly straight: Meridian;
  readonly band: StraightBand;
  readonly tool: CurlTool;
  /** How far each edge has been pushed by now, mm along the axis in this tool. */
  readonly depthMm: PushedMm;
  /** Strain since the last anneal when the turning began. */
  readonly strainBefore: AlongWall;
  /** Strain of the turning alone, by now and when it was last softened. */
  readonly strain: AlongWall;
  readonly softenedAt: AlongWall;
}
