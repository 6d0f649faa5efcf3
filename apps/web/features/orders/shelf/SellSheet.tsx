import type { SaleInput, ShelfRing } from '@round-mint/contract/shelf';
import { feesOf, type SaleWay } from '@round-mint/core/trade';
import { useRouter } from 'expo-router';
import { useState } from 'react';
import { AddSheet } from '@/features/shared/screen/AddSheet';
import { DiscountField } from '@/features/orders/discounts/DiscountField';
import { useDiscount, type AskedDiscount } from '@/features/orders/discounts/use-discount';
import { PersonChoice } from '@/features/orders/people/PersonChoice';
import { useSettings, useWriters } from '@/features/shared/settings/use-settings';
import { PriceField } from '@/features/shared/shelf/PriceField';
import { AMOUNT_PROBLEM, readAmount } from '@/features/shared/inputs/read-amount';
import { dayWords } from '@/features/shared/words/wall-clock';
import { newId } from '@/store/new-id';
import { noticeShown } from '@/store/notices-slice';
import { problemText } from '@/store/problem';
import { useGetRingCostsQuery, useSellShelfRingMutation } from '@/store/shelf-api';
import { useAppDispatch } from '@/store/store';
import { useFormDraft } from '@/store/use-form-draft';
import { useListPeopleQuery, useSavePersonMutation } from '@/store/trade-api';
import { LabelledChoices } from '@/ui/Choices';
import { Field } from '@/ui/Field';
import { Notice } from '@/ui/Notice';
import { ProblemLine } from '@/ui/ProblemLine';
import { Type } from '@/ui/Type';
import { WAY_CHOICES } from './shelf-model';

const BUYERS = [
  { value: 'nobody', label: 'no name' },
  { value: 'known', label: 'known' },
  { value: 'new', label: 'new' },
] as const;
type Buyer = (typeof BUYERS)[number]['value'];

const HANDINGS = [
  { value: 'here', label: 'handed over', note: 'and paid' },
  { value: 'post', label: 'goes by post', note: 'the order stays open' },
] as const;

interface Texts {
  readonly price: string;
  readonly code: string;
  readonly inFull: boolean;
  readonly buyer: Buyer;
  readonly personId: string;
  readonly name: string;
  readonly email: string;
  readonly way: SaleWay;
  readonly handing: (typeof HANDINGS)[number]['value'];
  readonly post: string;
}

type Problems = Partial<Record<keyof Texts, string>>;

/** What is missing or wrong, and what would be accepted. */
function problemsIn(
  { price, buyer, personId, name, handing, post }: Texts,
  { answer }: AskedDiscount,
): Problems {
  return {
    ...(answer.kind === 'refused' ? { code: answer.why } : {}),
    ...(readAmount(price) === undefined ? { price: AMOUNT_PROBLEM } : {}),
    ...(buyer === 'known' && personId === '' ? { personId: 'choose who buys it' } : {}),
    ...(buyer === 'new' && name.trim() === '' ? { name: 'must not be empty' } : {}),
    ...(handing === 'post' && readAmount(post) === undefined ? { post: AMOUNT_PROBLEM } : {}),
    // Who is to be sent something has a name.
    ...(handing === 'post' && buyer === 'nobody' ? { buyer: 'say who it is sent to' } : {}),
  };
}

/** Keeps a sale: the buyer if new, then the sale itself. Pressed again after a failure, it is the same sale. */
function useSell({ id: shelfId, ring }: ShelfRing) {
  const dispatch = useAppDispatch();
  const write = useWriters();
  const router = useRouter();
  const [sell, selling] = useSellShelfRingMutation();
  const [savePerson, saving] = useSavePersonMutation();
  const [ids] = useState(() => ({ sale: newId(), order: newId(), person: newId() }));
  const [problem, setProblem] = useState<string>();
  const go = async (texts: Texts, { answer, toPay = 0 }: AskedDiscount): Promise<boolean> => {
    const { buyer, personId, name, email, way, handing, post } = texts;
    setProblem(undefined);
    const sale: SaleInput = {
      ...{ id: ids.sale, orderId: ids.order, at: new Date().toISOString(), way },
      personId: buyer === 'nobody' ? null : buyer === 'new' ? ids.person : personId,
      price: toPay,
      ...(answer.kind === 'given' ? { discount: answer.given } : {}),
      post: handing === 'post' ? (readAmount(post) ?? 0) : 0,
      handedOver: handing === 'here',
    };
    try {
      if (buyer === 'new') {
        const rest = { phone: '', address: '', notes: '', fingers: [] };
        await savePerson({
          ...{ id: ids.person, name: name.trim(), email: email.trim(), ...rest },
          isNew: true,
        }).unwrap();
      }
      const { order } = await sell({ shelfId, label: ring.name, ...sale }).unwrap();
      dispatch(noticeShown({ text: `${ring.name}: sold for ${write.money(sale.price)}.` }));
      if (order && buyer !== 'nobody') router.push({ pathname: '/orders/[id]', params: { id: ids.order } });
      return true;
    } catch (error) {
      setProblem(problemText(error));
      return false;
    }
  };
  return { go, problem, busy: selling.isLoading || saving.isLoading };
}

