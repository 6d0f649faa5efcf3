import { countWords, workWords } from '@round-mint/core/format';
import type { CustomerWish, WishAnswer, WishOption } from '@round-mint/core/trade';
import { Pressable, View } from 'react-native';
import { RadioGroup } from '@/ui/RadioGroup';
import { HandleThumb, RingThumb } from '@/features/shared/picture/RingThumb';
import { useWriters } from '@/features/shared/settings/use-settings';
import { Notice } from '@/ui/Notice';
import { Progress } from '@/ui/Progress';
import { Type } from '@/ui/Type';
import type { Job } from '@/workers/use-job';
import { optionKey } from './option-plan';

interface OptionProps {
  wish: CustomerWish | undefined;
  option: WishOption;
  chosen: boolean;
  onChoose: () => void;
}

function Option({ wish, option, chosen, onChoose }: OptionProps) {
  const write = useWriters();
  const { name, plan, bandWidthMm, handsOnMin, changes, price, annealCount } = option;
  const how = [
    plan.kind === 'coin' ? `hole ${write.length(plan.holeMm)}` : undefined,
    `${write.length(bandWidthMm)} wide`,
    countWords(annealCount, 'anneal'),
    workWords(handsOnMin),
    price === undefined ? undefined : `piece ${write.money(price)}`,
  ]
    .filter(Boolean)
    .join(' · ');
  return (
    <Pressable
      role="radio"
      aria-checked={chosen}
      aria-label={`${name}: ${[...changes, how].join(', ')}`}
      onPress={onChoose}
      className={`min-h-[56px] flex-row items-center gap-3 border-b px-3 py-2 active:opacity-70 ${chosen ? 'border-b-2 border-ink bg-fold' : 'border-line'}`}
    >
      <View className="min-w-0 flex-1 gap-0.5">
        <Type as="heading">{`${chosen ? '● ' : '○ '}${name}`}</Type>
        {changes.length > 0 ? <Type as="label">{`≠ ${changes.join(', ')}`}</Type> : null}
        <Type as="small">{how}</Type>
      </View>
      {wish && plan.kind === 'coin' ? (
        <RingThumb
          stockId={option.stockId}
          wish={{ ...plan, targetInsideDiameterMm: wish.targetInsideDiameterMm }}
          finish={wish.finish}
        />
      ) : null}
      {wish && plan.kind === 'handle' ? (
        <HandleThumb
          stockId={option.stockId}
          work={plan}
          targetInsideDiameterMm={wish.targetInsideDiameterMm}
          finish={wish.finish}
        />
      ) : null}
    </Pressable>
  );
}

interface AnswerListProps {
  /** What was asked. */
  wish: CustomerWish | undefined;
  job: Job<WishAnswer>;
  chosen: string | null;
  onChoose: (option: WishOption) => void;
}

/** What is possible from stock, what comes near, and why the rest is not. */
export function AnswerList({ wish, job, chosen, onChoose }: AnswerListProps) {
  const { answer, progress, problem, cancel } = job;
  const group = (label: string, options: readonly WishOption[]) =>
    options.length === 0 ? null : (
      <View className="gap-1">
        <Type as="heading">{label}</Type>
        <RadioGroup label={label}>
          {options.map((option) => (
            <Option
              key={optionKey(option)}
              wish={wish}
              option={option}
              chosen={chosen === optionKey(option)}
              onChoose={() => onChoose(option)}
            />
          ))}
        </RadioGroup>
      </View>
    );
  return (
    <View className="gap-3" testID="answers">
      {progress !== undefined ? (
        <Progress what="Looking through the stock" share={progress} onStop={cancel} />
      ) : null}
      {problem ? <Notice level="stop" title="The stock could not be searched." live /> : null}
      {answer && answer.options.length === 0 ? (
        <Notice level="stop" title="Not possible exactly from the stock." live testID="not-possible">
          {answer.alternatives.length > 0 ? 'Close options:' : 'Nothing comes close.'}
        </Notice>
      ) : null}
      {answer ? group('Possible from the stock', answer.options) : null}
      {answer ? group('To offer instead', answer.alternatives) : null}
      {answer && answer.whyNot.length > 0 ? (
        <View className="gap-1">
          <Type as="heading">Why not</Type>
          <View role="list" aria-label="Why not">
            {answer.whyNot.map(({ stockId, name, why }) => (
              <View key={stockId} role="listitem" className="border-b border-line py-1.5">
                <Type as="label">{name}</Type>
                <Type as="small">{why}</Type>
              </View>
            ))}
          </View>
        </View>
      ) : null}
      {!answer && progress === undefined && !problem ? (
        <Type as="small">Enter a size: what the stock can make shows here as you type.</Type>
      ) : null}
    </View>
  );
}
