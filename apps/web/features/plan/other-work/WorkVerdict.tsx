import { workWords, countWords } from '@round-mint/core/format';
import type { WorkPlan } from '@round-mint/core/work';
import { useState } from 'react';
import { View } from 'react-native';
import { ReasonList } from '@/features/plan/answer/ReasonList';
import { Notice } from '@/ui/Notice';
import { Sheet } from '@/ui/Sheet';
import { TextButton } from '@/ui/TextButton';

/** Whether it can be made, in a line; everything there is to say is one tap away. */
export function WorkVerdict({ plan }: { plan: WorkPlan }) {
  const [open, setOpen] = useState(false);
  const { feasible, reasons, steps, totals } = plan;
  const first = reasons[0];
  const warned = reasons.find(({ level }) => level === 'warn');
  const anneals = countWords(totals.anneals, 'anneal');
  const title = feasible ? `${steps.length} steps, ${anneals}.` : (first?.message ?? 'This cannot be made.');
  const line = feasible
    ? [`${workWords(totals.handsOnMin, totals.waitMin)}.`, warned?.message].filter(Boolean).join(' ')
    : (first?.instead ?? '');
  return (
    <View testID="verdict">
      <Notice
        level={feasible ? (warned ? 'warn' : 'good') : 'stop'}
        title={title}
        live
        end={<TextButton label="why" describe="Why? All reasons" onPress={() => setOpen(true)} />}
      >
        {line}
      </Notice>
      <Sheet
        title={feasible ? 'What speaks for and against' : 'Why not, and what would work'}
        open={open}
        onClose={() => setOpen(false)}
      >
        <ReasonList reasons={reasons} />
      </Sheet>
    </View>
  );
}
