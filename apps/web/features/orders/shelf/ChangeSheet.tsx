import { shelfEventBodySchema, type ShelfEventInput, type ShelfRing } from '@round-mint/contract/shelf';
import { parseDecimal } from '@round-mint/core/format';
import { useRouter } from 'expo-router';
import { useState } from 'react';
import { View } from 'react-native';
import { DraftLine } from '@/features/shared/inputs/DraftLine';
import { useArchive } from '@/features/shared/screen/use-archive';
import { useWriters } from '@/features/shared/settings/use-settings';
import { PriceField } from '@/features/shared/shelf/PriceField';
import { problemsOf } from '@/store/problem';
import { useGetRingCostsQuery, useRemoveShelfRingMutation } from '@/store/shelf-api';
import { useFormDraft } from '@/store/use-form-draft';
import { Button } from '@/ui/Button';
import { LabelledChoices } from '@/ui/Choices';
import { Field } from '@/ui/Field';
import { Sheet } from '@/ui/Sheet';
import { Type } from '@/ui/Type';
import { useShelfLog } from './use-shelf-log';

const CHANGES = [
  { value: 'priced', label: 'another price' },
  { value: 'given-away', label: 'given away' },
  { value: 'taken-apart', label: 'taken apart' },
  { value: 'off', label: 'take it off' },
] as const;
type Change = (typeof CHANGES)[number]['value'];

const ACTIONS: Readonly<Record<Change, string>> = {
  priced: 'Set the price',
  'given-away': 'It is given away',
  'taken-apart': 'It is taken apart',
  off: 'Take it off the shelf',
};

interface Texts {
  readonly price: string;
  readonly who: string;
  readonly mass: string;
}

/** What was typed as an event; undefined for what is none. */
function bodyOf(change: Exclude<Change, 'off'>, { price, who, mass }: Texts) {
  const fields = {
    priced: { price: parseDecimal(price) },
    'given-away': { who: who.trim() },
    'taken-apart': { massG: parseDecimal(mass) },
  } as const;
  return shelfEventBodySchema.safeParse({ kind: change, ...fields[change] });
}

/** Anything else that can happen to a ring on the shelf. */
export function ChangeSheet({ item, onClose }: { item: ShelfRing; onClose: () => void }) {
  const { tell, busy } = useShelfLog(item);
  const { money } = useWriters();
  const router = useRouter();
  const costs = useGetRingCostsQuery(item.ringId).data?.actual;
  const [remove] = useRemoveShelfRingMutation();
  const archive = useArchive('shelf-ring', remove, 'is off the shelf');
  const [change, setChange] = useState<Change>('priced');
  const { texts, type, forget, line } = useFormDraft<Texts>(`shelf-change/${item.id}`, {
    ...{ price: item.price.toFixed(2), who: '', mass: item.ring.massG.toFixed(1) },
  });
  const [problems, setProblems] = useState<Readonly<Record<string, string>>>({});
  const done = (body: ShelfEventInput['body']) =>
    body.kind === 'priced' ? `${money(body.price)} from now on` : body.kind.replace('-', ' ');
  const submit = async () => {
    if (change === 'off') {
      if (await archive({ id: item.id, name: item.ring.name })) router.navigate('/orders/shelf');
      return;
    }
    const parsed = bodyOf(change, texts);
    if (!parsed.success) {
      setProblems(problemsOf(parsed.error));
      return;
    }
    if (!(await tell(parsed.data, done(parsed.data)))) return;
    forget();
    onClose();
  };
  return (
    <Sheet
      title={item.ring.name}
      open
      onClose={onClose}
      footer={
        <Button
          look={change === 'priced' ? 'main' : 'stop'}
          label={ACTIONS[change]}
          disabled={busy}
          onPress={() => void submit()}
        />
      }
    >
      <DraftLine {...line} />
      <LabelledChoices
        label="What happens to it"
        choices={CHANGES}
        value={change}
        onChange={setChange}
        minWidth={120}
      />
      <View className="gap-2">
        {change === 'priced' ? (
          <PriceField
            text={texts.price}
            onChange={(price) => type({ price })}
            costs={costs}
            showsProblem={problems['price'] !== undefined}
          />
        ) : null}
        {change === 'given-away' ? (
          <Field
            label="To whom"
            hint="May stay empty."
            value={texts.who}
            onChangeText={(who) => type({ who })}
          />
        ) : null}
        {change === 'taken-apart' ? (
          <Field
            label="Metal that is left"
            unit="g"
            inputMode="decimal"
            value={texts.mass}
            error={problems['massG']}
            hint="It goes into the scrap tin."
            onChangeText={(mass) => type({ mass })}
          />
        ) : null}
        {change === 'off' ? (
          <Type as="small">It is not for sale any more, and stands under “to put up”.</Type>
        ) : (
          <Type as="small">Each is kept in its history and can be undone.</Type>
        )}
      </View>
    </Sheet>
  );
}
