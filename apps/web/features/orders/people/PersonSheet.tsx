import type { Person } from '@round-mint/contract/people';
import { useState } from 'react';
import { View } from 'react-native';
import { useSettings, useWriters } from '@/features/shared/settings/use-settings';
import { useArchive } from '@/features/shared/screen/use-archive';
import { newId } from '@/store/new-id';
import { useRemovePersonMutation, useSavePersonMutation } from '@/store/trade-api';
import { useKeptForm } from '@/store/use-kept-form';
import { AddSheet } from '@/features/shared/screen/AddSheet';
import { FactLine } from '@/ui/FactLine';
import { Field } from '@/ui/Field';
import { TextButton } from '@/ui/TextButton';
import { Type } from '@/ui/Type';
import { FingerChoices } from '@/features/shared/inputs/FingerChoices';
import { fingerWords, MEASURED_WORDS } from '@/features/shared/words/finger-words';
import { parsePerson, personTexts } from './person-form';

const WORDS = [
  { key: 'name', label: 'Name' },
  { key: 'email', label: 'E-mail' },
  { key: 'phone', label: 'Telephone' },
  { key: 'address', label: 'Address' },
  { key: 'notes', label: 'Notes' },
] as const;

/** A person, new or known, and a finger measured today. */
export function PersonSheet({ person, onClose }: { person: Person | undefined; onClose: () => void }) {
  const { primarySystem } = useSettings();
  const write = useWriters();
  const [id] = useState(() => person?.id ?? newId());
  const { texts, type, base, problems, refuse, keep, sheet } = useKeptForm({
    name: `person/${person?.id ?? 'new'}`,
    start: personTexts(person),
    thing: person,
    onClose,
  });
  const [save, { isLoading }] = useSavePersonMutation();
  const [remove] = useRemovePersonMutation();
  const archive = useArchive('person', remove);
  const submit = async () => {
    const parsed = parsePerson(id, texts, base?.fingers ?? [], primarySystem);
    if (!parsed.ok) {
      refuse(parsed.problems);
      return;
    }
    await keep(() => save({ ...parsed.person, isNew: base === undefined, base }).unwrap());
  };
  return (
    <AddSheet
      title={person?.name ?? 'A new person'}
      action={person ? 'Save changes' : 'Add the person'}
      open
      saving={isLoading}
      {...sheet}
      onAdd={() => void submit()}
    >
      {WORDS.map(({ key, label }) => (
        <Field
          key={key}
          label={label}
          value={texts[key]}
          error={problems[key]}
          required={key === 'name'}
          inputMode={key === 'email' ? 'email' : key === 'phone' ? 'tel' : 'text'}
          multiline={key === 'notes' || key === 'address'}
          onChangeText={(text) => type({ [key]: text })}
        />
      ))}
      {person && person.fingers.length > 0 ? (
        <View role="list" aria-label="Fingers that are known">
          {person.fingers.map((finger) => (
            <FactLine
              key={fingerWords(finger)}
              name={`${fingerWords(finger)}, by ${MEASURED_WORDS[finger.measuredBy]}`}
              value={`${finger.sizeText} → ${write.size(finger.insideDiameterMm)}`}
            />
          ))}
        </View>
      ) : null}
      <Type as="heading">A finger measured now</Type>
      <Field
        label="Size"
        value={texts.size}
        error={problems['size']}
        hint="Left empty, nothing is added."
        onChangeText={(size) => type({ size })}
      />
      <FingerChoices value={texts} onChange={type} />
      {person ? (
        <TextButton
          label="Archive"
          describe={`Archive ${person.name}`}
          onPress={() => {
            void archive(person);
            onClose();
          }}
        />
      ) : null}
    </AddSheet>
  );
}
