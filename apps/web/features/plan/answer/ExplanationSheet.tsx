import { View } from 'react-native';
import { Explained } from '@/features/shared/handbook/Explained';
import { HandbookLink } from '@/features/shared/handbook/HandbookLink';
import { FactLine } from '@/ui/FactLine';
import { Sheet } from '@/ui/Sheet';
import { Type } from '@/ui/Type';
import type { Explanation } from './explain';

/** Why a number is what it is: formula in words, what went in, where the rule comes from. */
export function ExplanationSheet({
  explanation,
  onClose,
}: {
  explanation: Explanation | undefined;
  onClose: () => void;
}) {
  if (!explanation) return null;
  const { title, value, words, inputs, source, section } = explanation;
  return (
    <Sheet title={title} open onClose={onClose}>
      <Type as="figure">{value}</Type>
      <Type>
        <Explained>{words}</Explained>
      </Type>
      <View role="list" aria-label="What went in">
        {inputs.map(([name, input]) => (
          <FactLine key={name} name={name} value={input} />
        ))}
      </View>
      <Type as="small">{`From: ${source}`}</Type>
      <HandbookLink section={section} about={title} />
    </Sheet>
  );
}
