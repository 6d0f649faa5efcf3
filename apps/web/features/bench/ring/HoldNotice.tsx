import type { Order } from '@round-mint/contract/orders';
import { useRouter } from 'expo-router';
import { Button } from '@/ui/Button';
import { Notice } from '@/ui/Notice';

/** The ring waits here for its customer: what cannot be undone is not done before. */
export function HoldNotice({ order }: { order: Order }) {
  const router = useRouter();
  const asked = order.approval === 'asked';
  return (
    <Notice
      level="stop"
      title={asked ? 'Held: the customer has been asked.' : 'Held: the customer decides first.'}
      live
      testID="hold"
      end={
        <Button
          label={asked ? 'The answer' : 'Ask'}
          describe={asked ? 'Log the answer of the customer' : 'Ask the customer for approval'}
          onPress={() => router.push({ pathname: '/orders/[id]', params: { id: order.id } })}
        />
      }
    >
      This step cannot be undone. Photo and readings go out before it; the order tells the rest.
    </Notice>
  );
}
