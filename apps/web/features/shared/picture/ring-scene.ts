import type { CoinStock } from '@round-mint/contract/stock';
import type { PieceFace } from '@round-mint/contract/stock-faces';
import {
  metalColour,
  ringProfile,
  type BandScene,
  type Beside,
  type RingLook,
  type RingProfile,
  type RingScene,
  type RingSurface,
} from '@round-mint/core/ring-picture';
import type { Finish, WallOutline } from '@round-mint/core/steps';
import { workingThickness } from '@round-mint/core/stock';
import type { Reliefs } from './reliefs';

/** A ring that is to be shown: of which piece, with which wall. */
export interface ShownRing {
  readonly piece: CoinStock;
  readonly outline: WallOutline;
  /** How much of the inner rim edge is trimmed away, mm. */
  readonly lipMm: number;
  readonly outside: PieceFace;
}

/** How it is to be shown. */
export interface Appearance {
  readonly surface: RingSurface;
  readonly goldInside: boolean;
  /** 0 to 2: how deep the relief is drawn. */
  readonly depth: number;
  /** What is shown with it, for its size. */
  readonly beside: 'nothing' | 'finger' | 'piece';
}

/** As it is planned: until the maker looks at another one. */
export function plannedAppearance(finish: Finish): Appearance {
  return { surface: finish, goldInside: false, depth: 1, beside: 'nothing' };
}

/** As a ring lies on a table, the top of its face to the front: for pictures that nobody turns. */
export const STILL_HELD = { turnDeg: 0, tiltDeg: 33 } as const;

export function lookOf({ piece }: Pick<ShownRing, 'piece'>, { surface, goldInside }: Appearance): RingLook {
  return { metal: metalColour(piece.metal), surface, goldInside };
}

/** What stands with a ring of this profile. */
function besideOf(
  { piece }: ShownRing,
  { inside }: RingProfile,
  { outside }: Reliefs,
  { beside }: Appearance,
): Beside | undefined {
  switch (beside) {
    case 'nothing':
      return undefined;
    case 'finger':
      return { kind: 'finger', diameterMm: 2 * Math.min(...inside.map(({ radiusMm }) => radiusMm)) };
    case 'piece': {
      const { diameterMm, metal } = piece;
      const { thicknessMm } = workingThickness(piece);
      return { kind: 'piece', diameterMm, thicknessMm, metal, relief: outside };
    }
  }
}

/** Everything that a picture of a ring is drawn from. */
export function sceneOf(ring: ShownRing, reliefs: Reliefs, appearance: Appearance): RingScene {
  const { piece, outline, lipMm } = ring;
  const profile = ringProfile(outline, { lipMm });
  return {
    profile,
    faceRadiusMm: piece.diameterMm / 2,
    ...reliefs,
    turn: piece.faceTurn ?? 'medal',
    rim: piece.edge,
    // The words on its rim are not known: its issuer's name stands for them, or what the maker calls it.
    rimText: `${piece.issuer || piece.name} · `.toUpperCase(),
    beside: besideOf(ring, profile, reliefs, appearance),
    look: lookOf(ring, appearance),
    depth: appearance.depth,
  };
}

/** One side of its band, laid flat. */
export function bandSceneOf(
  ring: ShownRing,
  reliefs: Reliefs,
  appearance: Appearance,
  side: BandScene['side'],
): BandScene {
  const { piece, outline, lipMm } = ring;
  return {
    outline,
    side,
    relief: reliefs[side],
    faceRadiusMm: piece.diameterMm / 2,
    turn: piece.faceTurn ?? 'medal',
    look: lookOf(ring, appearance),
    // The lip stands inside the rim edge.
    lipMm: side === 'inside' ? lipMm : 0,
  };
}
