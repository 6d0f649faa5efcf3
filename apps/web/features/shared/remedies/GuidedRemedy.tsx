import { questionOf } from '@round-mint/core/remedy';
import type { Symptom } from '@round-mint/core/ring';
import { useState } from 'react';
import { View } from 'react-native';
import { Choices } from '@/ui/Choices';
import { Notice } from '@/ui/Notice';
import { Type } from '@/ui/Type';

/** The question that tells one cause from another, and what its answer asks for. */
export function GuidedRemedy({ symptom }: { symptom: Symptom }) {
  const question = questionOf(symptom);
  const [chosen, setChosen] = useState<string>();
  if (!question) return null;
  const answer = question.answers.find((one) => one.answer === chosen);
  return (
    <View className="gap-2">
      <Type as="heading">{question.ask}</Type>
      <Choices
        label={question.ask}
        choices={question.answers.map(({ answer: value }) => ({ value, label: value }))}
        value={chosen}
        onChange={setChosen}
        minWidth={140}
      />
      {answer?.now.map((sentence) => (
        <Notice key={sentence} level="good" title={sentence} live />
      ))}
    </View>
  );
}
