import type { UnplacedRing } from '@round-mint/contract/shelf';
import { useState } from 'react';
import { useWriters } from '@/features/shared/settings/use-settings';
import { ringLine } from '@/features/shared/words/shelf-words';
import { newId } from '@/store/new-id';
import { noticeShown } from '@/store/notices-slice';
import { problemText } from '@/store/problem';
import { useGetRingCostsQuery, usePutOnShelfMutation } from '@/store/shelf-api';
import { useAppDispatch } from '@/store/store';
import { Button } from '@/ui/Button';
import { Field } from '@/ui/Field';
import { Notice } from '@/ui/Notice';
import { Sheet } from '@/ui/Sheet';
import { Type } from '@/ui/Type';
import { PriceField, proposedPrice } from './PriceField';
import { readAmount } from './read-amount';

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
  const [typed, setTyped] = useState<string>();
  const [story, setStory] = useState('');
  const [problem, setProblem] = useState<string>();
  const [asked, setAsked] = useState(false);
  const text = typed ?? proposedPrice(costs)?.price.toFixed(2) ?? '';
  const price = readAmount(text);
  const submit = async () => {
    setAsked(true);
    if (price === undefined) return;
    try {
      await put({ id, ringId, price, story: story.trim(), texts: null }).unwrap();
      dispatch(noticeShown({ text: `${ring.name} is for sale at ${write.money(price)}.` }));
      onClose();
      onDone?.(id);
    } catch (error) {
      setProblem(problemText(error));
    }
  };
  return (
    <Sheet
      title="Put it on the shelf"
      open
      onClose={onClose}
      footer={
        <Button
          look="main"
          label="For sale"
          disabled={isLoading}
          onPress={() => void submit()}
          testID="put-up"
        />
      }
    >
      <Type as="heading" aria-level={3}>
        {ring.name}
      </Type>
      <Type as="small">{ringLine(ring, write)}</Type>
      <PriceField text={text} onChange={setTyped} costs={costs} showsProblem={asked} />
      <Field
        label="Its story"
        hint="A line for whoever looks at it. It can be written later."
        value={story}
        maxLength={1000}
        multiline
        onChangeText={setStory}
      />
      {problem ? <Notice level="stop" title={problem} live /> : null}
    </Sheet>
  );
}
