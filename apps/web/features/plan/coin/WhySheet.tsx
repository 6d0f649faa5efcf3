import { remedyFor, symptomsToExpect } from '@round-mint/core/remedy';
import type { Symptom } from '@round-mint/core/ring';
import type { CoinRingPlan } from '@round-mint/core/route';
import { MISHAPS, type RingChances } from '@round-mint/core/uncertainty';
import { useState } from 'react';
import { View } from 'react-native';
import { RemedySheet } from '@/features/shared/remedies/RemedySheet';
import { ReasonList } from '@/features/plan/answer/ReasonList';
import { Notice } from '@/ui/Notice';
import { Sheet } from '@/ui/Sheet';
import { TextButton } from '@/ui/TextButton';
import { Type } from '@/ui/Type';

/** What befalls fewer than this is no reason to read up on it. */
const WORTH_READING = 0.005;

function expected(plan: CoinRingPlan, chances: RingChances | undefined): readonly Symptom[] {
  return symptomsToExpect({
    reasons: plan.reasons.map(({ code }) => code),
    risks: (plan.route?.risks ?? []).map(({ code }) => code),
    causes: MISHAPS.filter((mishap) => (chances?.chanceOf[mishap] ?? 0) >= WORTH_READING),
  });
}

interface WhySheetProps {
  plan: CoinRingPlan;
  chances: RingChances | undefined;
  open: boolean;
  onClose: () => void;
}

/** Everything that speaks for and against a plan, and what to do when it goes wrong. */
export function WhySheet({ plan, chances, open, onClose }: WhySheetProps) {
  const [symptom, setSymptom] = useState<Symptom>();
  const { feasible, reasons, route } = plan;
  return (
    <>
      <Sheet
        title={feasible ? 'What speaks for and against' : 'Why not, and what would work'}
        open={open && !symptom}
        onClose={onClose}
      >
        <ReasonList reasons={reasons} />
        {(route?.risks ?? []).map(({ code, message }) => (
          <Notice key={`${code}-${message}`} level="warn" title={message} />
        ))}
        <Type as="heading">When it goes wrong</Type>
        <View className="items-start">
          {expected(plan, chances).map((one) => (
            <TextButton key={one} label={remedyFor(one).title} onPress={() => setSymptom(one)} />
          ))}
        </View>
      </Sheet>
      <RemedySheet symptom={symptom} onClose={() => setSymptom(undefined)} />
    </>
  );
}
