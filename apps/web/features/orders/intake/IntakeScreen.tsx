import { countWords } from '@round-mint/core/format';
import type { WishAnswer } from '@round-mint/core/trade';
import { useRouter } from 'expo-router';
import { useMemo, useState } from 'react';
import { ScrollView, View } from 'react-native';
import { PlaceHeader } from '@/features/shared/tabs/PlaceHeader';
import { useWidthClass } from '@/features/shared/screen/use-width';
import { useSettings } from '@/features/shared/settings/use-settings';
import { useAppDispatch, useAppSelector } from '@/store/store';
import { useListPeopleQuery } from '@/store/trade-api';
import { SaveButton } from '@/ui/SaveButton';
import { Screen } from '@/ui/Screen';
import { TextButton } from '@/ui/TextButton';
import { Type } from '@/ui/Type';
import { useProblemSum } from '@/ui/use-problem-sum';
import { AnswerList } from '@/features/orders/wish/AnswerList';
import { ExchangeLine } from './ExchangeLine';
import { FingerPart } from './FingerPart';
import { intakeOf } from '@/features/orders/wish/intake-model';
import { answerChosen, intakeCleared } from '@/features/orders/wish/intake-slice';
import { optionKey } from '@/features/orders/wish/option-plan';
import { PersonPart } from './PersonPart';
import { PromiseLine } from '@/features/orders/promise/PromiseLine';
import { TermsPart } from './TermsPart';
import { useKeepOrder } from './use-keep-order';
import { usePromise } from '@/features/orders/promise/use-promise';
import { useWishAnswer } from '@/features/orders/wish/use-wish-answer';
import { WishPart } from './WishPart';

const ANSWER_WIDTH = 430;

/** The intake with its live answers. */
function useIntake() {
  const { texts, chosen } = useAppSelector((state) => state.intake);
  const settings = useSettings();
  const intake = useMemo(() => intakeOf(texts, settings), [texts, settings]);
  // Only what the search depends on makes another question of it.
  const key = JSON.stringify(intake.wish);
  // eslint-disable-next-line react-hooks/exhaustive-deps
  const wish = useMemo(() => intake.wish, [key]);
  const answers = useWishAnswer(wish);
  const options = answers.answer ? [...answers.answer.options, ...answers.answer.alternatives] : [];
  const option = options.find((one) => optionKey(one) === chosen);
  const promise = usePromise(wish, option, texts.approvalWanted);
  return { texts, chosen, intake, wish, answers, options, option, promise };
}

/** The answers in a line, while the form hides them. */
function answerWords(answer: WishAnswer | undefined): string {
  if (!answer) return 'Enter a size to see what the stock can make.';
  const { options, alternatives } = answer;
  if (options.length > 0) return `✓ ${countWords(options.length, 'way')} to make it, below.`;
  return alternatives.length > 0
    ? `✕ Not exactly; ${countWords(alternatives.length, 'close option')} below.`
    : '✕ Not from the stock: see why below.';
}

/** A wish taken down in one flow; while it is written, the drawer answers. */
export function IntakeScreen() {
  const router = useRouter();
  const dispatch = useAppDispatch();
  const wide = useWidthClass() === 'wide';
  const people = useListPeopleQuery().data ?? [];
  const { texts, chosen, intake, wish, answers, options, option, promise } = useIntake();
  const { keep, busy, problem } = useKeepOrder((id) =>
    router.replace({ pathname: '/orders/[id]', params: { id } }),
  );
  const [wasTried, setTried] = useState(false);
  const { part, ...sum } = useProblemSum();
  const complete = Object.keys(intake.problems).length === 0 && intake.targetMm !== undefined;
  const save = () => {
    setTried(true);
    if (complete) void keep(texts, wish, option);
  };
  const form = (
    <View ref={part} className="gap-4">
      <PersonPart texts={texts} problems={texts.size || wasTried ? intake.problems : {}} people={people} />
      <FingerPart texts={texts} intake={intake} wasTried={wasTried} />
      <WishPart texts={texts} problems={intake.problems} />
      <TermsPart texts={texts} problems={intake.problems} />
    </View>
  );
  const answer = (
    <View className="gap-3">
      <AnswerList
        wish={wish}
        job={answers}
        chosen={chosen}
        onChoose={(one) => dispatch(answerChosen(optionKey(one)))}
      />
      <ExchangeLine
        texts={texts}
        targetMm={intake.targetMm}
        stockId={option?.stockId ?? options[0]?.stockId}
      />
      {option ? (
        <PromiseLine job={promise} wantedBy={complete ? texts.wantedBy.trim() || null : null} />
      ) : null}
    </View>
  );
  const footer = (
    <View className="gap-2">
      {wide ? null : <Type as="label">{answerWords(answers.answer)}</Type>}
      <SaveButton
        sum={sum}
        label={option ? 'Save with this option' : 'Save order'}
        saving={busy}
        problem={problem}
        onPress={save}
        testID="keep-order"
      />
    </View>
  );
  const startAgain = () => {
    dispatch(intakeCleared());
    setTried(false);
  };
  const clear = <TextButton label="Start again" onPress={startAgain} />;
  const head = (
    <PlaceHeader
      title="New order"
      note="Person, finger, ring, date: what can be made shows as you type"
      end={clear}
    />
  );
  if (!wide) {
    return (
      <Screen testID="intake-screen" header={head} footer={footer}>
        {form}
        <View className="border-t-2 border-ink pt-3">{answer}</View>
      </Screen>
    );
  }
  return (
    <View className="flex-1 flex-row" testID="intake-screen">
      <ScrollView className="min-w-0 flex-1" contentContainerClassName="gap-4 px-6 py-4">
        {head}
        {form}
      </ScrollView>
      <View style={{ width: ANSWER_WIDTH }} className="border-l border-line">
        <ScrollView contentContainerClassName="gap-3 px-4 py-4">
          <Type as="title" aria-level={2}>
            What can be made
          </Type>
          {answer}
        </ScrollView>
        <View className="border-t border-line px-4 py-3">{footer}</View>
      </View>
    </View>
  );
}
