import type { OrderInList } from '@round-mint/contract/orders';
import { useState } from 'react';
import { View } from 'react-native';
import { Button } from '@/ui/Button';
import { Field } from '@/ui/Field';
import { TextButton } from '@/ui/TextButton';
import { Type } from '@/ui/Type';
import { useMoveOrder } from './use-move-order';

/** The customer's word without mail: given in the shop, or gone on without, with the reason. */
export function AnswerHere({ order, onDone }: { order: OrderInList; onDone: () => void }) {
  const { log, busy } = useMoveOrder();
  const [without, setWithout] = useState(false);
  const [why, setWhy] = useState('');
  const reason = why.trim();
  const agreed = async () => {
    const body = { kind: 'approval-answered', yes: true, words: '', by: 'seen' } as const;
    if (await log(order, body, `${order.name} may be finished.`)) onDone();
  };
  const goOn = async () => {
    const body = { kind: 'approval-overridden', why: reason } as const;
    if (await log(order, body, `${order.name} goes on without the customer’s word.`)) onDone();
  };
  return (
    <View className="gap-2">
      <Button label="Seen and agreed here" disabled={busy} onPress={() => void agreed()} />
      {without ? (
        <>
          <Field
            label="Why without"
            value={why}
            onChangeText={setWhy}
            hint="Kept with the order."
            maxLength={200}
          />
          <Button
            look="stop"
            label="Go on without their word"
            disabled={busy || reason === ''}
            onPress={() => void goOn()}
          />
          {reason === '' ? <Type as="small">Say why first.</Type> : null}
        </>
      ) : (
        <TextButton label="Go on without asking" onPress={() => setWithout(true)} />
      )}
    </View>
  );
}
