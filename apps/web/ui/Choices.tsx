import type { ReactNode } from 'react';
import { Pressable, View } from 'react-native';
import { RadioGroup } from './RadioGroup';
import { Type } from './Type';

export interface Choice<T extends string | number> {
  value: T;
  label: string;
  /** A second line: what this choice would give. */
  note?: string;
  /** Shown above the label: what this choice looks like. */
  picture?: ReactNode;
  /** Said to a screen reader; left out, label and note. */
  describe?: string;
  disabled?: boolean;
}

interface ChoicesProps<T extends string | number> {
  /** What is chosen: the group's name. */
  label: string;
  choices: readonly Choice<T>[];
  value: T | undefined;
  onChange: (value: T) => void;
  /** Smallest width of one choice, px; as many as fit stand side by side. */
  minWidth?: number;
  /** One has to be chosen, and none is. */
  invalid?: boolean;
  testID?: string;
}

/** As many as ever stand side by side. */
const MOST_COLUMNS = 8;

/** One of several, all in sight: radio buttons drawn as plates. The chosen one is framed, not only tinted. */
export function Choices<T extends string | number>({
  label,
  choices,
  value,
  onChange,
  minWidth = 88,
  invalid = false,
  testID,
}: ChoicesProps<T>) {
  return (
    <RadioGroup label={label} testID={testID} invalid={invalid} className="-mb-2 flex-row flex-wrap gap-x-2">
      {choices.map((choice) => {
        const chosen = choice.value === value;
        return (
          <Pressable
            key={choice.value}
            role="radio"
            aria-checked={chosen}
            aria-disabled={choice.disabled ?? false}
            disabled={choice.disabled}
            aria-label={choice.describe ?? [choice.label, choice.note].filter(Boolean).join(', ')}
            onPress={() => onChange(choice.value)}
            style={{ minWidth, flexGrow: 1, flexBasis: minWidth }}
            className={`mb-2 min-h-[48px] items-center justify-center rounded-sm px-2 py-1 active:opacity-70 ${
              chosen ? 'border-2 border-ink bg-fold' : 'border border-line bg-paper'
            } ${choice.disabled ? 'opacity-40' : ''}`}
          >
            {choice.picture}
            <Type as={choice.note ? 'strong' : 'label'} className="text-center">
              {choice.label}
            </Type>
            {choice.note ? (
              <Type as="small" className="text-center">
                {choice.note}
              </Type>
            ) : null}
          </Pressable>
        );
      })}
      {/* Empty places keep a last, shorter row in line with the others. */}
      {Array.from({ length: MOST_COLUMNS }, (_, i) => (
        <View
          key={`filler-${i}`}
          aria-hidden
          style={{ minWidth, flexGrow: 1, flexBasis: minWidth, height: 0 }}
        />
      ))}
    </RadioGroup>
  );
}

/** Choices with their name above them. */
export function LabelledChoices<T extends string | number>(props: ChoicesProps<T>) {
  return (
    <View className="gap-1.5">
      <Type as="label">{props.label}</Type>
      <Choices {...props} />
    </View>
  );
}
