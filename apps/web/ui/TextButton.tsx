import { Pressable } from 'react-native';
import { Type } from './Type';

interface TextButtonProps {
  label: string;
  onPress: () => void;
  describe?: string;
  /** Pressed with dirty hands: as large as everything at the bench. */
  atBench?: boolean;
  testID?: string;
}

/** A word that can be pressed: underlined, so that it is not known by colour alone. */
export function TextButton({ label, onPress, describe, atBench = false, testID }: TextButtonProps) {
  return (
    <Pressable
      role="button"
      aria-label={describe ?? label}
      onPress={onPress}
      testID={testID}
      className={`min-w-[44px] items-end justify-center active:opacity-70 print:hidden ${atBench ? 'min-h-[56px]' : 'min-h-[44px]'}`}
    >
      <Type as="small" className="text-ink underline">
        {label}
      </Type>
    </Pressable>
  );
}
