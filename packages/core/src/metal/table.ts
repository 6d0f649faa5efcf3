import { silverCopperDensity } from './density';

/** Ids of metals, as the HTTP interface names them. */
export const METAL_IDS = [
  'silver-999',
  'silver-925',
  'silver-900',
  'silver-835',
  'silver-800',
  'silver-720',
  'silver-640',
  'silver-625',
  'silver-600',
  'silver-500',
  'silver-400',
  'copper',
  'bronze',
  'brass',
  'aluminium-bronze',
  'cupronickel',
  'clad',
  'nickel-silver',
  'silver-plate',
  'gold-22ct',
  'gold-18ct',
  'gold-14ct',
  'gold-9ct',
  'platinum-950',
  'nickel',
  'zinc-core',
  'aluminium',
  'pewter',
  'steel',
  'stainless',
  'titanium',
] as const;
type ListedMetalId = (typeof METAL_IDS)[number];
/** Listed metals, and silver of any fineness in thousandths: "silver-812". */
export type MetalId = ListedMetalId | `silver-${number}`;

/** Whether and how a metal may be softened with a torch. */
export type HeatRule = 'yes' | 'ventilate' | 'marker-only' | 'own-method' | 'unplated-only' | 'never';

export interface Metal {
  readonly id: MetalId;
  readonly name: string;
  readonly densityGCm3: number;
  /** Where it starts to melt, °C; undefined where no heat is ever wanted. */
  readonly meltingC: number | undefined;
  /** Annealing range, °C. */
  readonly annealC: readonly [number, number] | undefined;
  /** Hoop strain a piece takes between anneals (default; the log corrects it). */
  readonly allowanceStrainLog: number;
  readonly heat: HeatRule;
  /** Mass share of the precious part, for scrap value; 0 for base metal. */
  readonly fineness: number;
  /** Why it must not be formed into a ring; undefined when it may. */
  readonly refusal: string | undefined;
  readonly notes: readonly string[];
}

type Row = Omit<Metal, 'id' | 'fineness' | 'refusal' | 'notes'> &
  Partial<Pick<Metal, 'fineness' | 'refusal' | 'notes'>>;

const TARNISH = 'Tarnishes; dents easily when soft.';
const FIRE_STAIN = 'Red fire stain from the torch: pickle.';
const LOW_SILVER = 'Low silver cracks earlier and pickles pink.';
const NICKEL_ALLERGY = 'Holds nickel: an allergy for some skins.';
const GREEN_SKIN = 'Stains skin green: seal or line it.';
const ZINC_FUME = 'Gives zinc fume when overheated: ventilate.';
const NEVER_HEAT = 'Never heat it.';
const CANNOT_STRETCH = 'It cannot be stretched or folded.';
const MAGNET_STICKS = 'Steel: a magnet sticks. It is too hard to fold and ruins dies.';

/** Silver–copper alloys share everything but fineness, melting range and allowance. */
function silver(
  fineness: number,
  meltingC: number,
  annealC: readonly [number, number],
  allowanceStrainLog: number,
  note: string,
): Row {
  return {
    name: `silver .${Math.round(fineness * 1000)}`,
    densityGCm3: silverCopperDensity(fineness),
    meltingC,
    annealC,
    allowanceStrainLog,
    heat: 'yes',
    fineness,
    notes: [note],
  };
}

