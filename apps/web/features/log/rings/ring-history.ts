import type { RingWithEvents } from '@round-mint/contract/rings';
import { remedyFor } from '@round-mint/core/remedy';
import { isSymptom } from '@round-mint/core/ring';
import { type RingEvent, standingEvents } from '@round-mint/core/ring';
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

/** The route is told as it became: steps that are done are never replaced. */
function words({ body }: RingEvent, { state: { steps }, edges: names }: BenchRing, write: Writers): string {
  switch (body.kind) {
    case 'step-done':
      return steps[body.step]?.title ?? 'Step done';
    case 'anneal-done':
      return body.step === undefined ? 'Annealed once more' : 'Annealed';
    case 'reading':
      return `Read ${write.size(body.rimDownMm)} ${names.rim} down, ${write.size(body.cutDownMm)} ${names.cut} down`;
    case 'measured':
      return `Measured ${write.length(body.bandWidthMm, 2)} wide`;
    case 'trouble':
      return troubleWords(body, write);
    case 'hole-measured':
      return `Hole measured: ${write.length(body.diameterMm, 2)}`;
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
      return 'Taken back';
  }
}

/** What happened to a ring, without what was taken back. */
export function ringHistory(ring: RingWithEvents, write: Writers): readonly HistoryLine[] {
  const bench = benchRing(ring);
  return standingEvents(ring.events).map((event) => ({
    id: event.id,
    at: event.at,
    text: words(event, bench, write),
  }));
}
