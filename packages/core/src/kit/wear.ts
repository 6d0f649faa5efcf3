import { capital } from '../format';
import { TOOL_FAULTS, type ToolFault } from './codes';
import { isSameMm, type Kit, type Tool, type ToolKind, type ToolSpec } from './kit';
import { EFFECT_WORDS, FAULT_NAMES, warningWords } from './wear-words';

/** What a fault of a tool does to a ring, and what is to be done about it. */
export interface FaultEffect {
  /** "it marks the edge" */
  readonly does: string;
  readonly remedy: string;
  /** Whether it spoils rings: a plan takes a sound tool instead, where there is one that does as well. */
  readonly isAvoided: boolean;
}

interface Effect {
  readonly code: keyof typeof EFFECT_WORDS;
  readonly isAvoided: boolean;
}

const spoils = (code: Effect['code']): Effect => ({ code, isAvoided: true });
const hinders = (code: Effect['code']): Effect => ({ code, isAvoided: false });

const DRAGS = hinders('drags');
const WANDERS = spoils('wanders');
const CUTS = spoils('cuts');
const PRINTS = spoils('prints');

/** What a fault does (craft §6): by the kind of tool, since what matters is where it touches the ring. */
const EFFECTS: Readonly<Record<ToolKind, Partial<Readonly<Record<ToolFault, Effect>>>>> = {
  punch: {
    chipped: spoils('tears'),
    dented: hinders('binds'),
    rusty: DRAGS,
    'spring-off': hinders('stays'),
  },
  'dapping-ball': { dented: PRINTS, rusty: DRAGS },
  'fold-die': { grooved: WANDERS, chipped: CUTS, rusty: DRAGS },
  'reducing-die': { grooved: WANDERS, chipped: CUTS, rusty: DRAGS },
  stretcher: {
    'worn-spline': spoils('opens-oval'),
    'spring-off': hinders('stays-open'),
    dented: PRINTS,
    rusty: DRAGS,
  },
  'stepped-pusher': {
    dented: spoils('marks-edge'),
    chipped: spoils('pushes-askew'),
    rusty: DRAGS,
  },
  'expansion-cone': { grooved: WANDERS, dented: PRINTS, rusty: DRAGS },
  mandrel: {
    dented: spoils('reads-small'),
    grooved: spoils('reads-large'),
    rusty: DRAGS,
  },
  press: { 'spring-off': spoils('falls') },
  former: { dented: PRINTS, grooved: PRINTS, rusty: DRAGS },
  'rolling-mill': { dented: PRINTS, grooved: PRINTS, rusty: DRAGS },
};

/** What can be wrong with a kind of tool. */
export function faultsFor(kind: ToolKind): readonly ToolFault[] {
  return TOOL_FAULTS.filter((fault) => EFFECTS[kind][fault] !== undefined);
}

/** What a fault does; what cannot be wrong with its kind is only looked after. */
export function faultEffect(kind: ToolKind, fault: ToolFault): FaultEffect {
  const { code, isAvoided } = EFFECTS[kind][fault] ?? hinders('not-right');
  return { ...EFFECT_WORDS[code], isAvoided };
}

/** "Dented: it marks the edge" */
export function faultWords(kind: ToolKind, fault: ToolFault): string {
  return `${capital(FAULT_NAMES[fault])}: ${faultEffect(kind, fault).does}`;
}

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
  const effect = faultEffect(spec.kind, fault);
  const spare = effect.isAvoided ? spareFor(kit, tool) : undefined;
  const message = warningWords(tool.name, faults, effect, spare?.name);
  return { tool, message, isGrave: effect.isAvoided, spare };
}

/** Tools of steel: they rust. A pusher is of brass or plastic. */
export function canRust({ kind }: ToolSpec): boolean {
  return kind !== 'stepped-pusher' && kind !== 'press';
}
