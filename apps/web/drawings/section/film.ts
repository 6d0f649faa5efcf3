import { outlineBetween } from '@round-mint/core/replan';
import { movesWall, type RouteStep, type WallOutline } from '@round-mint/core/steps';

/** Only the blows that change the wall are worth a frame, and the flat washer they start from. */
export function framesOf(steps: readonly RouteStep[]): readonly RouteStep[] {
  return steps.filter((step) => step.kind === 'cut' || movesWall(step));
}

/** A moment of the film. */
export interface FilmMoment {
  /** The frame that it is, or is on the way to. */
  readonly frame: RouteStep;
  readonly index: number;
  readonly outline: WallOutline;
  /** The wall before this frame. */
  readonly before: WallOutline | undefined;
  /** Whether the blow has come to its end. */
  readonly arrived: boolean;
}

/** The film at a place from 0 to the last frame; between two whole numbers the blow is under way. */
export function momentAt(frames: readonly RouteStep[], place: number): FilmMoment | undefined {
  const last = frames.length - 1;
  const within = Math.min(Math.max(0, place), last);
  const index = Math.ceil(within);
  const frame = frames[index];
  if (!frame) return undefined;
  const before = frames[index - 1]?.outline;
  const share = index === 0 ? 1 : within - (index - 1);
  const arrived = share >= 1 - 1e-9;
  const outline = before && !arrived ? outlineBetween(before, frame.outline, share) : frame.outline;
  return { frame, index, outline, before, arrived };
}

/** How letters struck into the outside are drawn at one edge: wider or narrower, taller or lower than on the coin. */
export interface LetterStretch {
  /** Along the hoop. */
  readonly along: number;
  /** Across the band. */
  readonly across: number;
}

/** The stretch of the outside at both edges against the flat coin, whose outline is the first frame's. */
export function letterStretch(
  flat: WallOutline,
  now: WallOutline,
): { readonly rim: LetterStretch; readonly cut: LetterStretch } {
  const spacing = ({ arcMm }: WallOutline, i: number) => (arcMm[i + 1] ?? 0) - (arcMm[i] ?? 0);
  const lastGap = now.arcMm.length - 2;
  const at = (fibre: number, gap: number): LetterStretch => ({
    along: Math.exp(now.strainLog[fibre] ?? 0),
    across: spacing(now, gap) / spacing(flat, gap),
  });
  return { rim: at(now.strainLog.length - 1, lastGap), cut: at(0, 0) };
}
