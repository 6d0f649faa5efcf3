import { stepMark, type SizeSystemId } from '@round-mint/core/size';
import { Pressable, TextInput, View } from 'react-native';
import { Type } from '@/ui/Type';

interface SizeInputProps {
  /** What the size is of. */
  label: string;
  text: string;
  /** What the text means; undefined when it is not understood. */
  targetMm: number | undefined;
  problem: string | undefined;
  system: SizeSystemId;
  /** The same size in other words, below the box. */
  note: string;
  write: (insideDiameterMm: number) => string;
  onChange: (text: string) => void;
}

function Nudge({
  sign,
  label,
  onPress,
  disabled,
}: {
  sign: string;
  label: string;
  onPress: () => void;
  disabled: boolean;
}) {
  return (
    <Pressable
      role="button"
      aria-label={label}
      aria-disabled={disabled}
      disabled={disabled}
      onPress={onPress}
      className={`h-14 w-14 items-center justify-center rounded-sm border border-soft active:opacity-70 ${disabled ? 'opacity-40' : ''}`}
    >
      <Type as="figure">{sign}</Type>
    </Pressable>
  );
}

/** A size in any notation, with plates to step from mark to mark. */
export function SizeInput({ label, text, targetMm, problem, system, note, write, onChange }: SizeInputProps) {
  const step = (direction: 1 | -1) => {
    if (targetMm !== undefined) onChange(write(stepMark(targetMm, system, direction)));
  };
  return (
    <View className="gap-1">
      <View className="flex-row items-center gap-3">
        <Nudge
          sign="−"
          label={`${label}: one mark smaller`}
          disabled={targetMm === undefined}
          onPress={() => step(-1)}
        />
        <View className="flex-1">
          <TextInput
            value={text}
            onChangeText={onChange}
            aria-label={label}
            {...(problem ? { 'aria-invalid': true } : {})}
            selectTextOnFocus
            autoCapitalize="none"
            autoCorrect={false}
            className={`h-14 rounded-sm border bg-paper px-2 text-center font-strong text-2xl text-ink ${
              problem ? 'border-2 border-stop' : 'border-soft'
            }`}
          />
        </View>
        <Nudge
          sign="+"
          label={`${label}: one mark larger`}
          disabled={targetMm === undefined}
          onPress={() => step(1)}
        />
      </View>
      <Type
        as="small"
        role={problem ? 'alert' : undefined}
        className={`text-center ${problem ? 'text-stop' : ''}`}
      >
        {problem ? `✕ ${problem}` : note}
      </Type>
    </View>
  );
}
