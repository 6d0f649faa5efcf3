import {
  finishedMeridian,
  methodForRimStrain,
  rimEdge,
  washerOf,
  type CoinRingInput,
  type FinishingSchool,
  type FormingMethod,
} from '../forming';
import { metalById, strainAllowance } from '../metal';
import { workingThickness } from '../stock';
import type { Kit } from './kit';
import type { Goal } from './moves';

/** The method that the finished wall's rim strain calls for, by the closed form: as the verdict judges it. */
function methodFor({ coin, holeMm, targetInsideDiameterMm, wall }: CoinRingInput): FormingMethod {
  const finished = finishedMeridian(washerOf(coin, holeMm), wall, targetInsideDiameterMm);
  return methodForRimStrain(rimEdge(finished).strainLog);
}

/** What a ring is to become by one school, with this kit. */
export function goalOf(
  input: CoinRingInput,
  school: FinishingSchool,
  options: { readonly kit: Kit; readonly method?: FormingMethod | undefined },
): Goal {
  const { coin, targetInsideDiameterMm, wall } = input;
  const { thicknessMm } = workingThickness(coin);
  return {
    wish: wall,
    targetMm: targetInsideDiameterMm,
    school,
    method: options.method ?? methodFor(input),
    coinDiameterMm: coin.diameterMm,
    workingThicknessMm: thicknessMm,
    allowanceStrainLog: strainAllowance(metalById(coin.metal), thicknessMm),
    kit: options.kit,
  };
}
