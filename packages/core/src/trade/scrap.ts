import { metalById, type MetalId } from '../metal';
import { type RingEvent, standingEvents } from '../ring';
import type { RouteStep } from '../steps';
import type { SCRAP_KINDS, SCRAP_SOURCES } from './codes';
import { spotMetalOf, type SpotMetal, type SpotPrices } from './spot';

export type ScrapKind = (typeof SCRAP_KINDS)[number];

export type ScrapSource = (typeof SCRAP_SOURCES)[number];

/** Something in the tin. A melted button knows its own fineness; everything else has its metal's. */
export interface Scrap {
  readonly metal: MetalId;
  readonly massG: number;
  readonly fineness?: number | null | undefined;
}

export function finenessOf({ metal, fineness }: Scrap): number {
  return fineness ?? metalById(metal).fineness;
}

/** What a piece of scrap is worth as metal today. */
export function scrapWorth(scrap: Scrap, spot: SpotPrices): number {
  const precious = spotMetalOf(scrap.metal);
  return precious ? scrap.massG * finenessOf(scrap) * spot[precious] : 0;
}

export interface MeltOut {
  readonly precious: SpotMetal | undefined;
  /** What went into the crucible. */
  readonly massG: number;
  readonly fineness: number;
  /** Metal lost on the way to the button, as a share of what went in. */
  readonly lossShare: number;
}

/**
 * Several scraps melted into one button: masses add up, fine metal does not change.
 * @param buttonMassG what the button weighed; undefined before it is poured
 * @throws RangeError when there is nothing to melt, metals would spoil each other, or the button is heavier than what went in
 */
export function meltOut(scraps: readonly Scrap[], buttonMassG?: number): MeltOut {
  const massG = scraps.reduce((sum, one) => sum + one.massG, 0);
  if (massG <= 0) throw new RangeError('choose at least one thing to melt');
  const precious = [...new Set(scraps.map(({ metal }) => spotMetalOf(metal)))];
  if (precious.length > 1) {
    const names = precious.map((metal) => metal ?? 'base metal').join(', ');
    throw new RangeError(`melt one metal at a time: this is ${names}`);
  }
  if (buttonMassG !== undefined && buttonMassG > massG * BUTTON_TOLERANCE) {
    throw new RangeError(`a button cannot weigh more than the ${massG.toFixed(2)} g that went in`);
  }
  const fineG = scraps.reduce((sum, one) => sum + one.massG * finenessOf(one), 0);
  return {
    precious: precious[0],
    massG,
    fineness: fineG / massG,
    lossShare: buttonMassG === undefined ? 0 : Math.max(0, 1 - buttonMassG / massG),
  };
}

/** Two weighings may differ by this. */
const BUTTON_TOLERANCE = 1.002;

/** What a ring leaves in the tin, as its events tell. */
export interface RingScrap {
  /** The event that made it: sent twice, it is one. */
  readonly eventId: string;
  readonly at: string;
  readonly kind: ScrapKind;
  readonly massG: number;
  readonly source: ScrapSource;
}

export interface RingMasses {
  readonly steps: readonly Pick<RouteStep, 'kind'>[];
  readonly slugMassG: number;
  readonly ringMassG: number;
  /** Of the whole piece, when it was weighed before. */
  readonly pieceMassG?: number | undefined;
}

/** Of a ring's metal, what sanding and trimming leave on the bench until a scale knows better (default). */
export const FILINGS_SHARE = 0.012;
/** Steps whose cutting leaves a piece. */
const CUTTING: readonly RouteStep['kind'][] = ['cut', 'saw'];

/**
 * Slug, filings, or a whole spoilt ring. The slug comes from the plan when it is punched; once the finished ring was
 * weighed and the piece before, what is missing between them are the filings.
 */
export function ringScrap(masses: RingMasses, events: readonly RingEvent[]): readonly RingScrap[] {
  const { steps, slugMassG, ringMassG, pieceMassG } = masses;
  const standing = standingEvents(events);
  const first = steps.findIndex(({ kind }) => CUTTING.includes(kind));
  const weighed = standing.findLast(({ body }) => body.kind === 'measured' && body.massG !== undefined)?.body;
  const ringG = weighed?.kind === 'measured' ? weighed.massG : undefined;
  const leftG = pieceMassG !== undefined && ringG !== undefined ? pieceMassG - slugMassG - ringG : undefined;
  return standing.flatMap(({ id, at, body }): readonly RingScrap[] => {
    const line = { eventId: id, at };
    if (body.kind === 'step-done' && body.step === first && slugMassG > 0) {
      const kind = steps[first]?.kind === 'cut' ? 'slug' : 'offcut';
      return [{ ...line, kind, massG: slugMassG, source: 'plan' }];
    }
    if (body.kind === 'finished') {
      return leftG !== undefined && leftG > 0
        ? [{ ...line, kind: 'filings', massG: leftG, source: 'scale' }]
        : [{ ...line, kind: 'filings', massG: ringMassG * FILINGS_SHARE, source: 'plan' }];
    }
    return body.kind === 'spoilt' ? [{ ...line, kind: 'spoilt', massG: ringMassG, source: 'plan' }] : [];
  });
}