/** Craft §2. Densities of the lead alloys and pewter vary: the middle of the range is kept. */
const ROWS: Readonly<Record<ListedMetalId, Row>> = {
  'silver-999': {
    name: 'fine silver .999',
    densityGCm3: 10.49,
    meltingC: 961,
    annealC: [480, 600],
    allowanceStrainLog: 0.2,
    heat: 'yes',
    fineness: 0.999,
    notes: [TARNISH],
  },
  'silver-925': silver(0.925, 802, [600, 650], 0.12, FIRE_STAIN),
  'silver-900': silver(0.9, 779, [600, 650], 0.12, FIRE_STAIN),
  'silver-835': silver(0.835, 779, [600, 650], 0.12, FIRE_STAIN),
  'silver-800': silver(0.8, 779, [600, 650], 0.12, FIRE_STAIN),
  'silver-720': silver(0.72, 779, [590, 640], 0.1, LOW_SILVER),
  'silver-640': silver(0.64, 779, [590, 640], 0.1, LOW_SILVER),
  'silver-625': silver(0.625, 779, [590, 640], 0.1, LOW_SILVER),
  'silver-600': silver(0.6, 779, [590, 640], 0.1, LOW_SILVER),
  'silver-500': silver(0.5, 779, [590, 640], 0.1, LOW_SILVER),
  'silver-400': silver(0.4, 779, [590, 640], 0.08, LOW_SILVER),
  copper: {
    name: 'copper',
    densityGCm3: 8.96,
    meltingC: 1085,
    annealC: [400, 650],
    allowanceStrainLog: 0.2,
    heat: 'yes',
    notes: [GREEN_SKIN],
  },
  bronze: {
    name: 'bronze (tin)',
    densityGCm3: 8.86,
    meltingC: 900,
    annealC: [470, 675],
    allowanceStrainLog: 0.12,
    heat: 'yes',
    notes: ['Takes little fire scale.', GREEN_SKIN],
  },
  brass: {
    name: 'brass',
    densityGCm3: 8.5,
    meltingC: 900,
    annealC: [430, 700],
    allowanceStrainLog: 0.12,
    heat: 'ventilate',
    notes: [ZINC_FUME],
  },
  'aluminium-bronze': {
    name: 'aluminium bronze, Nordic alloy',
    densityGCm3: 7.8,
    meltingC: 1030,
    annealC: [600, 750],
    allowanceStrainLog: 0.08,
    heat: 'yes',
  },
  cupronickel: {
    name: 'cupro-nickel 75/25',
    densityGCm3: 8.94,
    meltingC: 1170,
    annealC: [650, 800],
    allowanceStrainLog: 0.08,
    heat: 'yes',
    notes: ['Hard: short passes.', NICKEL_ALLERGY],
  },
  clad: {
    name: 'clad (cupro-nickel on copper)',
    densityGCm3: 8.92,
    meltingC: 1085,
    annealC: [600, 700],
    allowanceStrainLog: 0.1,
    heat: 'yes',
    notes: ['Layers show on the edges.', NICKEL_ALLERGY],
  },
  'nickel-silver': {
    name: 'nickel silver (base of plated ware)',
    densityGCm3: 8.7,
    meltingC: 1020,
    annealC: [600, 750],
    allowanceStrainLog: 0.08,
    heat: 'unplated-only',
    notes: [NICKEL_ALLERGY, ZINC_FUME],
  },
  'silver-plate': {
    name: 'silver plate on base metal',
    densityGCm3: 8.7,
    meltingC: undefined,
    annealC: undefined,
    allowanceStrainLog: 0,
    heat: 'never',
    refusal: 'Plating blisters and lifts when it is heated, and without heat it cannot be folded.',
    notes: [NEVER_HEAT],
  },
  'gold-22ct': {
    name: 'gold 22 ct',
    densityGCm3: 17.8,
    meltingC: 930,
    annealC: [650, 750],
    allowanceStrainLog: 0.2,
    heat: 'yes',
    fineness: 22 / 24,
    notes: ['Very forgiving.'],
  },
  'gold-18ct': {
    name: 'gold 18 ct',
    densityGCm3: 15.4,
    meltingC: 885,
    annealC: [600, 700],
    allowanceStrainLog: 0.12,
    heat: 'yes',
    fineness: 18 / 24,
  },
  'gold-14ct': {
    name: 'gold 14 ct',
    densityGCm3: 13.1,
    meltingC: 830,
    annealC: [600, 680],
    allowanceStrainLog: 0.08,
    heat: 'yes',
    fineness: 14 / 24,
    notes: ['Cracks if hurried.'],
  },
  'gold-9ct': {
    name: 'gold 9 ct',
    densityGCm3: 11.2,
    meltingC: 880,
    annealC: [600, 680],
    allowanceStrainLog: 0.08,
    heat: 'yes',
    fineness: 9 / 24,
    notes: ['Cracks if hurried.'],
  },
  'platinum-950': {
    name: 'platinum 950',
    densityGCm3: 20.8,
    meltingC: 1730,
    annealC: [1000, 1000],
    allowanceStrainLog: 0.15,
    heat: 'own-method',
    fineness: 0.95,
    notes: ['Annealed by its own method, far hotter than silver: trained use.'],
  },
  nickel: {
    name: 'nickel',
    densityGCm3: 8.9,
    meltingC: 1453,
    annealC: [700, 900],
    allowanceStrainLog: 0.08,
    heat: 'yes',
    notes: ['Hard: short passes.', NICKEL_ALLERGY],
  },
  'zinc-core': {
    name: 'zinc core, plated zinc',
    densityGCm3: 7.1,
    meltingC: 419,
    annealC: undefined,
    allowanceStrainLog: 0,
    heat: 'never',
    refusal: 'Zinc cracks when folded, and melts and fumes on the torch.',
    notes: [NEVER_HEAT],
  },
  aluminium: {
    name: 'aluminium',
    densityGCm3: 2.7,
    meltingC: 600,
    annealC: [345, 415],
    allowanceStrainLog: 0.1,
    heat: 'marker-only',
    notes: ['Shows no glow before it melts: go by the marker alone.'],
  },
  pewter: {
    name: 'pewter, lead alloys',
    densityGCm3: 7.3,
    meltingC: 170,
    annealC: undefined,
    allowanceStrainLog: 0,
    heat: 'never',
    refusal: 'It melts before it glows and may hold lead.',
    notes: [NEVER_HEAT],
  },
  steel: {
    name: 'steel, plated steel',
    densityGCm3: 7.9,
    meltingC: undefined,
    annealC: undefined,
    allowanceStrainLog: 0,
    heat: 'never',
    refusal: MAGNET_STICKS,
  },
  stainless: {
    name: 'stainless steel',
    densityGCm3: 7.9,
    meltingC: undefined,
    annealC: undefined,
    allowanceStrainLog: 0,
    heat: 'never',
    refusal: 'Stainless steel is too hard to fold and ruins dies.',
  },
  titanium: {
    name: 'titanium, tungsten, cobalt',
    densityGCm3: 4.51,
    meltingC: undefined,
    annealC: undefined,
    allowanceStrainLog: 0,
    heat: 'never',
    refusal: CANNOT_STRETCH,
  },
};

/** Every metal of the handbook, in the order of {@link METAL_IDS}. */
export const METALS: readonly Metal[] = METAL_IDS.map((id) => {
  const row = ROWS[id];
  return { id, ...row, fineness: row.fineness ?? 0, refusal: row.refusal, notes: row.notes ?? [] };
});
