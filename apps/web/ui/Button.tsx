import { Pressable } from 'react-native';
import { Type } from './Type';

const LOOKS = {
  /** The main action of a screen. */
  main: { box: 'bg-ink border-ink', text: 'font-slab text-onink text-lg' },
  /** The main action where heat is meant. */
  heat: { box: 'bg-heat border-heat', text: 'font-slab text-paper text-lg' },
  /** Anything beside the main action. */
  plain: { box: 'bg-paper border-soft', text: 'font-medium text-ink' },
  /** What archives something. */
  stop: { box: 'bg-paper border-stop', text: 'font-medium text-stop' },
} as const;

interface ButtonProps {
  /** A verb: "Log reading". */
  label: string;
  onPress: () => void;
  look?: keyof typeof LOOKS;
  disabled?: boolean;
  /** Said to a screen reader instead of the label, where the label is short. */
  describe?: string;
  testID?: string;
  className?: string;
}

/** A button at least 48 px high; the main one 56, for a thumb with a glove. */
export function Button({
  label,
  onPress,
  look = 'plain',
  disabled = false,
  describe,
  testID,
  className = '',
}: ButtonProps) {
  const { box, text } = LOOKS[look];
  const height = look === 'main' || look === 'heat' ? 'min-h-[56px]' : 'min-h-[48px]';
  return (
    <Pressable
      role="button"
      aria-label={describe ?? label}
      aria-disabled={disabled}
      disabled={disabled}
      onPress={onPress}
      testID={testID}
      className={`${height} items-center justify-center rounded-sm border px-4 py-2 active:opacity-70 print:hidden ${box} ${
        disabled ? 'opacity-40' : ''
      } ${className}`}
    >
      <Type className={`text-center ${text}`}>{label}</Type>
    </Pressable>
  );
}
