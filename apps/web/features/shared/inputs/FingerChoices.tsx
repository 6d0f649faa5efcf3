import type { Finger } from '@round-mint/contract/people';
import { Choices } from '@/ui/Choices';
import { Type } from '@/ui/Type';
import { FINGER_CHOICES, HAND_CHOICES, MEASURED_CHOICES } from '@/features/shared/words/finger-words';

type Chosen = Pick<Finger, 'hand' | 'finger' | 'measuredBy'>;

interface FingerChoicesProps {
  value: Chosen;
  onChange: (change: Partial<Chosen>) => void;
}

/** Which finger, and how its size came to be known. */
export function FingerChoices({ value, onChange }: FingerChoicesProps) {
  return (
    <>
      <Choices
        label="Hand"
        choices={HAND_CHOICES}
        value={value.hand}
        onChange={(hand) => onChange({ hand })}
        minWidth={56}
      />
      <Choices
        label="Finger"
        choices={FINGER_CHOICES}
        value={value.finger}
        onChange={(finger) => onChange({ finger })}
        minWidth={58}
      />
      <Type as="label">Measured by</Type>
      <Choices
        label="Measured by"
        choices={MEASURED_CHOICES}
        value={value.measuredBy}
        onChange={(measuredBy) => onChange({ measuredBy })}
        minWidth={104}
      />
    </>
  );
}
