import { workWords, countWords } from '@round-mint/core/format';
import type { CoinRingPlan } from '@round-mint/core/route';
import { useState } from 'react';
import { View } from 'react-native';
import { between, lostWords } from '@/features/shared/words/chances-words';
import type { RingChances } from '@round-mint/core/uncertainty';
import { ToolNotices } from '@/features/shared/kit/ToolNotices';
import { useWriters } from '@/features/shared/settings/use-settings';
import { Notice } from '@/ui/Notice';
import { TextButton } from '@/ui/TextButton';
import { Type } from '@/ui/Type';
import { WhySheet } from './WhySheet';

function anneals(count: number): string {
  return countWords(count, 'anneal');
}

const METHOD_WORDS = {
  stepped: 'Folds, then stepped reduction under tape.',
  'over-stretch': 'Folds, stretches past the size and reduces.',
  straighten: 'Folds, stays tapered, straightens on cone and lid.',
  leave: 'Folds, goes straight to the size and is trued.',
} as const;

/** The verdict in a sentence. */
function verdictTitle({ feasible, method, annealCount, reasons, route }: CoinRingPlan): string {
  if (!feasible) return reasons[0]?.message ?? 'This ring cannot be made.';
  const how = method === 'stepped' ? METHOD_WORDS.stepped : METHOD_WORDS[route?.school ?? 'leave'];
  return `${how} ${anneals(annealCount)}.`;
}

/** Whether it can be made, by which way, and why; everything there is to say is one tap away. */
export function Verdict({ plan, chances }: { plan: CoinRingPlan; chances?: RingChances | undefined }) {
  const [open, setOpen] = useState(false);
  const { feasible, reasons, route } = plan;
  const { length } = useWriters();
  const first = reasons[0];
  const warnings = reasons.filter(({ level }) => level === 'warn');
  const line = feasible
    ? [
        chances && `${between(chances.widthMm, (mm) => length(mm))} wide, ${lostWords(chances)}.`,
        `${workWords(route?.totals.handsOnMin ?? 0, route?.totals.waitMin ?? 0)}.`,
        warnings[0]?.message,
      ]
        .filter(Boolean)
        .join(' ')
    : (first?.instead ?? '');
  return (
    <View testID="verdict">
      <Notice
        level={feasible ? (warnings.length > 0 ? 'warn' : 'good') : 'stop'}
        title={verdictTitle(plan)}
        live
        end={<TextButton label="why" describe="Why? All reasons" onPress={() => setOpen(true)} />}
      >
        {line}
      </Notice>
      {feasible && route ? <ToolNotices steps={route.steps} /> : null}
      <WhySheet plan={plan} chances={chances} open={open} onClose={() => setOpen(false)} />
    </View>
  );
}

/** The plan in a line, for where the drawing has been scrolled away. */
export function PlanSummary({ plan }: { plan: CoinRingPlan }) {
  const { length } = useWriters();
  const { feasible, bandWidthMm, thicknessCutEdgeMm, annealCount, reasons } = plan;
  const line = feasible
    ? `✓ ${length(bandWidthMm)} wide · cut edge ${length(thicknessCutEdgeMm)} · ${anneals(annealCount)}`
    : `✕ ${reasons[0]?.message ?? 'This ring cannot be made.'}`;
  return (
    <Type as="label" numberOfLines={1} testID="plan-summary" className={feasible ? '' : 'text-stop'}>
      {line}
    </Type>
  );
}
