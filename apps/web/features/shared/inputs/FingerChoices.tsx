import type { Finger } from '@round-mint/contract/people';
import { LabelledChoices } from '@/ui/Choices';
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
      <LabelledChoices
        label="Hand"
        choices={HAND_CHOICES}
        value={value.hand}
        onChange={(hand) => onChange({ hand })}
        minWidth={56}
      />
      <LabelledChoices
        label="Finger"
        choices={FINGER_CHOICES}
        value={value.finger}
        onChange={(finger) => onChange({ finger })}
        minWidth={58}
      />
      <LabelledChoices
        label="Measured by"
        choices={MEASURED_CHOICES}
        value={value.measuredBy}
        onChange={(measuredBy) => onChange({ measuredBy })}
        minWidth={104}
      />
    </>
  );
}
