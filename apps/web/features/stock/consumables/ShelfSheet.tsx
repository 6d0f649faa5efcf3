import { shelfInputSchema, type ShelfAnswer } from '@round-mint/contract/consumables';
import { parseDecimal } from '@round-mint/core/format';
import { useState } from 'react';
import { AddSheet } from '@/features/shared/screen/AddSheet';
import { problemsOf, problemText } from '@/store/problem';
import { useCountShelfMutation } from '@/store/trade-api';
import { useFormDraft } from '@/store/use-form-draft';
import { Field } from '@/ui/Field';
import { useSettings } from '@/features/shared/settings/use-settings';

const FIELDS = [
  { key: 'countedAmount', label: 'On the shelf now' },
  { key: 'buyAtAmount', label: 'Buy when less than' },
  { key: 'packAmount', label: 'A pack holds' },
] as const;

/** A shelf counted anew, and how it is bought. */
export function ShelfSheet({ shelf, onClose }: { shelf: ShelfAnswer; onClose: () => void }) {
  const { currency } = useSettings();
  const { texts, type, forget, line } = useFormDraft(`shelf/${shelf.id}`, {
    countedAmount: shelf.leftAmount.toFixed(1),
    buyAtAmount: String(shelf.buyAtAmount),
    packAmount: String(shelf.packAmount),
    packPrice: String(shelf.packPrice),
  });
  const [problems, setProblems] = useState<Readonly<Record<string, string>>>({});
  const [count, { isLoading }] = useCountShelfMutation();
  const submit = async () => {
    const numbers = Object.fromEntries(Object.entries(texts).map(([key, text]) => [key, parseDecimal(text)]));
    const parsed = shelfInputSchema.safeParse({ ...numbers, countedAt: new Date().toISOString() });
    if (!parsed.success) {
      setProblems(problemsOf(parsed.error));
      return;
    }
    try {
      await count({ ...parsed.data, id: shelf.id }).unwrap();
      forget();
      onClose();
    } catch (error) {
      setProblems({ server: problemText(error) });
    }
  };
  const field = (key: keyof typeof texts, label: string, unit: string) => (
    <Field
      key={key}
      label={label}
      unit={unit}
      inputMode="decimal"
      value={texts[key]}
      error={problems[key]}
      onChangeText={(text) => type({ [key]: text })}
    />
  );
  return (
    <AddSheet
      title={`Count ${shelf.name}`}
      action="Save count"
      open
      saving={isLoading}
      problem={problems['server']}
      draft={line}
      onAdd={() => void submit()}
      onClose={onClose}
    >
      {FIELDS.map(({ key, label }) => field(key, label, shelf.unit))}
      {field('packPrice', 'A pack costs', currency)}
    </AddSheet>
  );
}
