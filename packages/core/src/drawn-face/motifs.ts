import {
  circleOf,
  curveThrough,
  raiseLine,
  raiseShape,
  spoke,
  type FaceSpot,
  type HeightField,
} from './height-field';

/** How broad a motif's lines are, of the face's radius, and how high they stand. */
const LINE = { width: 0.03, level: 0.86 } as const;
const FINE = { width: 0.016, level: 0.78 } as const;

const spots = (...flat: readonly (readonly [number, number])[]): readonly FaceSpot[] =>
  flat.map(([x, y]) => ({ x, y }));

type Draw = (field: HeightField) => void;

const ship: Draw = (field) => {
  raiseShape(field, spots([-0.4, -0.14], [0.44, -0.14], [0.3, -0.34], [-0.28, -0.34]), 0.9);
  for (const [x, low, high] of [
    [-0.12, -0.1, 0.5],
    [0.18, -0.1, 0.42],
  ] as const) {
    raiseLine(field, spots([x, low], [x, high]), LINE);
    for (const [y, wide] of [
      [0, 0.17],
      [0.2, 0.13],
    ] as const) {
      raiseShape(field, curveThrough(spots([x + 0.02, y + 0.15], [x + wide, y + 0.06], [x + 0.02, y])), 0.8);
      raiseShape(field, spots([x - 0.02, y + 0.15], [x - 0.02, y], [x - wide, y + 0.02]), 0.66);
    }
  }
  for (const y of [-0.42, -0.49]) {
    const wave = Array.from({ length: 11 }, (_, i) => ({ x: -0.5 + i * 0.1, y: y + (i % 2) * 0.035 }));
    raiseLine(field, curveThrough(wave), FINE);
  }
};

const lighthouse: Draw = (field) => {
  raiseShape(field, spots([-0.13, -0.5], [0.13, -0.5], [0.075, 0.2], [-0.075, 0.2]), 0.86);
  raiseShape(field, spots([-0.1, 0.22], [0.1, 0.22], [0.1, 0.27], [-0.1, 0.27]), 1);
  raiseShape(field, spots([-0.06, 0.28], [0.06, 0.28], [0.06, 0.38], [-0.06, 0.38]), 0.9);
  raiseShape(field, spots([-0.09, 0.39], [0.09, 0.39], [0, 0.5]), 1);
  for (const angle of [62, 78, 94, 266, 282, 298]) {
    const from = spoke(angle, 0.13);
    const to = spoke(angle, 0.56);
    raiseLine(field, spots([from.x, from.y + 0.33], [to.x, to.y + 0.33 - 0.12]), FINE);
  }
  raiseLine(field, curveThrough(spots([-0.55, -0.5], [-0.25, -0.44], [0.2, -0.47], [0.55, -0.52])), LINE);
};

const owl: Draw = (field) => {
  raiseShape(
    field,
    curveThrough(
      spots(
        [0, 0.4],
        [0.22, 0.34],
        [0.27, 0.05],
        [0.16, -0.38],
        [0, -0.44],
        [-0.16, -0.38],
        [-0.27, 0.05],
        [-0.22, 0.34],
        [0, 0.4],
      ),
    ),
    0.5,
  );
  for (const side of [-1, 1]) {
    raiseLine(field, circleOf(side * 0.11, 0.2, 0.1), LINE);
    raiseShape(field, circleOf(side * 0.11, 0.2, 0.045), 1);
    raiseLine(field, spots([side * 0.05, 0.36], [side * 0.24, 0.5]), LINE);
    raiseLine(
      field,
      curveThrough(spots([side * 0.25, 0.12], [side * 0.36, -0.1], [side * 0.22, -0.4])),
      LINE,
    );
  }
  raiseShape(field, spots([-0.04, 0.14], [0.04, 0.14], [0, 0.02]), 1);
  for (const y of [-0.06, -0.16, -0.26]) {
    raiseLine(
      field,
      curveThrough(spots([-0.14, y], [-0.07, y - 0.05], [0, y], [0.07, y - 0.05], [0.14, y])),
      FINE,
    );
  }
  raiseLine(field, spots([-0.42, -0.48], [0.42, -0.48]), LINE);
};

