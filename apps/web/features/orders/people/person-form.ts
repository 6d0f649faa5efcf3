import { personInputSchema, type Finger, type Person, type PersonInput } from '@round-mint/contract/people';
import { parseSize, type SizeSystemId } from '@round-mint/core/size';
import { problemsOf } from '@/store/problem';

/** A person as typed; the finger that is measured now beside those known before. */
export interface PersonTexts {
  readonly name: string;
  readonly email: string;
  readonly phone: string;
  readonly address: string;
  readonly notes: string;
  readonly hand: Finger['hand'];
  readonly finger: Finger['finger'];
  readonly measuredBy: Finger['measuredBy'];
  /** Left empty, no finger is added. */
  readonly size: string;
}

export function personTexts(person: Person | undefined): PersonTexts {
  const { name = '', email = '', phone = '', address = '', notes = '' } = person ?? {};
  return { name, email, phone, address, notes, hand: 'right', finger: 'ring', measuredBy: 'gauge', size: '' };
}

export type ParsedPerson =
  | { readonly ok: true; readonly person: PersonInput }
  | { readonly ok: false; readonly problems: Readonly<Record<string, string>> };

/** A finger measured anew takes the place of what was known of it. */
function withFinger(fingers: readonly Finger[], added: Finger): Finger[] {
  const others = fingers.filter(({ hand, finger }) => hand !== added.hand || finger !== added.finger);
  return [added, ...others];
}

/** Texts to a person, checked by the contract's schema. */
export function parsePerson(
  id: string,
  texts: PersonTexts,
  fingers: readonly Finger[],
  system: SizeSystemId,
): ParsedPerson {
  const { hand, finger, measuredBy, size, ...words } = texts;
  const parsed = size.trim() === '' ? undefined : parseSize(size, system);
  if (parsed && !parsed.ok) return { ok: false, problems: { size: parsed.message } };
  const known = parsed
    ? withFinger(fingers, {
        ...{ hand, finger, measuredBy, sizeText: size.trim(), insideDiameterMm: parsed.insideDiameterMm },
        gaugeWidthMm: null,
        knuckleInsideDiameterMm: null,
      })
    : [...fingers];
  const result = personInputSchema.safeParse({ id, ...words, email: words.email.trim(), fingers: known });
  if (result.success) return { ok: true, person: result.data };
  return {
    ok: false,
    problems: problemsOf(result.error),
  };
}
