import { supplyInputSchema, type SupplyAnswer } from '@round-mint/contract/consumables';
import { parseDecimal } from '@round-mint/core/format';
import { AddSheet } from '@/features/shared/screen/AddSheet';
import { problemsOf } from '@/store/problem';
import { useCountSupplyMutation } from '@/store/trade-api';
import { useKeptForm } from '@/store/use-kept-form';
import { Field } from '@/ui/Field';
import { useSettings } from '@/features/shared/settings/use-settings';

const FIELDS = [
  { key: 'countedAmount', label: 'Left now' },
  { key: 'buyAtAmount', label: 'Buy when less than' },
  { key: 'packAmount', label: 'A pack holds' },
] as const;

/** A supply counted anew, and how it is bought. */
export function SupplySheet({ supply, onClose }: { supply: SupplyAnswer; onClose: () => void }) {
  const { currency } = useSettings();
  const { texts, type, problems, refuse, keep, sheet } = useKeptForm({
    name: `supply/${supply.id}`,
    start: {
      countedAmount: supply.leftAmount.toFixed(1),
      buyAtAmount: String(supply.buyAtAmount),
      packAmount: String(supply.packAmount),
      packPrice: String(supply.packPrice),
    },
    onClose,
  });
  const [count, { isLoading }] = useCountSupplyMutation();
  const submit = async () => {
    const numbers = Object.fromEntries(Object.entries(texts).map(([key, text]) => [key, parseDecimal(text)]));
    const parsed = supplyInputSchema.safeParse({ ...numbers, countedAt: new Date().toISOString() });
    if (!parsed.success) {
      refuse(problemsOf(parsed.error));
      return;
    }
    await keep(() => count({ ...parsed.data, id: supply.id }).unwrap());
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
      title={`Count ${supply.name}`}
      action="Save count"
      open
      saving={isLoading}
      {...sheet}
      onAdd={() => void submit()}
    >
      {FIELDS.map(({ key, label }) => field(key, label, supply.unit))}
      {field('packPrice', 'A pack costs', currency)}
    </AddSheet>
  );
}
