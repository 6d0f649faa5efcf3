import { FAULT_NAMES } from '@round-mint/core/kit';
import type { RingWithEvents } from '@round-mint/contract/rings';
import { stopAt, stopWords } from '@round-mint/core/bench';
import { remedyFor } from '@round-mint/core/remedy';
import { isSymptom, type RingEvent, standingEvents } from '@round-mint/core/ring';
import type { SizeSystemId } from '@round-mint/core/size';
import { STEP_WORDS } from '@/features/shared/words/step-words';
import { benchRing, type BenchRing } from '@/features/shared/ring/bench-model';
import type { Writers } from '@/features/shared/settings/use-settings';

export interface HistoryLine {
  readonly id: string;
  readonly at: string;
  readonly text: string;
}

type Trouble = Extract<RingEvent['body'], { kind: 'trouble' }>;

/** What went wrong, as its remedy calls it. */
function titleOf(symptom: string): string {
  return isSymptom(symptom) ? remedyFor(symptom).title : symptom;
}

function troubleWords({ symptom, crackMm }: Trouble, write: Writers): string {
  return `Trouble: ${titleOf(symptom)}${crackMm === undefined ? '' : `, ${write.length(crackMm)} long`}`;
}

/** The mark that a reading was to meet, as the bench said it; none where the step was planned again from the reading. */
function markOf({ id }: RingEvent, { state, edges: names }: BenchRing, system: SizeSystemId): string {
  const read = state.readings.find(({ eventId }) => eventId === id);
  const step = read && state.steps[read.step];
  const stop = step && stopAt(step, system);
  const replaced = state.reroutes.some(({ because, step: from }) => because === id && from === read?.step);
  return stop && !replaced ? `; its mark ${stopWords(stop, system, names)}` : '';
}

/** The route is told as it became: steps that are done are never replaced. */
function words(event: RingEvent, bench: BenchRing, write: Writers, system: SizeSystemId): string {
  const { body } = event;
  const { steps } = bench.state;
  const names = bench.edges;
  switch (body.kind) {
    case 'step-done':
      return steps[body.step]?.title ?? 'Step done';
    case 'anneal-done':
      return body.step === undefined ? 'Annealed once more' : 'Annealed';
    case 'reading':
      return `Read ${write.size(body.rimDownMm)} ${names.rim} down, ${write.size(body.cutDownMm)} ${names.cut} down${markOf(event, bench, system)}`;
    case 'measured':
      return `Measured ${write.length(body.bandWidthMm, 2)} wide`;
    case 'trouble':
      return troubleWords(body, write);
    case 'hole-measured':
      return `Hole measured: ${write.length(body.diameterMm, 2)}`;
    case 'rolled': {
      const { thicknessMm, widthMm, lengthMm } = body;
      const wide = widthMm === undefined ? '' : `, ${write.length(widthMm, 2)} wide`;
      const long = lengthMm === undefined ? '' : `, ${write.length(lengthMm)} long`;
      return `Strip measured: ${write.length(thicknessMm, 2)} thick${wide}${long}`;
    }
    case 'target-changed':
      return `Wanted ${write.size(body.insideDiameterMm)} from here on: ${body.why}`;
    case 'style-changed':
      return 'The ends are to meet now';
    case 'wall-changed':
      return `Wanted ${body.wall} from here on`;
    case 'step-skipped': {
      const title = steps[body.step]?.title ?? 'A step';
      return `Left out: ${title}${body.why ? `. ${body.why}` : ''}`;
    }
    case 'step-added':
      return `Put in: ${STEP_WORDS[body.stepKind] ?? body.stepKind}`;
    case 'tool-used':
      return `Another tool used${body.setting ? `: ${body.setting}` : ''}`;
    case 'tool-marked':
      return `A tool was found ${FAULT_NAMES[body.fault]}`;
    case 'rerouted':
      return `Planned again. ${body.why}`;
    case 'wait-started':
      return `${body.what} begun`;
    case 'wait-ended':
      return 'Wait ended';
    case 'left-out':
      return body.leftOut ? 'Left out of what the log learns' : 'Taken into what the log learns';
    case 'note':
      return body.text;
    case 'finished':
      return 'Finished';
    case 'spoilt':
      return `Spoilt: ${titleOf(body.cause).toLowerCase()}`;
    case 'undone':
      return 'Undone';
  }
}

/** What a limit is called that a plan goes beyond. */
const LIMITS: Readonly<Record<string, string>> = { 'cut-edge-thin': 'thin cut edge' };

/** Limits that the maker went beyond, with the reason. */
function overruledLines({ id, createdAt, overruled = [] }: RingWithEvents): readonly HistoryLine[] {
  return overruled.map(({ code, why }) => ({
    id: `${id}-${code}`,
    at: createdAt,
    text: `Begun all the same, ${LIMITS[code] ?? code}: ${why}`,
  }));
}

/** What happened to a ring, without what was taken back. */
export function ringHistory(
  ring: RingWithEvents,
  write: Writers,
  system: SizeSystemId,
): readonly HistoryLine[] {
  const bench = benchRing(ring);
  const happened = standingEvents(ring.events).map((event) => ({
    id: event.id,
    at: event.at,
    text: words(event, bench, write, system),
  }));
  return [...overruledLines(ring), ...happened];
}
