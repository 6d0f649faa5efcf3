import type { UnplacedRing } from '@round-mint/contract/shelf';
import { possiblePrice } from '@round-mint/core/trade';
import { useState } from 'react';
import { AddSheet } from '@/features/shared/screen/AddSheet';
import { useWriters } from '@/features/shared/settings/use-settings';
import { ringLine } from '@/features/shared/words/shelf-words';
import { newId } from '@/store/new-id';
import { noticeShown } from '@/store/notices-slice';
import { problemText } from '@/store/problem';
import { useGetRingCostsQuery, usePutOnShelfMutation } from '@/store/shelf-api';
import { useAppDispatch } from '@/store/store';
import { useFormDraft } from '@/store/use-form-draft';
import { Field } from '@/ui/Field';
import { Type } from '@/ui/Type';
import { PriceField } from './PriceField';
import { readAmount } from '@/features/shared/inputs/read-amount';

interface Typed {
  /** Undefined until a price is typed. */
  readonly price?: string;
  readonly story: string;
}

const NOTHING_TYPED: Typed = { story: '' };

interface PutUpSheetProps {
  ring: UnplacedRing;
  onClose: () => void;
  onDone?: ((shelfId: string) => void) | undefined;
}

/** A finished ring is put up for sale: the price is there already. */
export function PutUpSheet({ ring: { ringId, ring }, onClose, onDone }: PutUpSheetProps) {
  const dispatch = useAppDispatch();
  const write = useWriters();
  const costs = useGetRingCostsQuery(ringId).data?.actual;
  const [put, { isLoading }] = usePutOnShelfMutation();
  const [id] = useState(newId);
  const { texts, type, forget, line } = useFormDraft(`put-up/${ringId}`, NOTHING_TYPED);
  const [problem, setProblem] = useState<string>();
  const [asked, setAsked] = useState(false);
  // Until another one is typed, it is what its rates say.
  const text = texts.price ?? (costs && possiblePrice(costs))?.price.toFixed(2) ?? '';
  const price = readAmount(text);
  const submit = async () => {
    setAsked(true);
    if (price === undefined) return;
    try {
      await put({ id, ringId, price, story: texts.story.trim(), texts: null }).unwrap();
      dispatch(noticeShown({ text: `${ring.name} is for sale at ${write.money(price)}.` }));
      forget();
      onClose();
      onDone?.(id);
    } catch (error) {
      setProblem(problemText(error));
    }
  };
  return (
    <AddSheet
      title="Put it on the shelf"
      action="For sale"
      open
      saving={isLoading}
      problem={problem}
      draft={line}
      onAdd={() => void submit()}
      onClose={onClose}
    >
      <Type as="heading" aria-level={3}>
        {ring.name}
      </Type>
      <Type as="small">{ringLine(ring, write)}</Type>
      <PriceField text={text} onChange={(price) => type({ price })} costs={costs} showsProblem={asked} />
      <Field
        label="Its story"
        hint="A line for whoever looks at it. It can be written later."
        value={texts.story}
        maxLength={1000}
        multiline
        onChangeText={(story) => type({ story })}
      />
    </AddSheet>
  );
}
