import type { RingWithEvents } from '@round-mint/contract/rings';
import { isSymptom, remedyFor } from '@round-mint/core/remedy';
import { standingEvents, type RingEvent } from '@round-mint/core/route';
import type { Writers } from '@/features/settings/use-settings';

export interface HistoryLine {
  readonly id: string;
  readonly at: string;
  readonly text: string;
}

type Trouble = Extract<RingEvent['body'], { kind: 'trouble' }>;

function troubleWords({ symptom, crackMm }: Trouble, write: Writers): string {
  const title = isSymptom(symptom) ? remedyFor(symptom).title : symptom;
  return `Trouble: ${title}${crackMm === undefined ? '' : `, ${write.length(crackMm)} long`}`;
}

function words({ body }: RingEvent, ring: RingWithEvents, write: Writers): string {
  switch (body.kind) {
    case 'step-done':
      return ring.steps[body.step]?.title ?? 'Step done';
    case 'anneal-done':
      return body.step === undefined ? 'Annealed once more' : 'Annealed';
    case 'reading':
      return `Read ${write.size(body.rimDownMm)} rim edge down, ${write.size(body.cutDownMm)} cut edge down`;
    case 'measured':
      return `Measured ${write.length(body.bandWidthMm, 2)} wide`;
    case 'trouble':
      return troubleWords(body, write);
    case 'note':
      return body.text;
    case 'finished':
      return 'Finished';
    case 'undone':
      return 'Taken back';
  }
}

/** What happened to a ring, without what was taken back. */
export function ringHistory(ring: RingWithEvents, write: Writers): readonly HistoryLine[] {
  return standingEvents(ring.events as readonly RingEvent[]).map((event) => ({
    id: event.id,
    at: event.at,
    text: words(event, ring, write),
  }));
}
