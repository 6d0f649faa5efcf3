import type { MandrelReading } from '../size';
import type { RouteStep } from '../steps';

/** What the plan expects to be read, both ways round; rings begun before routes told it are read at their edges. */
export function expectedReading({ reading, after }: RouteStep): MandrelReading {
  return reading ?? { rimDownMm: after.rimInsideDiameterMm, cutDownMm: after.cutInsideDiameterMm };
}
