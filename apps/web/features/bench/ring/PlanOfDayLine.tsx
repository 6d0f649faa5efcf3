import { durationWords } from '@round-mint/core/format';
import { Link } from 'expo-router';
import { Pressable, View } from 'react-native';
import { clockWords, momentWords, wallMinutes } from '@/features/shared/words/wall-clock';
import { useNow } from '@/features/shared/ring/use-now';
import { useGetDayPlanQuery } from '@/store/trade-api';
import { Type } from '@/ui/Type';
import { verbOf, type BenchRing } from '@/features/shared/ring/bench-model';
import { behindMin, byPlan, plannedFor } from './plan-of-day';

/** Less than this is nothing to mention, minutes. */
const WORTH_SAYING_MIN = 5;

/** What the plan of the day says comes next, and how far the bench is behind it. */
export function PlanOfDayLine({ rings }: { rings: readonly BenchRing[] }) {
  const plan = useGetDayPlanQuery().data?.plan;
  const now = new Date(useNow(plan !== undefined && plan !== null));
  if (!plan) return null;
  const [first] = byPlan(plan, rings);
  const next = first && plannedFor(plan, first);
  if (!first || !next) return null;
  const behind = behindMin(plan, rings, now) ?? 0;
  const today = Math.floor(next.startMin / 1440) === Math.floor(wallMinutes(now) / 1440);
  const what = `${verbOf(next)}, ${first.ring.name}${next.byHelper ? ' (helper)' : ''}`;
  const when = today ? clockWords(next.workMin) : momentWords(next.workMin);
  return (
    <Link href="/orders/day" asChild>
      <Pressable
        aria-label={`By the day plan: ${when} ${what}. Open the day plan`}
        className="border-b border-line py-2 active:opacity-70"
      >
        <View testID="plan-of-day">
          <Type as="label">{`By the day plan ${when}: ${what}`}</Type>
          <Type as="small">
            {behind >= WORTH_SAYING_MIN
              ? `${durationWords(behind)} behind; plan from now again under Orders.`
              : 'On time.'}
          </Type>
        </View>
      </Pressable>
    </Link>
  );
}
