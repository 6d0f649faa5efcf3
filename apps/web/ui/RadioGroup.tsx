import { type KeyboardEvent, type ReactNode, useEffect, useRef } from 'react';
import { View } from 'react-native';

interface RadioGroupProps {
  /** What is chosen: the group's name. */
  label: string;
  children: ReactNode;
  className?: string;
  testID?: string | undefined;
  /** One has to be chosen, and none is. */
  invalid?: boolean;
  /** Whether arrows choose what they come to, as they do among plates; in a list that closes they only go there. */
  chooses?: boolean;
}

const STEPS: Readonly<Record<string, 1 | -1>> = { ArrowRight: 1, ArrowDown: 1, ArrowLeft: -1, ArrowUp: -1 };

function radiosIn(group: Element): HTMLElement[] {
  return [...group.querySelectorAll<HTMLElement>('[role=radio]:not([aria-disabled=true])')];
}

/** One stop for the keyboard, at what is chosen; arrows go from one to the next, and round; the space bar chooses. */
export function RadioGroup({
  label,
  children,
  className = '',
  testID,
  invalid = false,
  chooses = true,
}: RadioGroupProps) {
  const group = useRef<View>(null);
  // Whatever is drawn anew inside: of all of them one can be reached.
  useEffect(() => {
    const node: unknown = group.current;
    if (typeof Element === 'undefined' || !(node instanceof Element)) return;
    const radios = radiosIn(node);
    const reached = radios.find((radio) => radio.getAttribute('aria-checked') === 'true') ?? radios[0];
    for (const radio of radios) radio.tabIndex = radio === reached ? 0 : -1;
  });
  const keys = {
    onKeyDown: (event: KeyboardEvent<HTMLElement>) => {
      const radios = radiosIn(event.currentTarget);
      const at = radios.findIndex((radio) => radio === document.activeElement);
      if (event.key === ' ' && at >= 0) {
        // The page would scroll; React Native's own pressables know this key for buttons alone.
        event.preventDefault();
        radios[at]?.click();
        return;
      }
      const step = STEPS[event.key];
      if (step === undefined) return;
      const next = at < 0 ? undefined : radios[(at + step + radios.length) % radios.length];
      if (!next) return;
      event.preventDefault();
      next.focus();
      if (chooses) next.click();
    },
  };
  const state = invalid ? { 'aria-invalid': true } : {};
  return (
    <View
      ref={group}
      role="radiogroup"
      aria-label={label}
      testID={testID}
      className={className}
      {...keys}
      {...state}
    >
      {children}
    </View>
  );
}
