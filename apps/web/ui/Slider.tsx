import { OWN_DRAG } from './use-swipe';

interface SliderProps {
  /** What it moves along: its name for a screen reader. */
  label: string;
  value: number;
  /** From 0 to this. */
  max: number;
  step: number;
  /** The value in words. */
  valueText: string;
  onChange: (value: number) => void;
  testID?: string;
}

/** The browser's own slider: finger, mouse, arrow keys and screen readers all know it. */
export function Slider({ label, value, max, step, valueText, onChange, testID }: SliderProps) {
  return (
    <input
      type="range"
      aria-label={label}
      aria-valuetext={valueText}
      min={0}
      max={max}
      step={step}
      value={value}
      onChange={(event) => onChange(Number(event.currentTarget.value))}
      data-testid={testID}
      {...OWN_DRAG}
      style={{ width: '100%', height: 44, margin: 0, accentColor: 'var(--ink)', touchAction: 'pan-y' }}
    />
  );
}
