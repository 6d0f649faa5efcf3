import type { Settings } from '@round-mint/contract/settings';
import { useState } from 'react';
import { LabelledChoices } from '@/ui/Choices';
import { Field } from '@/ui/Field';
import { LENGTH_UNITS, SYSTEMS } from '../choices';

/** What the contract takes. */
const LONGEST_CURRENCY = 6;

interface SizesPartProps {
  readonly settings: Settings;
  readonly onChange: (patch: Partial<Settings>) => void;
}

/** Size system, units, currency. */
export function SizesPart({ settings, onChange }: SizesPartProps) {
  const [currency, setCurrency] = useState(settings.currency);
  return (
    <>
      <LabelledChoices
        label="Ring sizes"
        choices={SYSTEMS}
        value={settings.primarySystem}
        onChange={(primarySystem) => onChange({ primarySystem })}
        minWidth={56}
      />
      <LabelledChoices
        label="Written beside them"
        choices={SYSTEMS}
        value={settings.secondSystem}
        onChange={(secondSystem) => onChange({ secondSystem })}
        minWidth={56}
      />
      <LabelledChoices
        label="Lengths"
        choices={LENGTH_UNITS}
        value={settings.lengthUnit}
        onChange={(lengthUnit) => onChange({ lengthUnit })}
        minWidth={120}
      />
      <Field
        label="Currency"
        value={currency}
        hint="Written behind every amount: a sign or a few letters."
        maxLength={LONGEST_CURRENCY}
        onChangeText={(text) => {
          setCurrency(text);
          if (text.trim() !== '') onChange({ currency: text.trim() });
        }}
      />
    </>
  );
}
