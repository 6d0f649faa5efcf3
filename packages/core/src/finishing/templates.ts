import type { StepKind, StepWait } from '../steps';

/** One school's time for a step, where makers differ. */
export interface SchoolTime {
  readonly school: string;
  readonly handsOnMin: number;
  readonly waitMin: number;
  readonly wait?: StepWait | undefined;
}

/** A step of a finish: what is done, how long, what is watched for. A maker may change every part of it. */
export interface RecipeStep {
  readonly kind: StepKind;
  readonly title: string;
  readonly instruction: string;
  readonly lookFor: string;
  readonly caution?: string | undefined;
  readonly handsOnMin: number;
  readonly waitMin: number;
  readonly waits?: readonly StepWait[] | undefined;
  /** Grit of a sanding step. */
  readonly grit?: number | undefined;
  /** Gold to be laid on, µm, for a lining. */
  readonly goldUm?: number | undefined;
}

/** A step to build a recipe from, with the times of the schools (craft §8). */
export interface StepTemplate {
  readonly key: string;
  readonly step: RecipeStep;
  readonly schools: readonly SchoolTime[];
}

const ACID = 'Goggles and gloves; copper or plastic tongs only; add acid to water, never water to acid.';
const SULPHUR =
  'Ventilate, gloves. Hot water, not boiling. Liver of sulphur never meets acid: it gives hydrogen sulphide.';
const SPINDLE = 'Eye protection, hair tied, no gloves near a spindle.';
const TORCH = 'Nothing that burns near the torch; ventilate; eye protection. Quench away from your face.';
const PICKLE_BATH = 'the pickle';
const SULPHUR_BATH = 'the liver of sulphur';

function pickleWait(shortSec: number, longSec: number): StepWait {
  return { what: 'Pickle', bath: PICKLE_BATH, shortSec, longSec };
}

function sanding(grit: number, handsOnMin: number): StepTemplate {
  return {
    key: `grit-${grit}`,
    step: {
      kind: 'sand',
      title: `Sand at ${grit}`,
      instruction: 'Edges and inside; leave the legend alone. Crosswise to the last grit.',
      lookFor: 'Every scratch of the last grit is gone before the next.',
      handsOnMin,
      waitMin: 0,
      grit,
    },
    schools: [],
  };
}

function patina(key: string, title: string, shortSec: number, longSec: number | undefined): StepTemplate {
  const wait: StepWait = { what: title, bath: SULPHUR_BATH, shortSec, ...(longSec ? { longSec } : {}) };
  return {
    key,
    step: {
      kind: 'patina',
      title,
      instruction:
        'Clean and grease-free first. Dip in hot water with liver of sulphur, look, rinse; wool back the high points.',
      lookFor: 'Even colour without blotches; stop a shade before the one wanted.',
      caution: SULPHUR,
      handsOnMin: 5,
      waitMin: Math.round((longSec ?? shortSec) / 60),
      waits: [wait],
    },
    schools: [],
  };
}

