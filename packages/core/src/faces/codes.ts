/** The two sides of a wall, and what lies half-way between them. */
export const WALL_LAYERS = ['outside', 'middle', 'inside'] as const;

/** How the two faces of a piece stand to each other: turned about its upright axis, or about its level one. */
export const FACE_TURNS = ['medal', 'coin'] as const;
