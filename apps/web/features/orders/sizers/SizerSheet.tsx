import type { Person } from '@round-mint/contract/people';
import { sizerInputSchema, type StoredSizer } from '@round-mint/contract/sizers';
import { parseDecimal } from '@round-mint/core/format';
import { useMemo, useState } from 'react';
import { View } from 'react-native';
import { DateField } from '@/features/shared/inputs/DateField';
import { dayFromNow } from '@/features/shared/words/wall-clock';
import { PersonChoice } from '@/features/orders/people/PersonChoice';
import { inputOf } from '@/features/shared/words/order-words';
import { useSettings } from '@/features/shared/settings/use-settings';
import { AddSheet } from '@/features/shared/screen/AddSheet';
import { useArchive } from '@/features/shared/screen/use-archive';
import { usePages } from '@/store/lists';
import { newId } from '@/store/new-id';
import { problemsOf, problemText } from '@/store/problem';
import {
  useOrderPagesInfiniteQuery,
  useRemoveSizerMutation,
  useSaveOrderMutation,
  useSaveSizerMutation,
} from '@/store/trade-api';
import { useKeptForm } from '@/store/use-kept-form';
import { Choices, LabelledChoices } from '@/ui/Choices';
import { Field } from '@/ui/Field';
import { ProblemLine } from '@/ui/ProblemLine';
import { TextButton } from '@/ui/TextButton';
import { Type } from '@/ui/Type';

const TRUTHS = [
  { value: 'no', label: 'no' },
  { value: 'yes', label: 'yes' },
] as const;

const truth = (yes: boolean) => (yes ? 'yes' : 'no');

function startTexts(sizer: StoredSizer | undefined) {
  return {
    personId: sizer?.personId ?? '',
    sentOn: sizer?.sentOn ?? dayFromNow(),
    cost: String(sizer?.cost ?? 3.4),
    paid: String(sizer?.paid ?? 0),
    coupon: String(sizer?.coupon ?? 0),
    couponCode: sizer?.couponCode ?? '',
    couponUsed: truth(sizer?.couponUsed ?? false),
    guarantee: truth(sizer?.guarantee ?? false),
    notes: sizer?.notes ?? '',
  };
}

interface SizerSheetProps {
  sizer: StoredSizer | undefined;
  people: readonly Person[];
  onClose: () => void;
}

/** A sizer that goes out, or what became of it. */
export function SizerSheet({ sizer, people, onClose }: SizerSheetProps) {
  const { currency } = useSettings();
  const [id] = useState(() => sizer?.id ?? newId());
  const { texts, type, base, problems, refuse, keep, sheet } = useKeptForm({
    name: `sizer/${sizer?.id ?? 'new'}`,
    start: startTexts(sizer),
    thing: sizer,
    onClose,
  });
  const theirs = useMemo(() => ({ personId: texts.personId }), [texts.personId]);
  const { data: orders = [] } = usePages(useOrderPagesInfiniteQuery(theirs, { skip: texts.personId === '' }));
  const [save, { isLoading }] = useSaveSizerMutation();
  const [saveOrder] = useSaveOrderMutation();
  const [remove] = useRemoveSizerMutation();
  const archive = useArchive('sizer', remove);
  const led = orders.find(({ sizerId }) => sizerId === id);
  const submit = async () => {
    const parsed = sizerInputSchema.safeParse({
      ...texts,
      id,
      cost: parseDecimal(texts.cost),
      paid: parseDecimal(texts.paid),
      coupon: parseDecimal(texts.coupon),
      couponUsed: texts.couponUsed === 'yes',
      guarantee: texts.guarantee === 'yes',
    });
    if (!parsed.success) {
      refuse(problemsOf(parsed.error));
      return;
    }
    await keep(() => save({ ...parsed.data, isNew: base === undefined, base }).unwrap());
  };
  /** The order that it led to: only one can be. */
  const lead = async (orderId: string) => {
    try {
      for (const order of orders) {
        const sizerId = order.id === orderId ? id : order.sizerId === id ? null : order.sizerId;
        if (sizerId === order.sizerId) continue;
        await saveOrder({ ...inputOf(order), sizerId, isNew: false, base: order }).unwrap();
      }
    } catch (error) {
      refuse({ server: problemText(error) });
    }
  };
  const money = (key: 'cost' | 'paid' | 'coupon', label: string) => (
    <Field
      className="flex-1"
      label={label}
      unit={currency}
      inputMode="decimal"
      value={texts[key]}
      error={problems[key]}
      onChangeText={(text) => type({ [key]: text })}
    />
  );
  return (
    <AddSheet
      title={sizer ? 'What became of this sizer' : 'Send a sizer'}
      action={sizer ? 'Save changes' : 'It is sent'}
      open
      saving={isLoading}
      {...sheet}
      onAdd={() => void submit()}
    >
      <Type as="label">To</Type>
      <PersonChoice
        people={people}
        value={texts.personId}
        onChange={(personId) => type({ personId })}
        invalid={problems['personId'] !== undefined}
      />
      <ProblemLine text={problems['personId'] && 'choose who it goes to; add a person first'} />
      <DateField
        label="Sent on"
        value={texts.sentOn}
        error={problems['sentOn']}
        mayBePast
        onChange={(sentOn) => type({ sentOn })}
      />
      <View className="flex-row gap-3">
        {money('cost', 'Cost, with post')}
        {money('paid', 'Paid for it')}
        {money('coupon', 'Coupon')}
      </View>
      <Field
        label="Code of the coupon"
        value={texts.couponCode}
        error={problems['couponCode']}
        onChangeText={(couponCode) => type({ couponCode })}
      />
      <LabelledChoices
        label="Coupon used"
        choices={TRUTHS}
        value={texts.couponUsed}
        onChange={(couponUsed) => type({ couponUsed })}
      />
      <Type as="label">Free resize guaranteed, when it was used</Type>
      <Choices
        label="Free resize guaranteed"
        choices={TRUTHS}
        value={texts.guarantee}
        onChange={(guarantee) => type({ guarantee })}
      />
      {sizer && orders.length > 0 ? (
        <>
          <LabelledChoices
            label="Led to"
            choices={[
              { value: '', label: 'no order' },
              ...orders.map(({ id: value, name }) => ({ value, label: name })),
            ]}
            value={led?.id ?? ''}
            onChange={(orderId) => void lead(orderId)}
            minWidth={130}
          />
        </>
      ) : null}
      {sizer ? (
        <TextButton
          label="Archive"
          describe="Archive this sizer"
          onPress={() => {
            void archive({ id: sizer.id, name: 'The sizer' });
            onClose();
          }}
        />
      ) : null}
    </AddSheet>
  );
}
