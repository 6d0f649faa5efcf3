import type { OrderInList } from '@round-mint/contract/orders';
import { refusalLetter, type WishOption } from '@round-mint/core/trade';
import { useMemo, useRef, useState } from 'react';
import { View } from 'react-native';
import { AnswerList } from '@/features/orders/wish/AnswerList';
import { wishOfOrder } from '@/features/orders/wish/intake-model';
import { optionKey, planOfOption } from '@/features/orders/wish/option-plan';
import { PromiseLine } from '@/features/orders/promise/PromiseLine';
import { usePromise } from '@/features/orders/promise/use-promise';
import { useWishAnswer } from '@/features/orders/wish/use-wish-answer';
import { useWriters } from '@/features/shared/settings/use-settings';
import { newId } from '@/store/new-id';
import { useAddPlanMutation } from '@/store/api';
import { problemText } from '@/store/problem';
import { useSaveOrderMutation } from '@/store/trade-api';
import { Button } from '@/ui/Button';
import { Notice } from '@/ui/Notice';
import { LetterSheet } from './LetterSheet';
import { inputOf, wishWords } from '@/features/shared/words/order-words';
import { useLetterWords } from './use-letter-words';

/** How an order that is only a wish could be made; or words to turn it down. */
export function OrderAnswers({ order, person }: { order: OrderInList; person: string }) {
  const write = useWriters();
  const words = useLetterWords(person);
  const wish = useMemo(() => wishOfOrder(order), [order]);
  const job = useWishAnswer(wish);
  const [option, setOption] = useState<WishOption>();
  const [refusing, setRefusing] = useState(false);
  const [problem, setProblem] = useState<string>();
  const [addPlan, adding] = useAddPlanMutation();
  const [saveOrder, saving] = useSaveOrderMutation();
  const promise = usePromise(wish, option, order.approvalWanted);
  const planId = useRef(newId());
  const take = async () => {
    if (!option) return;
    setProblem(undefined);
    try {
      await addPlan(planOfOption(option, wish, { id: planId.current, name: order.name })).unwrap();
      await saveOrder({
        ...inputOf(order),
        planId: planId.current,
        stockId: option.stockId,
        isNew: false,
        base: order,
      }).unwrap();
    } catch (error) {
      setProblem(problemText(error));
    }
  };
  const { answer } = job;
  return (
    <View className="gap-3">
      <AnswerList wish={wish} job={job} chosen={option ? optionKey(option) : null} onChoose={setOption} />
      {option ? <PromiseLine job={promise} wantedBy={order.wantedBy} /> : null}
      {problem ? <Notice level="stop" title={problem} live /> : null}
      {option ? (
        <Button
          look="main"
          label="Choose this"
          disabled={adding.isLoading || saving.isLoading}
          onPress={() => void take()}
        />
      ) : null}
      {answer && answer.options.length === 0 ? (
        <Button label="Words to turn it down" onPress={() => setRefusing(true)} />
      ) : null}
      {refusing && answer ? (
        <LetterSheet
          title="Turn it down, with something to offer"
          letter={refusalLetter(words, wishWords(order, write), answer)}
          about={{ kind: 'refusal', personId: order.personId, orderId: order.id, photoIds: [] }}
          action="Put it into the outbox"
          onClose={() => setRefusing(false)}
        />
      ) : null}
    </View>
  );
}
