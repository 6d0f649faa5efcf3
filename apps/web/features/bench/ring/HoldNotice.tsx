import type { OrderInList } from '@round-mint/contract/orders';
import { useRouter } from 'expo-router';
import { useState } from 'react';
import { AnswerHere } from '@/features/shared/ring/AnswerHere';
import { Button } from '@/ui/Button';
import { Notice } from '@/ui/Notice';
import { Sheet } from '@/ui/Sheet';
import { Type } from '@/ui/Type';

/** The ring waits here for its customer: what cannot be undone is not done before. */
export function HoldNotice({ order }: { order: OrderInList }) {
  const router = useRouter();
  const [open, setOpen] = useState(false);
  const asked = order.approval === 'asked';
  const close = () => setOpen(false);
  return (
    <>
      <Notice
        level="stop"
        title={asked ? 'Held: the customer has been asked.' : 'Held: the customer decides first.'}
        live
        testID="hold"
        end={
          <Button
            label={asked ? 'The answer' : 'Ask'}
            describe={asked ? 'Log the answer of the customer' : 'Ask the customer for approval'}
            onPress={() => setOpen(true)}
          />
        }
      >
        This step cannot be undone.
      </Notice>
      {open ? (
        <Sheet
          title="The customer decides first"
          open
          onClose={close}
          footer={
            <Button
              look="main"
              label={asked ? 'To the order: log the answer' : 'Send photo and readings'}
              onPress={() => {
                close();
                router.push({ pathname: '/orders/[id]', params: { id: order.id } });
              }}
            />
          }
        >
          <Type>
            {asked
              ? `${order.name}: photo and readings have gone out. Or the customer has seen it in the shop:`
              : `${order.name}: photo and readings go out from the order. Or show it in the shop:`}
          </Type>
          <AnswerHere order={order} onDone={close} />
        </Sheet>
      ) : null}
    </>
  );
}