/** Everything a recipe can be built from. */
export const STEP_TEMPLATES: readonly StepTemplate[] = [
  {
    key: 'pickle',
    step: {
      kind: 'pickle',
      title: 'Pickle off the fire scale',
      instruction: 'Warm, not boiling.',
      lookFor:
        'Even white metal. Pink silver means that steel was in the bath, or that copper has come to the surface.',
      caution: ACID,
      handsOnMin: 2,
      waitMin: 10,
      waits: [pickleWait(300, 900)],
    },
    schools: [
      { school: 'warm citric acid', handsOnMin: 2, waitMin: 15, wait: pickleWait(600, 900) },
      { school: 'sodium bisulphate', handsOnMin: 2, waitMin: 8, wait: pickleWait(300, 600) },
    ],
  },
  {
    key: 'neutralise',
    step: {
      kind: 'pickle',
      title: 'Neutralise, rinse, dry',
      instruction: 'Bicarbonate in water until it stops fizzing; rinse; dry.',
      lookFor:
        'No fizz on a second dip: acid left behind spoils a patina and gives off gas with liver of sulphur.',
      caution: 'Goggles: it fizzes.',
      handsOnMin: 2,
      waitMin: 0,
    },
    schools: [],
  },
  sanding(220, 5),
  sanding(320, 4),
  sanding(400, 4),
  sanding(600, 4),
  sanding(1000, 4),
  patina('patina-light', 'Light patina', 60, 120),
  patina('patina-grey', 'Grey-black patina', 420, 600),
  patina('patina-black', 'Black patina', 600, undefined),
  {
    key: 'rainbow',
    step: {
      kind: 'patina',
      title: 'Rainbow patina',
      instruction: 'Weak bath. Dips of one to five seconds, a hot rinse between; stop at the colour wanted.',
      lookFor: 'Straw, rose, violet, blue, in this order. Past blue it goes grey.',
      caution: SULPHUR,
      handsOnMin: 8,
      waitMin: 0,
      waits: [{ what: 'Dip' }],
    },
    schools: [],
  },
  {
    key: 'fire-scale',
    step: {
      kind: 'anneal',
      title: 'Fire-scale finish',
      instruction: 'One more heat, even all round, and let it cool in air; then wool back the high points.',
      lookFor: 'Reds and browns that stay when rubbed with a thumb.',
      caution: TORCH,
      handsOnMin: 5,
      waitMin: 5,
      waits: [{ what: 'Cooling in air', shortSec: 120, longSec: 300 }],
    },
    schools: [],
  },
  {
    key: 'gold-lining',
    step: {
      kind: 'plate',
      title: 'Gold lining inside',
      instruction: 'Brush plating, the brush always moving, current as the solution says.',
      lookFor: 'It takes evenly from the first strokes: where it does not, the metal is not clean.',
      caution:
        'Ventilate, gloves, goggles. Plating solutions are poisonous: keep to their sheet and to local law.',
      handsOnMin: 8,
      waitMin: 0,
      goldUm: 0.5,
    },
    schools: [
      { school: 'flash, 0.25–0.5 µm', handsOnMin: 8, waitMin: 0 },
      { school: 'for wear, 2.5 µm', handsOnMin: 25, waitMin: 0 },
    ],
  },
  {
    key: 'polish',
    step: {
      kind: 'polish',
      title: 'Polish',
      instruction: 'Inside first, then edges, the outside last and lightly.',
      lookFor: 'Bright high points, the legend still crisp.',
      caution: SPINDLE,
      handsOnMin: 10,
      waitMin: 0,
    },
    schools: [
      { school: 'by spindle', handsOnMin: 5, waitMin: 0 },
      { school: 'by hand', handsOnMin: 15, waitMin: 0 },
    ],
  },
  {
    key: 'satin',
    step: {
      kind: 'polish',
      title: 'Satin with steel wool',
      instruction: '4/0 steel wool round the ring, always the same way.',
      lookFor: 'One direction all round, no bright spots.',
      handsOnMin: 6,
      waitMin: 0,
    },
    schools: [],
  },
  {
    key: 'seal',
    step: {
      kind: 'polish',
      title: 'Seal against green skin',
      instruction: 'Wax or lacquer, warm and dry metal, thin; copper and bronze green the skin without.',
      lookFor: 'No dull places when held against the light.',
      caution: 'Ventilate with lacquer; no flame near it.',
      handsOnMin: 4,
      waitMin: 15,
      waits: [{ what: 'Seal drying', shortSec: 900 }],
    },
    schools: [],
  },
];

export function templateOf(key: string): StepTemplate {
  const found = STEP_TEMPLATES.find((template) => template.key === key);
  if (!found) throw new RangeError(`no step template “${key}”`);
  return found;
}

/** A template's step by one of its schools; without one as it stands. */
export function stepBySchool({ step, schools }: StepTemplate, school?: string): RecipeStep {
  const chosen = schools.find((one) => one.school === school);
  if (!chosen) return step;
  const { handsOnMin, waitMin, wait } = chosen;
  return { ...step, handsOnMin, waitMin, ...(wait ? { waits: [wait] } : {}) };
}
