import type { RouteStep } from '@round-mint/core/steps';
import { useState } from 'react';
import { HandbookLink } from '@/features/shared/handbook/HandbookLink';
import { CAUTIONS } from '@/features/shared/handbook/sections';
import { Notice } from '@/ui/Notice';
import { TextButton } from '@/ui/TextButton';
import { useCautionSeen } from './use-caution-seen';

/** The first clause of a caution: what fits on a line. */
export function shortOf(caution: string): string {
  return caution.split(/[.;]/)[0] ?? caution;
}

/** The caution of a step: in full the first time, later one line that opens. */
export function CautionLine({ step, caution }: { step: RouteStep; caution: string }) {
  const seen = useCautionSeen(step.kind);
  const [open, setOpen] = useState(false);
  const short = shortOf(caution);
  if (!seen || open || short === caution) {
    return (
      <Notice
        level="warn"
        title={caution}
        testID="caution"
        end={<HandbookLink section={CAUTIONS} about="cautions" />}
      />
    );
  }
  return (
    <Notice
      level="warn"
      title={short}
      testID="caution"
      end={<TextButton label="all of it" describe="The whole caution" onPress={() => setOpen(true)} />}
    />
  );
}
