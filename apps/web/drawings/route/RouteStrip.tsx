import { durationWords, workWords } from '@round-mint/core/format';
import type { RouteStep, RouteTotals } from '@round-mint/core/steps';
import { useEffect, useRef } from 'react';
import { ScrollView, View } from 'react-native';
import { Type } from '@/ui/Type';
import { StepIcon } from './StepIcon';

interface RouteStripProps {
  steps: readonly Pick<RouteStep, 'kind' | 'title' | 'handsOnMin' | 'waitMin'>[];
  /** Sums below the strip: of what is to come, where a step is at hand; left out in lists. */
  totals?: RouteTotals;
  /** The step at hand; earlier ones stand back. */
  current?: number;
}

/** Minutes of a step as heights, px. */
const PX_PER_MIN = 1.6;
const TALLEST = 22;
/** Width of one step, and how many done ones stay in sight before the one at hand. */
const STEP_PX = 34;
const STEPS_BEFORE = 3;

/** The steps as a strip of silhouettes; under each, hands-on minutes filled and waiting minutes outlined. */
export function RouteStrip({ steps, totals, current }: RouteStripProps) {
  const scroll = useRef<ScrollView>(null);
  useEffect(() => {
    if (current !== undefined)
      scroll.current?.scrollTo({ x: (current - STEPS_BEFORE) * STEP_PX, animated: false });
  }, [current]);
  return (
    <View className="gap-1">
      <ScrollView
        ref={scroll}
        horizontal
        tabIndex={0}
        role="list"
        aria-label={`Route of ${steps.length} steps`}
        contentContainerClassName="gap-0.5"
      >
        {steps.map((step, i) => {
          const here = i === current;
          const wait = step.waitMin > 0 ? `, ${step.waitMin} min waiting` : '';
          return (
            <View
              key={`${step.title}-${i}`}
              role="listitem"
              aria-label={`${i + 1}. ${step.title}, ${step.handsOnMin} min${wait}`}
              aria-current={here ? 'step' : undefined}
              className={`w-8 items-center pt-1 ${here ? 'border-b-2 border-ink bg-fold' : ''}`}
            >
              <StepIcon kind={step.kind} faded={current !== undefined && i < current} />
              <View style={{ height: TALLEST }} className="mt-1 flex-row items-start gap-0.5">
                <View
                  className="w-2 bg-ink"
                  style={{ height: Math.min(TALLEST, step.handsOnMin * PX_PER_MIN) }}
                />
                {step.waitMin > 0 ? (
                  <View
                    className="w-2 border border-soft"
                    style={{ height: Math.min(TALLEST, step.waitMin * PX_PER_MIN) }}
                  />
                ) : null}
              </View>
            </View>
          );
        })}
      </ScrollView>
      {totals ? <Totals totals={totals} toGo={current !== undefined} /> : null}
    </View>
  );
}

function Totals({ totals, toGo }: { totals: RouteTotals; toGo: boolean }) {
  return (
    <View className="flex-row items-center gap-2">
      <View className="h-2.5 w-2.5 bg-ink" />
      <Type as="small">{workWords(totals.handsOnMin)}</Type>
      <View className="ml-2 h-2.5 w-2.5 border border-soft" />
      <Type as="small">{`${durationWords(totals.waitMin)} waiting${toGo ? ' to go' : ''}`}</Type>
    </View>
  );
}