const heron: Draw = (field) => {
  raiseLine(
    field,
    curveThrough(spots([-0.16, 0.46], [-0.02, 0.46], [0.02, 0.34], [-0.1, 0.2], [-0.08, 0.06], [0.06, 0])),
    { width: 0.06, level: 0.9 },
  );
  raiseLine(field, spots([-0.14, 0.46], [-0.38, 0.4]), LINE);
  raiseShape(
    field,
    curveThrough(
      spots([-0.06, 0.06], [0.12, 0.1], [0.4, -0.14], [0.16, -0.14], [-0.04, -0.06], [-0.06, 0.06]),
    ),
    0.86,
  );
  raiseLine(field, spots([0.06, -0.12], [0.03, -0.48], [-0.04, -0.5]), FINE);
  raiseLine(field, spots([0.12, -0.12], [0.16, -0.3], [0.11, -0.48], [0.04, -0.5]), FINE);
  for (const x of [-0.42, -0.36, 0.36, 0.43]) raiseLine(field, spots([x, -0.5], [x * 1.04, -0.14]), FINE);
  raiseLine(field, spots([-0.5, -0.52], [0.5, -0.52]), FINE);
};

const bridge: Draw = (field) => {
  raiseShape(field, spots([-0.62, 0.06], [0.62, 0.06], [0.62, 0.14], [-0.62, 0.14]), 0.95);
  for (const x of [-0.4, 0, 0.4]) {
    raiseLine(
      field,
      Array.from({ length: 17 }, (_, i) => ({
        x: x + 0.17 * Math.cos((Math.PI * i) / 16),
        y: -0.2 + 0.22 * Math.sin((Math.PI * i) / 16),
      })),
      LINE,
    );
    for (const side of [-0.17, 0.17]) raiseLine(field, spots([x + side, -0.2], [x + side, -0.36]), LINE);
  }
  for (let x = -0.58; x < 0.6; x += 0.116) raiseLine(field, spots([x, 0.15], [x, 0.23]), FINE);
  raiseLine(field, spots([-0.62, 0.24], [0.62, 0.24]), FINE);
  for (const y of [-0.42, -0.48])
    raiseLine(field, curveThrough(spots([-0.5, y], [-0.2, y + 0.03], [0.2, y - 0.02], [0.5, y])), FINE);
};

const seabird: Draw = (field) => {
  raiseShape(
    field,
    curveThrough(
      spots(
        [-0.6, 0.26],
        [-0.3, 0.2],
        [-0.06, 0.02],
        [0.06, -0.02],
        [0.3, 0.12],
        [0.62, 0.08],
        [0.32, 0.02],
        [0.1, -0.16],
        [-0.1, -0.14],
        [-0.34, 0.08],
        [-0.6, 0.26],
      ),
    ),
    0.88,
  );
  raiseShape(
    field,
    curveThrough(spots([-0.08, -0.06], [0.02, -0.2], [0.26, -0.3], [0.12, -0.12], [-0.08, -0.06])),
    0.8,
  );
  raiseLine(field, spots([-0.1, -0.04], [-0.2, -0.1]), LINE);
  for (const [x, y] of [
    [-0.36, -0.36],
    [0.04, -0.44],
  ] as const)
    raiseLine(
      field,
      curveThrough(spots([x, y], [x + 0.1, y + 0.05], [x + 0.2, y], [x + 0.3, y + 0.05], [x + 0.4, y])),
      FINE,
    );
};

const wheat: Draw = (field) => {
  for (const lean of [-26, 0, 26]) {
    const tip = spoke(lean, 0.5);
    raiseLine(field, curveThrough(spots([lean / 400, -0.5], [tip.x * 0.3, 0], [tip.x, tip.y])), FINE);
    for (let i = 0; i < 5; i++) {
      for (const side of [-1, 1]) {
        const far = 0.2 + i * 0.075;
        const root = spoke(lean * (far / 0.5), far);
        const end = spoke(lean * (far / 0.5) + side * 11, far + 0.09);
        raiseLine(field, [root, end], { width: 0.04, level: 0.9 });
      }
    }
  }
  raiseLine(field, spots([-0.12, -0.24], [0.12, -0.24]), LINE);
};

