import { capital } from '../format';
import { TOOL_FAULTS, type ToolFault } from './codes';
import { isSameMm, type Kit, type Tool, type ToolKind, type ToolSpec } from './kit';

/** What a fault of a tool does to a ring, and what is to be done about it. */
export interface FaultEffect {
  /** "it marks the edge" */
  readonly does: string;
  readonly remedy: string;
  /** Whether it spoils rings: a plan takes a sound tool instead, where there is one that does as well. */
  readonly isAvoided: boolean;
}

const DRAGS: FaultEffect = {
  does: 'it drags and scratches',
  remedy: 'Rub it bright with fine wool and oil, and wipe it dry before it touches silver.',
  isAvoided: false,
};
const WANDERS: FaultEffect = {
  does: 'it wanders, and the wall goes down askew',
  remedy: 'Polish the groove out, or turn the ring at every stroke.',
  isAvoided: true,
};
const CUTS: FaultEffect = {
  does: 'it cuts into the wall',
  remedy: 'Stone the chip to a smooth edge, or replace it.',
  isAvoided: true,
};
const PRINTS: FaultEffect = {
  does: 'it prints its dent into the ring',
  remedy: 'Dress the dent smooth, or keep the ring off it.',
  isAvoided: true,
};

/** What a fault does (craft §6): by the kind of tool, since what matters is where it touches the ring. */
const EFFECTS: Readonly<Record<ToolKind, Partial<Readonly<Record<ToolFault, FaultEffect>>>>> = {
  punch: {
    chipped: {
      does: 'it tears the hole, and cracks begin there',
      remedy: 'Grind its face flat, or replace it.',
      isAvoided: true,
    },
    dented: {
      does: 'it binds in its die',
      remedy: 'Dress the burr off its side; never leave it in the die.',
      isAvoided: false,
    },
    rusty: DRAGS,
    'spring-off': {
      does: 'it does not come back by itself',
      remedy: 'Lift it out by hand after each hole, or put the spring back.',
      isAvoided: false,
    },
  },
  'dapping-ball': { dented: PRINTS, rusty: DRAGS },
  'fold-die': { grooved: WANDERS, chipped: CUTS, rusty: DRAGS },
  'reducing-die': { grooved: WANDERS, chipped: CUTS, rusty: DRAGS },
  stretcher: {
    'worn-spline': {
      does: 'it opens one side less, and the ring goes oval',
      remedy: 'Turn the ring between all pulls, and read it both ways.',
      isAvoided: true,
    },
    'spring-off': {
      does: 'its splines do not close by themselves',
      remedy: 'Push them home before each ring goes on, or put the spring back.',
      isAvoided: false,
    },
    dented: PRINTS,
    rusty: DRAGS,
  },
  'stepped-pusher': {
    dented: {
      does: 'it marks the edge',
      remedy: 'Face it flat, or put a disc of plastic between.',
      isAvoided: true,
    },
    chipped: {
      does: 'it pushes on one side, and the ring goes in askew',
      remedy: 'Face it flat, or replace it.',
      isAvoided: true,
    },
    rusty: DRAGS,
  },
  'expansion-cone': { grooved: WANDERS, dented: PRINTS, rusty: DRAGS },
  mandrel: {
    dented: {
      does: 'it reads too small over the dent',
      remedy: 'Turn it, and read beside the dent.',
      isAvoided: true,
    },
    grooved: {
      does: 'it reads too large where it is worn',
      remedy: 'Check it with a ring of known size there.',
      isAvoided: true,
    },
    rusty: DRAGS,
  },
  press: {
    'spring-off': {
      does: 'its ram comes down by itself',
      remedy: 'Hold it up or block it before a hand goes below; put the spring back first.',
      isAvoided: true,
    },
  },
  former: { dented: PRINTS, grooved: PRINTS, rusty: DRAGS },
  'rolling-mill': { dented: PRINTS, grooved: PRINTS, rusty: DRAGS },
};

/** What can be wrong with a kind of tool. */
export function faultsFor(kind: ToolKind): readonly ToolFault[] {
  return TOOL_FAULTS.filter((fault) => EFFECTS[kind][fault] !== undefined);
}

/** What a fault does; what cannot be wrong with its kind is only looked after. */
export function faultEffect(kind: ToolKind, fault: ToolFault): FaultEffect {
  return (
    EFFECTS[kind][fault] ?? { does: 'it is not as it should be', remedy: 'Look it over.', isAvoided: false }
  );
}

export const FAULT_NAMES: Readonly<Record<ToolFault, string>> = {
  dented: 'dented',
  chipped: 'chipped',
  grooved: 'grooved',
  rusty: 'rusty',
  'spring-off': 'spring off',
  'worn-spline': 'worn spline',
};