/** A ring is sold in one step: price, buyer, way, and whether it goes by post. */
export function SellSheet({ item, onClose }: { item: ShelfRing; onClose: () => void }) {
  const { trade, wayFees, currency } = useSettings();
  const people = useListPeopleQuery().data ?? [];
  const costs = useGetRingCostsQuery(item.ringId).data?.actual;
  const { go, problem, busy } = useSell(item);
  const [asked, setAsked] = useState(false);
  const { texts, type, forget, line } = useFormDraft<Texts>(`sale/${item.id}`, {
    ...{ price: item.price.toFixed(2), code: '', inFull: false },
    ...{ buyer: 'nobody', personId: '', name: '', email: '' },
    ...{ way: 'market', handing: 'here', post: trade.post.toFixed(2) },
  });
  const { floor } = item.ring;
  const discount = useDiscount({
    ...{ code: texts.code, inFull: texts.inFull, price: readAmount(texts.price), floor },
    personId: texts.buyer === 'known' && texts.personId !== '' ? texts.personId : undefined,
    isNew: texts.buyer === 'new',
  });
  const { answer } = discount;
  const problems = asked ? problemsIn(texts, discount) : {};
  const post = texts.handing === 'post' ? (readAmount(texts.post) ?? 0) : 0;
  const submit = async () => {
    setAsked(true);
    if (Object.keys(problemsIn(texts, discount)).length > 0) return;
    if (!(await go(texts, discount))) return;
    forget();
    onClose();
  };
  return (
    <AddSheet
      title={`Sell ${item.ring.name}`}
      action="Sold"
      open
      saving={busy}
      problem={problem}
      draft={line}
      onAdd={() => void submit()}
      onClose={onClose}
    >
      {item.reserved ? (
        <Notice
          level="warn"
          title={`Reserved for ${item.reserved.who} until ${dayWords(item.reserved.until)}.`}
        />
      ) : null}
      <PriceField
        text={texts.price}
        onChange={(price) => type({ price })}
        costs={costs && { ...costs, post, ...feesOf(trade, wayFees, texts.way) }}
        off={answer.kind === 'given' ? answer.less.off : 0}
        showsProblem={asked}
      />
      <DiscountField code={texts.code} inFull={texts.inFull} asked={discount} floor={floor} onChange={type} />
      <LabelledChoices
        label="Sold by"
        choices={WAY_CHOICES}
        value={texts.way}
        onChange={(way) => type({ way })}
      />
      <LabelledChoices
        label="How it goes"
        choices={HANDINGS}
        value={texts.handing}
        onChange={(handing) => type({ handing })}
        minWidth={150}
      />
      {texts.handing === 'post' ? (
        <Field
          label="Post and packing cost"
          unit={currency}
          inputMode="decimal"
          value={texts.post}
          error={problems.post}
          onChangeText={(text) => type({ post: text })}
        />
      ) : null}
      <LabelledChoices
        label="Buyer"
        choices={BUYERS}
        value={texts.buyer}
        onChange={(buyer) => type({ buyer })}
        invalid={problems.buyer !== undefined}
      />
      <ProblemLine text={problems.buyer} />
      {texts.buyer === 'known' ? (
        <PersonChoice
          people={people}
          value={texts.personId}
          onChange={(personId) => type({ personId })}
          invalid={problems.personId !== undefined}
        />
      ) : null}
      <ProblemLine text={problems.personId} />
      {texts.buyer === 'new' ? (
        <>
          <Field
            label="Name"
            required
            value={texts.name}
            error={problems.name}
            onChangeText={(name) => type({ name })}
          />
          <Field
            label="E-mail"
            inputMode="email"
            value={texts.email}
            onChangeText={(email) => type({ email })}
          />
        </>
      ) : null}
      <Type as="small">
        An order is made of it, with card and letter. Undo on the ring’s page puts it back.
      </Type>
    </AddSheet>
  );
}
