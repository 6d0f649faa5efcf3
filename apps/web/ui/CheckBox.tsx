import type { KeyboardEvent, ReactNode } from 'react';
import { Pressable } from 'react-native';

interface CheckBoxProps {
  /** What it is called. */
  label: string;
  checked: boolean;
  disabled?: boolean;
  onPress: () => void;
  className: string;
  /** How it looks, ticked or not. */
  children: ReactNode;
}

/** Something to tick, by a tap or by the space bar: React Native's own pressables know that key for buttons alone. */
export function CheckBox({ label, checked, disabled = false, onPress, className, children }: CheckBoxProps) {
  const keys = {
    onKeyDown: (event: KeyboardEvent<HTMLElement>) => {
      if (event.key !== ' ') return;
      // The page would scroll.
      event.preventDefault();
      if (!disabled) onPress();
    },
  };
  return (
    <Pressable
      role="checkbox"
      aria-checked={checked}
      aria-label={label}
      aria-disabled={disabled}
      disabled={disabled}
      onPress={onPress}
      className={className}
      {...keys}
    >
      {children}
    </Pressable>
  );
}
