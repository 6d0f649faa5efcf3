import { percentWords } from '../format';
import { reasonsBy, type ReasonWords } from '../forming';
import type { UsablePart } from './part';

const mm = (lengthMm: number) => `${lengthMm.toFixed(1)} mm`;

/** Which part of the handle would do. */
function partWords(part: UsablePart | undefined): string {
  return part
    ? `Begin ${mm(part.fromMm)} from the kept end: up to ${mm(part.toMm)} it is at most ${mm(part.thickestMm)} thick.`
    : 'No part of this handle would do for this size: a smaller size, or a thinner handle.';
}

interface Part {
  /** A part that would do; undefined where there is none. */
  readonly part: UsablePart | undefined;
}

/** What is said against a ring from a handle, by code. */
const WORDS = {
  plated: () => ({
    message: 'Plated ware is bent as it is: heat blisters and lifts the plating.',
    instead: 'Keep the cut end outside or seal it: base metal shows there.',
  }),
  'metal-refused': ({ metal, why }: { metal: string; why: string }) => ({ message: `${metal}: ${why}` }),
  'metal-note': ({ note }: { note: string }) => ({ message: note }),
  'turns-collide': ({ pitchMm }: { pitchMm: number }) => ({
    message: `The turns would lie on each other: the pitch must be at least width and gap, ${mm(pitchMm)}.`,
    instead: `Set the pitch to ${mm(pitchMm)}.`,
  }),
  'spiral-thick': ({ wantedMm, thickestMm }: { wantedMm: number; thickestMm: number }) => ({
    message: `A spiral wants about ${mm(wantedMm)}; this is ${mm(thickestMm)} at its thickest.`,
    instead: 'A straight ring or an overlap is easier from it.',
  }),
  'too-thick': (figures: Part & { thicknessMm: number; atMm: number; plated: boolean; limitMm: number }) => ({
    message: `${mm(figures.thicknessMm)} thick where it bends, ${mm(figures.atMm)} along: ${figures.plated ? 'plated ware' : 'this metal'} bends up to ${mm(figures.limitMm)}.`,
    instead: partWords(figures.part),
  }),
  'enamel-in-bend': ({ fromMm, toMm, part }: Part & { fromMm: number; toMm: number }) => ({
    message: `Enamel from ${mm(fromMm)} to ${mm(toMm)} would be bent, and breaks.`,
    instead: partWords(part),
  }),
  'too-short': ({ missingMm, part }: Part & { missingMm: number }) => ({
    message: `The handle is ${mm(missingMm)} too short for this ring.`,
    instead: part ? partWords(part) : 'Fewer turns, a smaller size or a longer handle.',
  }),
  'bend-too-tight': ({ strain, bears }: { strain: number; bears: number }) => ({
    message: `The outside would stretch ${percentWords(strain)}; this metal bears ${percentWords(bears)}.`,
    instead: 'A thinner part, or a larger size.',
  }),
} as const satisfies ReasonWords;

/** A reason of a handle's judgement, in its table's words. */
export const handleReason = reasonsBy(WORDS);
