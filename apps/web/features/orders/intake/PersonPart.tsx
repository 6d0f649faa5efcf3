import type { Finger, Person } from '@round-mint/contract/people';
import { useMemo } from 'react';
import { View } from 'react-native';
import { useWriters, type Writers } from '@/features/shared/settings/use-settings';
import { useAppDispatch } from '@/store/store';
import { Choices } from '@/ui/Choices';
import { Field } from '@/ui/Field';
import { Type } from '@/ui/Type';
import { intakeTyped, type IntakeTexts } from '@/features/orders/wish/intake-slice';
import type { IntakeProblems } from '@/features/orders/wish/intake-model';

/** As many names as help; more would be in the way. */
const MOST_NAMES = 4;

interface PersonPartProps {
  texts: IntakeTexts;
  problems: IntakeProblems;
  people: readonly Person[];
}

/** A finger as it was measured before, as text again. */
function fingerTexts(finger: Finger, write: Writers): Partial<IntakeTexts> {
  const { hand, sizeText: size, measuredBy, gaugeWidthMm, knuckleInsideDiameterMm } = finger;
  return {
    ...{ hand, finger: finger.finger, size, measuredBy },
    gaugeWidth: gaugeWidthMm === null ? '' : write.length(gaugeWidthMm),
    knuckle: knuckleInsideDiameterMm === null ? '' : write.size(knuckleInsideDiameterMm),
  };
}

/** Who asks: someone who is known, with the finger that was measured, or someone new. */
export function PersonPart({ texts, problems, people }: PersonPartProps) {
  const dispatch = useAppDispatch();
  const write = useWriters();
  const typed = texts.personName.trim().toLowerCase();
  const known = people.find(({ id }) => id === texts.personId);
  const near = useMemo(
    () =>
      typed.length < 2
        ? []
        : people.filter(({ name }) => name.toLowerCase().includes(typed)).slice(0, MOST_NAMES),
    [people, typed],
  );
  const choose = (person: Person) => {
    const [finger] = person.fingers;
    dispatch(
      intakeTyped({
        personId: person.id,
        personName: person.name,
        ...(finger ? fingerTexts(finger, write) : {}),
      }),
    );
  };
  return (
    <View className="gap-2">
      <Field
        label="Who asks for it?"
        required
        value={texts.personName}
        error={problems.personName}
        hint={
          known ? 'Known: the finger measured last is taken over.' : 'A name; known people show as you write.'
        }
        onChangeText={(personName) => dispatch(intakeTyped({ personName, personId: '' }))}
        testID="intake-person"
      />
      {!known && near.length > 0 ? (
        <Choices
          label="Known people"
          choices={near.map(({ id, name }) => ({ value: id, label: name }))}
          value={undefined}
          onChange={(id) => {
            const person = people.find((one) => one.id === id);
            if (person) choose(person);
          }}
          minWidth={120}
        />
      ) : null}
      {known ? (
        <Type as="small">{[known.email, known.phone, known.notes].filter(Boolean).join(' · ')}</Type>
      ) : (
        <Field
          label="E-mail"
          value={texts.email}
          onChangeText={(email) => dispatch(intakeTyped({ email }))}
          inputMode="email"
          autoCapitalize="none"
          hint="For quote and approval; may be empty."
        />
      )}
    </View>
  );
}
