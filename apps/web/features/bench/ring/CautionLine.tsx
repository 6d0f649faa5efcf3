import { useState } from 'react';
import { HandbookLink } from '@/features/shared/handbook/HandbookLink';
import { CAUTIONS } from '@/features/shared/handbook/sections';
import { Notice } from '@/ui/Notice';
import { TextButton } from '@/ui/TextButton';

/** The first clause of a caution: what fits on a line. */
export function shortOf(caution: string): string {
  return caution.split(/[.;]/)[0] ?? caution;
}

interface CautionLineProps {
  caution: string;
  /** It was read in full before. */
  seen: boolean;
}

/** The caution of a step: in full the first time, later one line that opens. */
export function CautionLine({ caution, seen }: CautionLineProps) {
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
      end={
        <TextButton label="all of it" atBench describe="The whole caution" onPress={() => setOpen(true)} />
      }
    />
  );
}
