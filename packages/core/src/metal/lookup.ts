import { silverCopperDensity } from './density';
import { METAL_IDS, METALS, type Metal, type MetalId } from './table';

const LISTED = new Map<MetalId, Metal>(METALS.map((metal) => [metal.id, metal]));
/** Silvers that were typed, made once. */
const TYPED = new Map<MetalId, Metal>();

/** Silver that is typed by its fineness, in thousandths. */
export const SILVER_FINENESS = { min: 200, max: 999 } as const;
const SILVER_ID = /^silver-(\d{3})$/;

/** Thousandths of silver that an id names; undefined of anything but silver by its fineness. */
export function silverThousandths(id: string): number | undefined {
  const thousandths = Number(SILVER_ID.exec(id)?.[1] ?? NaN);
  return thousandths >= SILVER_FINENESS.min && thousandths <= SILVER_FINENESS.max ? thousandths : undefined;
}

/** Whether an id names a metal: a listed one, or silver of a fineness. */
export function isMetalId(id: string): id is MetalId {
  return METAL_IDS.some((listed) => listed === id) || silverThousandths(id) !== undefined;
}

/** The listed silver that a fineness is nearest to: its heat and its allowance hold. */
function nearestSilver(thousandths: number): Metal {
  const silvers = METALS.filter(({ id }) => silverThousandths(id) !== undefined);
  const off = ({ fineness }: Metal) => Math.abs(fineness * 1000 - thousandths);
  return silvers.reduce((near, one) => (off(one) < off(near) ? one : near));
}

/** Silver–copper of any fineness: its density by its fineness, all else as the nearest listed. */
function typedSilver(id: MetalId, thousandths: number): Metal {
  const fineness = thousandths / 1000;
  const name = `silver .${String(thousandths)}`;
  return { ...nearestSilver(thousandths), id, name, fineness, densityGCm3: silverCopperDensity(fineness) };
}

/** The listed metal that stands for one: itself, or of a typed silver the nearest. */
export function listedMetal(id: MetalId): MetalId {
  const thousandths = silverThousandths(id);
  return LISTED.has(id) || thousandths === undefined ? id : nearestSilver(thousandths).id;
}

/** @throws when the id names no metal; edges validate before they call. */
export function metalById(id: MetalId): Metal {
  const known = LISTED.get(id) ?? TYPED.get(id);
  if (known) return known;
  const thousandths = silverThousandths(id);
  if (thousandths === undefined) throw new Error(`unknown metal: ${id}`);
  const made = typedSilver(id, thousandths);
  TYPED.set(id, made);
  return made;
}