const mountains: Draw = (field) => {
  raiseShape(field, spots([-0.62, -0.32], [-0.24, 0.22], [-0.1, 0.04], [0.14, 0.36], [0.62, -0.32]), 0.6);
  raiseLine(field, spots([-0.62, -0.32], [-0.24, 0.22], [-0.1, 0.04], [0.14, 0.36], [0.62, -0.32]), LINE);
  raiseLine(field, spots([0.14, 0.36], [0.06, 0.14], [0.16, 0.06], [0.08, -0.1]), FINE);
  raiseLine(field, curveThrough(spots([-0.08, 0.02], [0.0, -0.12], [-0.12, -0.2], [0.02, -0.32])), FINE);
  raiseLine(field, circleOf(-0.36, 0.36, 0.1), LINE);
  raiseLine(field, spots([-0.66, -0.4], [0.66, -0.4]), LINE);
};

const shell: Draw = (field) => {
  for (let angle = -66; angle <= 66; angle += 16.5) {
    const end = spoke(angle, 0.6);
    raiseLine(field, spots([0, -0.38], [end.x * 0.92, end.y - 0.2]), LINE);
  }
  for (const far of [0.36, 0.62]) {
    raiseLine(
      field,
      curveThrough(
        Array.from({ length: 9 }, (_, i) => {
          const place = spoke(-66 + i * 16.5, far * 0.97);
          return { x: place.x * 0.92, y: place.y - 0.38 + 0.18 * (far / 0.6) };
        }),
      ),
      FINE,
    );
  }
  raiseShape(field, spots([-0.16, -0.48], [0.16, -0.48], [0.08, -0.34], [-0.08, -0.34]), 0.9);
};

const quills: Draw = (field) => {
  for (const side of [-1, 1]) {
    const stem = curveThrough(
      spots([side * -0.3, -0.5], [side * -0.02, -0.1], [side * 0.22, 0.3], [side * 0.4, 0.5]),
    );
    raiseLine(field, stem, LINE);
    stem.forEach(({ x, y }, i) => {
      if (i < 4 || i % 2 === 1) return;
      raiseLine(field, spots([x, y], [x + side * 0.02, y + 0.13]), FINE);
      raiseLine(field, spots([x, y], [x + side * 0.13, y + 0.01]), FINE);
    });
  }
};

const rose: Draw = (field) => {
  for (let i = 0; i < 8; i++) {
    const far = i % 2 === 0 ? 0.56 : 0.34;
    raiseShape(field, [spoke(i * 45, far), spoke(i * 45 + 22.5, 0.12), { x: 0, y: 0 }], 0.95);
    raiseShape(field, [spoke(i * 45, far), spoke(i * 45 - 22.5, 0.12), { x: 0, y: 0 }], 0.6);
  }
  raiseLine(field, circleOf(0, 0, 0.42), FINE);
};

const wreath: Draw = (field) => {
  raiseLine(field, circleOf(0, 0, 0.5), FINE);
  for (const side of [-1, 1]) {
    for (let i = 0; i < 9; i++) {
      const place = spoke(side * (30 + i * 15.5), 0.5);
      const outer = spoke(side * (22 + i * 15.5), 0.6);
      const inner = spoke(side * (22 + i * 15.5), 0.42);
      raiseLine(field, [place, outer], { width: 0.045, level: 0.9 });
      raiseLine(field, [place, inner], { width: 0.045, level: 0.9 });
    }
  }
};

const DRAWN = {
  ship,
  lighthouse,
  owl,
  heron,
  bridge,
  seabird,
  wheat,
  mountains,
  shell,
  quills,
  rose,
  wreath,
} as const satisfies Readonly<Record<string, Draw>>;

export type Motif = keyof typeof DRAWN;
export const MOTIFS = Object.keys(DRAWN) as readonly Motif[];

/** Raises a picture in the middle of a face. */
export function raiseMotif(field: HeightField, motif: Motif): void {
  DRAWN[motif](field);
}
