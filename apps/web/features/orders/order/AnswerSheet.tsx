import type { OrderInList } from '@round-mint/contract/orders';
import type { AnswerWay } from '@round-mint/core/trade';
import { useState } from 'react';
import { Button } from '@/ui/Button';
import { LabelledChoices } from '@/ui/Choices';
import { Field } from '@/ui/Field';
import { Sheet } from '@/ui/Sheet';
import { Type } from '@/ui/Type';
import { useMoveOrder } from '@/features/shared/ring/use-move-order';

const BY = [
  { value: 'mail', label: 'by e-mail' },
  { value: 'told', label: 'told me' },
  { value: 'seen', label: 'seen here' },
] as const;

/** What the customer said to photo and readings; a yes lets the ring go on. */
export function AnswerSheet({ order, onClose }: { order: OrderInList; onClose: () => void }) {
  const { log, busy } = useMoveOrder();
  const [words, setWords] = useState('');
  const [by, setBy] = useState<AnswerWay>('mail');
  const answer = async (yes: boolean) => {
    const body = { kind: 'approval-answered', yes, words: words.trim(), by } as const;
    const done = yes ? `${order.name} may be finished.` : `${order.name} goes back to work.`;
    if (await log(order, body, done)) onClose();
  };
  return (
    <Sheet
      title="The customer’s answer"
      open
      onClose={onClose}
      footer={<Button look="main" label="Yes, go on" disabled={busy} onPress={() => void answer(true)} />}
    >
      <Type>{`${order.name} waits at the bench until its customer has said yes.`}</Type>
      <LabelledChoices label="How it came" choices={BY} value={by} onChange={setBy} />
      <Field label="In their words" value={words} onChangeText={setWords} multiline />
      <Button
        look="stop"
        label="No: something has to change"
        disabled={busy}
        onPress={() => void answer(false)}
      />
    </Sheet>
  );
}
