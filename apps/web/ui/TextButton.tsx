import { Pressable } from 'react-native';
import { Type } from './Type';

interface TextButtonProps {
  label: string;
  onPress: () => void;
  describe?: string;
  testID?: string;
}

/** A word that can be pressed: underlined, so that it is not known by colour alone. */
export function TextButton({ label, onPress, describe, testID }: TextButtonProps) {
  return (
    <Pressable
      role="button"
      aria-label={describe ?? label}
      onPress={onPress}
      testID={testID}
      className="min-h-[44px] min-w-[44px] items-end justify-center active:opacity-70"
    >
      <Type as="small" className="text-ink underline">
        {label}
      </Type>
    </Pressable>
  );
}
