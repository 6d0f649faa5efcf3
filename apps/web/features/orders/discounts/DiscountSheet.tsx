import type { StoredDiscount } from '@round-mint/contract/discounts';
import { useState } from 'react';
import { DateField } from '@/features/shared/inputs/DateField';
import { AddSheet } from '@/features/shared/screen/AddSheet';
import { useArchive } from '@/features/shared/screen/use-archive';
import { useSettings } from '@/features/shared/settings/use-settings';
import { useRemoveDiscountMutation, useSaveDiscountMutation } from '@/store/discounts-api';
import { newId } from '@/store/new-id';
import { useKeptForm } from '@/store/use-kept-form';
import { LabelledChoices } from '@/ui/Choices';
import { Field } from '@/ui/Field';
import { TextButton } from '@/ui/TextButton';
import { discountTexts, parseDiscount } from './discount-model';

const KINDS = [
  { value: 'share', label: 'a share of the price' },
  { value: 'sum', label: 'a sum' },
] as const;

const WHOSE = [
  { value: 'any', label: 'every order' },
  { value: 'first', label: 'first order only' },
] as const;

interface DiscountSheetProps {
  discount: StoredDiscount | undefined;
  onClose: () => void;
}

/** A discount, new or changed. */
export function DiscountSheet({ discount, onClose }: DiscountSheetProps) {
  const { currency } = useSettings();
  const [id] = useState(() => discount?.id ?? newId());
  const { texts, type, base, problems, refuse, keep, sheet } = useKeptForm({
    name: `discount/${discount?.id ?? 'new'}`,
    start: discountTexts(discount),
    thing: discount,
    onClose,
  });
  const [save, { isLoading }] = useSaveDiscountMutation();
  const [remove] = useRemoveDiscountMutation();
  const archive = useArchive('discount', remove);
  const submit = async () => {
    const parsed = parseDiscount(texts, id);
    if (!parsed.ok) {
      refuse(parsed.problems);
      return;
    }
    await keep(() => save({ ...parsed.discount, isNew: base === undefined, base }).unwrap());
  };
  return (
    <AddSheet
      title={discount ? discount.code : 'A new discount'}
      action={discount ? 'Save changes' : 'Add the discount'}
      open
      saving={isLoading}
      {...sheet}
      onAdd={() => void submit()}
    >
      <Field
        label="Code"
        required
        value={texts.code}
        error={problems['code']}
        hint="What the customer tells you, such as SPRING."
        autoCapitalize="characters"
        maxLength={20}
        onChangeText={(code) => type({ code })}
      />
      <LabelledChoices
        label="Takes off"
        choices={KINDS}
        value={texts.kind}
        onChange={(kind) => type({ kind })}
        minWidth={130}
      />
      <Field
        label={texts.kind === 'share' ? 'Share of the price' : 'Sum'}
        unit={texts.kind === 'share' ? '%' : currency}
        inputMode="decimal"
        value={texts.amount}
        error={problems['amount']}
        onChangeText={(amount) => type({ amount })}
      />
      <DateField
        label="From"
        value={texts.from}
        error={problems['from']}
        hint="Left empty, it holds at once."
        mayBePast
        onChange={(from) => type({ from })}
      />
      <DateField
        label="Until"
        value={texts.until}
        error={problems['until']}
        hint="The last day. Left empty, it does not end."
        onChange={(until) => type({ until })}
      />
      <LabelledChoices
        label="For"
        choices={WHOSE}
        value={texts.firstOrder}
        onChange={(firstOrder) => type({ firstOrder })}
        minWidth={130}
      />
      <Field
        label="Notes"
        value={texts.notes}
        error={problems['notes']}
        multiline
        onChangeText={(notes) => type({ notes })}
      />
      {discount ? (
        <TextButton
          label="Archive"
          describe={`Archive ${discount.code}`}
          onPress={() => {
            void archive({ id: discount.id, name: discount.code });
            onClose();
          }}
        />
      ) : null}
    </AddSheet>
  );
}
