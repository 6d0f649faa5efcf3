import { View } from 'react-native';
import { MetalPicker } from '@/features/shared/inputs/MetalPicker';
import { useSettings } from '@/features/shared/settings/use-settings';
import { Choices } from '@/ui/Choices';
import { Field } from '@/ui/Field';
import { Type } from '@/ui/Type';
import type { StripStock } from './other-strip';
import { StripPick } from './StripPick';
import type { WorkField } from './work-fields';

interface WorkFieldInputProps {
  field: WorkField;
  text: string;
  strips: readonly StripStock[];
  problem: string | undefined;
  onChange: (text: string) => void;
}

function choicesOf(field: WorkField) {
  if (field.what === 'choice') return field.choices;
  if (field.what !== 'truth') return [];
  return [
    { value: 'no', label: field.no },
    { value: 'yes', label: field.yes },
  ];
}

/** One choice of a planner, whatever it is of. */
export function WorkFieldInput({ field, text, strips, problem, onChange }: WorkFieldInputProps) {
  const { lengthUnit } = useSettings();
  const { label, hint, what } = field;
  if (what === 'strip') return <StripPick label={label} strips={strips} value={text} onChange={onChange} />;
  if (what === 'metal') return <MetalPicker label={label} value={text} onChange={onChange} />;
  if (what === 'choice' || what === 'truth') {
    return (
      <View className="gap-1.5">
        <Type as="label">{label}</Type>
        <Choices label={label} choices={choicesOf(field)} value={text} onChange={onChange} minWidth={92} />
      </View>
    );
  }
  return (
    <Field
      label={label}
      unit={what === 'length' ? lengthUnit : undefined}
      value={text}
      onChangeText={onChange}
      error={problem}
      hint={hint}
      inputMode={what === 'size' ? 'text' : 'decimal'}
      testID={`work-${field.key}`}
    />
  );
}