/** "Dented: it marks the edge" */
export function faultWords(kind: ToolKind, fault: ToolFault): string {
  return `${capital(FAULT_NAMES[fault])}: ${faultEffect(kind, fault).does}`;
}

/** "dented", "without its spring" – behind "is". */
const FAULT_IS: Readonly<Record<ToolFault, string>> = {
  ...FAULT_NAMES,
  'spring-off': 'without its spring',
  'worn-spline': 'worn at a spline',
};

/** Whether nothing is wrong with a tool that would spoil a ring. */
export function isSound({ faults = [], spec }: Tool): boolean {
  return faults.every((fault) => !faultEffect(spec.kind, fault).isAvoided);
}

/** Works a kit out once: a route search asks for the same one hundreds of times. */
function oncePerKit(make: (kit: Kit) => Kit): (kit: Kit) => Kit {
  const made = new WeakMap<Kit, Kit>();
  return (kit) => {
    const known = made.get(kit) ?? make(kit);
    made.set(kit, known);
    return known;
  };
}

/** A kit without the tools that would spoil a ring; the same kit where there are none. */
export const soundTools = oncePerKit((kit) => (kit.every(isSound) ? kit : kit.filter(isSound)));

/** Whether a tool does all that another of its kind does. */
function doesAsWell(a: ToolSpec, b: ToolSpec): boolean {
  switch (a.kind) {
    case 'punch':
    case 'dapping-ball':
    case 'stepped-pusher':
    case 'former':
      return b.kind === a.kind && isSameMm(a.diameterMm, b.diameterMm);
    case 'fold-die':
      return (
        b.kind === a.kind &&
        a.angleDeg === b.angleDeg &&
        a.mouthMm >= b.mouthMm &&
        a.smallEndMm <= b.smallEndMm
      );
    case 'reducing-die':
      return (
        b.kind === a.kind &&
        a.angleDeg === b.angleDeg &&
        b.holesMm.every((hole) => a.holesMm.some((own) => isSameMm(own, hole)))
      );
    case 'stretcher':
      return b.kind === a.kind && a.smallestMm <= b.smallestMm && a.largestMm >= b.largestMm;
    case 'expansion-cone':
      return (
        b.kind === a.kind &&
        a.angleDeg === b.angleDeg &&
        a.smallEndMm <= b.smallEndMm &&
        a.largeEndMm >= b.largeEndMm
      );
    case 'press':
      return b.kind === a.kind && a.tonnes >= b.tonnes;
    case 'rolling-mill':
      return b.kind === a.kind && a.openingMm >= b.openingMm;
    case 'mandrel':
      return b.kind === a.kind;
  }
}

/** A sound tool of the kit that does all that another one does; undefined where there is none. */
export function spareFor(kit: Kit, tool: Tool): Tool | undefined {
  return kit.find((other) => other.id !== tool.id && isSound(other) && doesAsWell(other.spec, tool.spec));
}

/** A kit without the tools that would spoil a ring while a sound one does as well; the same kit where there are none. */
export const usableTools = oncePerKit((kit) =>
  kit.every(isSound) ? kit : kit.filter((tool) => isSound(tool) || !spareFor(kit, tool)),
);

/** What is wrong with the tool of a step. */
export interface ToolWarning {
  readonly tool: Tool;
  readonly message: string;
  /** Whether it spoils rings. */
  readonly isGrave: boolean;
  /** To be taken instead. */
  readonly spare: Tool | undefined;
}

/**
 * What is wrong with a tool, what that does, and what to take or do instead; undefined where nothing is wrong, or the
 * kit has no such tool any more.
 */
export function toolWarning(kit: Kit, toolId: string | undefined): ToolWarning | undefined {
  const tool = kit.find(({ id }) => id === toolId);
  if (!tool) return undefined;
  const { faults: found = [], spec } = tool;
  const isGrave = (fault: ToolFault) => faultEffect(spec.kind, fault).isAvoided;
  // What spoils a ring is said before what only drags.
  const faults = [...found.filter(isGrave), ...found.filter((fault) => !isGrave(fault))];
  const [fault] = faults;
  if (!fault) return undefined;
  const { does, remedy, isAvoided } = faultEffect(spec.kind, fault);
  const spare = isAvoided ? spareFor(kit, tool) : undefined;
  const what = `${tool.name} is ${faults.map((one) => FAULT_IS[one]).join(' and ')}: ${does}.`;
  const instead = spare ? `Take ${spare.name} instead.` : remedy;
  return { tool, message: `${what} ${instead}`, isGrave: isAvoided, spare };
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

/** Tools of steel: they rust. A pusher is of brass or plastic. */
export function canRust({ kind }: ToolSpec): boolean {
  return kind !== 'stepped-pusher' && kind !== 'press';
}
