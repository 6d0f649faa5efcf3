import type { OrderInList } from '@round-mint/contract/orders';
import { WALK_IN_ID } from '@round-mint/contract/shelf';
import { useRouter } from 'expo-router';
import { useRef, useState } from 'react';
import { View } from 'react-native';
import { newId } from '@/store/new-id';
import { useStartRingMutation } from '@/store/api';
import { problemText } from '@/store/problem';
import { useGetOrderCostsQuery, useSaveOrderMutation } from '@/store/trade-api';
import { Button } from '@/ui/Button';
import { Notice } from '@/ui/Notice';
import { AnswerSheet } from './AnswerSheet';
import { ApprovalSheet } from './ApprovalSheet';
import { CloseOutButton } from './CloseOutButton';
import { ACTION_WORDS, nextAction, type NextAction } from './order-model';
import { inputOf } from '@/features/shared/words/order-words';
import { QuoteSheet } from './QuoteSheet';
import { SaleLetterSheet } from './SaleLetterSheet';
import { useMoveOrder } from '@/features/shared/ring/use-move-order';

/** Takes an agreed order to the bench: its ring begins, and the order knows it. */
function useBegin(order: OrderInList) {
  const [startRing] = useStartRingMutation();
  const [saveOrder] = useSaveOrderMutation();
  const { move } = useMoveOrder();
  const [problem, setProblem] = useState<string>();
  const [busy, setBusy] = useState(false);
  // Pressed twice, it is one ring.
  const ringId = useRef(newId());
  const begin = async (): Promise<string | undefined> => {
    if (order.planId === null) return undefined;
    setBusy(true);
    setProblem(undefined);
    try {
      const id = ringId.current;
      await startRing({ id, planId: order.planId, name: order.name }).unwrap();
      await saveOrder({ ...inputOf(order), ringId: id, isNew: false, base: order }).unwrap();
      await move(order, 'in-work');
      return id;
    } catch (error) {
      setProblem(problemText(error));
      return undefined;
    } finally {
      setBusy(false);
    }
  };
  return { begin, problem, busy };
}

type Open = 'quote' | 'ask' | 'answer' | 'sale';

const MADE: readonly OrderInList['state'][] = ['ready', 'sent', 'closed'];

/** The next thing to do with an order, in thumb's reach. */
export function OrderActions({ order, person }: { order: OrderInList; person: string }) {
  const router = useRouter();
  const { move, busy: moving } = useMoveOrder();
  const { begin, problem, busy } = useBegin(order);
  const [open, setOpen] = useState<Open>();
  const costs = useGetOrderCostsQuery(order.id, { skip: order.planId === null }).data;
  const action = nextAction(order);
  const toBench = (id: string | null | undefined) => {
    if (id) router.push({ pathname: '/bench/[id]', params: { id } });
  };
  const acts: Partial<Record<NextAction, () => void>> = {
    quote: () => setOpen('quote'),
    agree: () => void move(order, 'agreed'),
    bench: () => void begin().then(toBench),
    work: () => toBench(order.ringId),
    ask: () => setOpen('ask'),
    answer: () => setOpen('answer'),
    ready: () => void move(order, 'ready'),
    send: () => void move(order, 'sent'),
    close: () => void move(order, 'closed'),
  };
  const act = acts[action];
  const { ringId } = order;
  const withRing = ringId === null ? undefined : { ...order, ringId };
  const quotable = costs?.planned ?? undefined;
  const card = withRing && MADE.includes(order.state);
  if (!act && !card) return null;
  return (
    <View className="gap-2 border-t border-line px-4 py-3">
      {problem ? <Notice level="stop" title={problem} live /> : null}
      {act ? (
        <Button
          look="main"
          label={ACTION_WORDS[action]}
          disabled={busy || moving || (action === 'quote' && !quotable)}
          onPress={act}
          testID="order-next"
        />
      ) : null}
      <View className="flex-row gap-2">
        {action === 'ask' || action === 'answer' ? (
          <View className="flex-1">
            <Button label={ACTION_WORDS.work} onPress={() => toBench(ringId)} />
          </View>
        ) : null}
        {action === 'agree' && quotable ? (
          <View className="flex-1">
            <Button label="Quote again" onPress={() => setOpen('quote')} />
          </View>
        ) : null}
        {card && order.shelfRingId !== undefined && order.personId !== WALK_IN_ID ? (
          <View className="flex-1">
            <Button label="Write to the buyer" onPress={() => setOpen('sale')} />
          </View>
        ) : null}
        {card ? (
          <View className="flex-1">
            <CloseOutButton order={withRing} person={person} />
          </View>
        ) : null}
      </View>
      {open === 'quote' && quotable ? (
        <QuoteSheet order={order} person={person} input={quotable} onClose={() => setOpen(undefined)} />
      ) : null}
      {open === 'ask' && withRing ? (
        <ApprovalSheet order={withRing} person={person} onClose={() => setOpen(undefined)} />
      ) : null}
      {open === 'sale' && withRing ? (
        <SaleLetterSheet order={withRing} person={person} onClose={() => setOpen(undefined)} />
      ) : null}
      {open === 'answer' ? <AnswerSheet order={order} onClose={() => setOpen(undefined)} /> : null}
    </View>
  );
}
