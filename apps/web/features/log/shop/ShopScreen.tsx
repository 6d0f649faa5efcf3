import { capital, countWords, percentWords } from '@round-mint/core/format';
import { SALE_WAY_NAMES } from '@round-mint/core/trade';
import { shop } from '@round-mint/contract/endpoints-trade';
import { MM_PER_US_SIZE, SIZE_SYSTEMS, sizeMm } from '@round-mint/core/size';
import type { ShopNumbersAnswer } from '@round-mint/contract/shop';
import { remedyFor } from '@round-mint/core/remedy';
import { isSymptom } from '@round-mint/core/ring';
import { format } from 'date-fns/format';
import { View } from 'react-native';
import { useCopy } from '@/features/shared/screen/use-copy';
import { MonthBars, type MonthBar } from '@/drawings/bars/MonthBars';
import { LogTabs } from '@/features/shared/tabs/LogTabs';
import { useSettings, useWriters } from '@/features/shared/settings/use-settings';
import { PlaceHeader } from '@/features/shared/tabs/PlaceHeader';
import { addressOf } from '@/store/call';
import { useGetShopNumbersQuery } from '@/store/trade-api';
import { Button } from '@/ui/Button';
import { download } from '@/ui/download';
import { FactLine } from '@/ui/FactLine';
import { Screen } from '@/ui/Screen';
import { Type } from '@/ui/Type';
import { Empty, Fetched } from '@/ui/Waiting';
import { numbersText } from './numbers-text';

type Month = ShopNumbersAnswer['months'][number];

/** What the shop wants to know of itself: a small chart for each question. */
export function ShopScreen() {
  return (
    <Fetched from={useGetShopNumbersQuery()} what="the numbers of the shop">
      {(numbers) => <Shop numbers={numbers} />}
    </Fetched>
  );
}

function barsOf(
  months: readonly Month[],
  value: (month: Month) => number | null,
  lost?: (month: Month) => number,
): readonly MonthBar[] {
  return months.map((month) => ({
    // A letter a month: twelve stand beside each other on a phone.
    label: format(new Date(`${month.month}-15`), 'MMMMM'),
    value: value(month) ?? undefined,
    lost: lost?.(month),
  }));
}

interface QuestionProps {
  question: string;
  answer: string;
  bars: readonly MonthBar[];
  write: (value: number) => string;
}

function Question({ question, answer, bars, write }: QuestionProps) {
  return (
    <View className="min-w-[320px] flex-1 two:min-w-[460px] gap-1 border-b border-line pb-3">
      <Type as="heading">{question}</Type>
      <Type as="small">{answer}</Type>
      <MonthBars bars={bars} write={write} describe={`${question} ${answer}`} />
    </View>
  );
}

/** The mean of what is known of the last three months against the three before. */
function trend(values: readonly (number | null)[]): { readonly now?: number; readonly before?: number } {
  const mean = (part: readonly (number | null)[]) => {
    const known = part.filter((value) => value !== null);
    return known.length === 0 ? undefined : known.reduce((sum, value) => sum + value, 0) / known.length;
  };
  const [now, before] = [mean(values.slice(-3)), mean(values.slice(-6, -3))];
  return { ...(now === undefined ? {} : { now }), ...(before === undefined ? {} : { before }) };
}

function trendWords(values: readonly (number | null)[], write: (value: number) => string): string {
  const { now, before } = trend(values);
  if (now === undefined) return 'Nothing is known yet.';
  if (before === undefined) return `${write(now)} on average over the last three months.`;
  return `${write(now)} on average over the last three months, ${write(before)} over the three before.`;
}

const WAY_NAMES = { ...SALE_WAY_NAMES, order: 'to order' } as const;

/** What each way of selling brought, the best first. */
function Ways({ byWay }: Pick<ShopNumbersAnswer, 'byWay'>) {
  const { money } = useWriters();
  if (byWay.length === 0) return null;
  return (
    <View className="gap-1">
      <Type as="heading">What each way of selling brought</Type>
      <View role="list" aria-label="What each way of selling brought">
        {byWay.map(({ way, sales, income, fees, margin, marginPerHour }) => (
          <FactLine
            key={way}
            name={`${capital(WAY_NAMES[way])}, ${countWords(sales, 'ring')}`}
            value={`${money(margin)} left of ${money(income)}, ${money(fees)} fees${marginPerHour === null ? '' : `, ${money(marginPerHour)} an hour`}`}
          />
        ))}
      </View>
    </View>
  );
}

