import type { RingEventInput } from '@round-mint/contract/rings';
import { parseSize, type MandrelReading, type ParsedSize, type SizeSystemId } from '@round-mint/core/size';
import type { Writers } from '@/features/shared/settings/use-settings';

/** What the mandrel says with each edge down, as typed. */
export interface ReadingTexts {
  readonly rim: string;
  readonly cut: string;
}

/** The last reading as it is shown before anything is typed; empty where there was none. */
export function readingTexts(
  last: MandrelReading | undefined,
  { size }: Pick<Writers, 'size'>,
): ReadingTexts {
  return { rim: last ? size(last.rimDownMm) : '', cut: last ? size(last.cutDownMm) : '' };
}

interface CorrectedReading {
  readonly problems: Partial<ReadingTexts>;
  /** What is to be logged, nothing when nothing was typed; undefined while something is wrong. */
  readonly events: readonly RingEventInput['body'][] | undefined;
}

/** A reading typed over the last one; an edge that was left as it was shown keeps what was read, not what was shown of it. */
export function correctedReading(
  texts: ReadingTexts,
  last: MandrelReading | undefined,
  write: Pick<Writers, 'size'>,
  system: SizeSystemId,
): CorrectedReading {
  const before = readingTexts(last, write);
  const edge = (text: string, shown: string, lastMm: number | undefined): ParsedSize =>
    lastMm !== undefined && text === shown
      ? { ok: true, insideDiameterMm: lastMm, system: 'plain' }
      : parseSize(text, system);
  if (texts.rim === before.rim && texts.cut === before.cut) return { problems: {}, events: [] };
  const rim = edge(texts.rim, before.rim, last?.rimDownMm);
  const cut = edge(texts.cut, before.cut, last?.cutDownMm);
  if (rim.ok && cut.ok) {
    const [rimDownMm, cutDownMm] = [rim.insideDiameterMm, cut.insideDiameterMm];
    return { problems: {}, events: [{ kind: 'reading', rimDownMm, cutDownMm, mark: 'leading' }] };
  }
  const problems = { ...(rim.ok ? {} : { rim: rim.message }), ...(cut.ok ? {} : { cut: cut.message }) };
  return { problems, events: undefined };
}
