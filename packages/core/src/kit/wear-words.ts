import type { ToolFault } from './codes';
import type { ToolKind } from './kit';

/** What a fault does to a ring ("it marks the edge"), and what is to be done about it. */
export const EFFECT_WORDS = {
  drags: {
    does: 'it drags and scratches',
    remedy: 'Rub it bright with fine wool and oil, and wipe it dry before it touches silver.',
  },
  wanders: {
    does: 'it wanders, and the wall goes down askew',
    remedy: 'Polish the groove out, or turn the ring at every stroke.',
  },
  cuts: {
    does: 'it cuts into the wall',
    remedy: 'Stone the chip to a smooth edge, or replace it.',
  },
  prints: {
    does: 'it prints its dent into the ring',
    remedy: 'Dress the dent smooth, or keep the ring off it.',
  },
  tears: {
    does: 'it tears the hole, and cracks begin there',
    remedy: 'Grind its face flat, or replace it.',
  },
  binds: {
    does: 'it binds in its die',
    remedy: 'Dress the burr off its side; never leave it in the die.',
  },
  stays: {
    does: 'it does not come back by itself',
    remedy: 'Lift it out by hand after each hole, or put the spring back.',
  },
  'opens-oval': {
    does: 'it opens one side less, and the ring goes oval',
    remedy: 'Turn the ring between all pulls, and read it both ways.',
  },
  'stays-open': {
    does: 'its splines do not close by themselves',
    remedy: 'Push them home before each ring goes on, or put the spring back.',
  },
  'marks-edge': {
    does: 'it marks the edge',
    remedy: 'Face it flat, or put a disc of plastic between.',
  },
  'pushes-askew': {
    does: 'it pushes on one side, and the ring goes in askew',
    remedy: 'Face it flat, or replace it.',
  },
  'reads-small': {
    does: 'it reads too small over the dent',
    remedy: 'Turn it, and read beside the dent.',
  },
  'reads-large': {
    does: 'it reads too large where it is worn',
    remedy: 'Check it with a ring of known size there.',
  },
  falls: {
    does: 'its ram comes down by itself',
    remedy: 'Hold it up or block it before a hand goes below; put the spring back first.',
  },
  'not-right': {
    does: 'it is not as it should be',
    remedy: 'Look it over.',
  },
} as const;

export const FAULT_NAMES: Readonly<Record<ToolFault, string>> = {
  dented: 'dented',
  chipped: 'chipped',
  grooved: 'grooved',
  rusty: 'rusty',
  'spring-off': 'spring off',
  'worn-spline': 'worn spline',
};

/** "dented", "without its spring" – behind "is". */
const FAULT_IS: Readonly<Record<ToolFault, string>> = {
  ...FAULT_NAMES,
  'spring-off': 'without its spring',
  'worn-spline': 'worn at a spline',
};

/** What is wrong with a tool at a step, and what to take or do instead. */
export function warningWords(
  name: string,
  faults: readonly ToolFault[],
  { does, remedy }: { readonly does: string; readonly remedy: string },
  spareName: string | undefined,
): string {
  const instead = spareName === undefined ? remedy : `Take ${spareName} instead.`;
  return `${name} is ${faults.map((one) => FAULT_IS[one]).join(' and ')}: ${does}. ${instead}`;
}

/** How a kind of tool is looked after. */
export const CARE_WORDS: Readonly<Record<ToolKind, string>> = {
  punch: 'Never leave a punch in its die. Wipe it, and oil both after a damp week.',
  'dapping-ball': 'Keep balls apart, so that they do not dent each other. Oil after a damp week.',
  'fold-die': 'Wipe wax and grit out after each fold. Oil after a damp week.',
  'reducing-die': 'Wipe the holes after use, and oil them after a damp week.',
  stretcher: 'Close it without a ring. Grease its cone; oil the splines after a damp week.',
  'stepped-pusher': 'Never strike it with steel. Keep its face flat.',
  'expansion-cone': 'Wipe it before every ring: one grain cuts a groove. Oil after a damp week.',
  mandrel: 'Never hammer on the one you read with. Oil after a damp week.',
  press: 'Grease the ram, and look at its spring before work.',
  former: 'Hammer with nylon or rawhide only. Oil after a damp week.',
  'rolling-mill': 'Never roll what is wet or gritty. Oil the rolls after a damp week.',
};
