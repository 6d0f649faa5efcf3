import {
  finishedMeridian,
  methodForRimStrain,
  rimEdge,
  washerOf,
  type CoinRingInput,
  type FinishingSchool,
  type FormingMethod,
} from '../forming';
import { metalById, strainAllowance, type MetalId } from '../metal';
import { workingThickness, type Coin } from '../stock';
import type { Kit } from '../kit';
import { type BenchTraits, DEFAULT_TRAITS, traitsWith } from '../steps';
import type { Goal } from './moves';

/** The method that the finished wall's rim strain calls for, by the closed form: as the verdict judges it. */
function methodFor({ coin, holeMm, targetInsideDiameterMm, wall }: CoinRingInput): FormingMethod {
  const finished = finishedMeridian(washerOf(coin, holeMm), wall, targetInsideDiameterMm);
  return methodForRimStrain(rimEdge(finished).strainLog);
}

/** Hoop strain that a metal bears between anneals at this bench. */
export function benchAllowance(metal: MetalId, workingThicknessMm: number, traits: BenchTraits): number {
  return strainAllowance(metalById(metal), workingThicknessMm) * (traits.allowanceFactor[metal] ?? 1);
}

/** What a ring is to become by one school, with this kit. */
export function goalOf(
  input: CoinRingInput,
  school: FinishingSchool,
  options: {
    readonly kit: Kit;
    readonly method?: FormingMethod | undefined;
    readonly traits?: BenchTraits | undefined;
  },
): Goal {
  const { coin, targetInsideDiameterMm, wall } = input;
  const traits = traitsWith(options.traits ?? DEFAULT_TRAITS, coin.metal);
  const { thicknessMm } = workingThickness(coin);
  return {
    wish: wall,
    targetMm: targetInsideDiameterMm,
    school,
    method: options.method ?? methodFor(input),
    coinDiameterMm: coin.diameterMm,
    workingThicknessMm: thicknessMm,
    allowanceStrainLog: benchAllowance(coin.metal, thicknessMm, traits),
    kit: options.kit,
    traits,
  };
}

/** Hoop strain that a coin bears between anneals at a bench: the gauge's full mark. */
export function ringAllowance(coin: Coin, traits: BenchTraits = DEFAULT_TRAITS): number {
  return benchAllowance(coin.metal, workingThickness(coin).thicknessMm, traits);
}