function Shop({ numbers }: { numbers: ShopNumbersAnswer }) {
  const { money } = useWriters();
  const { primarySystem } = useSettings();
  const copyOut = useCopy();
  const copy = () => copyOut(numbersText(numbers), 'The numbers were');
  const { months, spoiltShare, spoiltBy, marginShare, byWay, shelf } = numbers;
  const year = Number((months.at(-1)?.month ?? '').slice(0, 4));
  const count = (value: number) => String(Math.round(value * 10) / 10);
  const hours = (value: number) => `${value.toFixed(1)} h`;
  const sizes = (value: number) => value.toFixed(2);
  const offSizes = ({ sizeErrorUs }: (typeof months)[number]) =>
    sizeErrorUs === null ? null : (sizeErrorUs * MM_PER_US_SIZE) / sizeMm(primarySystem);
  const header = (
    <>
      <PlaceHeader title="Log" note="Twelve months of the shop" />
      <LogTabs here="Shop" />
    </>
  );
  if (marginShare === null && months.every(({ finished, spoilt }) => finished + spoilt === 0)) {
    return (
      <Screen maxWidth={1100} testID="shop-screen" header={header}>
        <Empty title="Nothing to count yet.">
          Rings that are finished or spoilt, and orders that are closed, are counted here month by month.
          Finish one at the bench.
        </Empty>
      </Screen>
    );
  }
  return (
    <Screen maxWidth={1100} testID="shop-screen" header={header}>
      <View className="flex-row flex-wrap gap-x-6 gap-y-3">
        <Question
          question="Rings finished"
          answer={`${trendWords(
            months.map(({ finished }) => finished),
            count,
          )} Dashed on top: spoilt.`}
          bars={barsOf(
            months,
            ({ finished }) => finished,
            ({ spoilt }) => spoilt,
          )}
          write={count}
        />
        <Question
          question="Hours per ring"
          answer={`${trendWords(
            months.map(({ hoursEach }) => hoursEach),
            hours,
          )} Finished rings bear the hours of spoilt ones.`}
          bars={barsOf(months, ({ hoursEach }) => hoursEach)}
          write={count}
        />
        <Question
          question="Off size"
          answer={`${SIZE_SYSTEMS[primarySystem].prefix} sizes off, either way. ${trendWords(
            months.map(offSizes),
            sizes,
          )}`}
          bars={barsOf(months, offSizes)}
          write={sizes}
        />
        <Question
          question="Profit"
          answer={
            marginShare === null
              ? 'No order was closed yet.'
              : `${percentWords(marginShare)} of what customers paid, after metal, hours, fees and post.`
          }
          bars={barsOf(months, ({ margin, income }) => (income === 0 ? null : margin))}
          write={(value) => String(Math.round(value))}
        />
      </View>
      <View className="gap-1">
        <Type as="heading">What spoils rings?</Type>
        <Type as="small">{`${percentWords(spoiltShare)} of the rings that were begun.`}</Type>
        <View role="list" aria-label="What spoils rings">
          {spoiltBy.map(({ cause, count: times }) => (
            <FactLine
              key={cause}
              name={isSymptom(cause) ? remedyFor(cause).title : cause}
              value={times === 1 ? 'once' : `${times} times`}
            />
          ))}
        </View>
      </View>
      <Ways byWay={byWay} />
      <View role="list" aria-label="On the shelf">
        <FactLine
          name="On the shelf"
          value={`${countWords(shelf.rings, 'ring')}, ${money(shelf.atPrice)} at their prices, ${money(shelf.atCost)} at what they cost`}
        />
      </View>
      <Button
        label={`Sales of ${year} as CSV`}
        onPress={() => download(`${addressOf(shop.yearCsv, {})}?year=${year}`)}
      />
      <Button label="Copy the numbers" onPress={() => void copy()} />
      <Type as="small">{`Margins in ${money(0).split(' ')[1] ?? ''}, from closed orders: price less what the ring really took.`}</Type>
    </Screen>
  );
}
