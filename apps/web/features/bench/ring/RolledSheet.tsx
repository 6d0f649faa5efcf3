import type { RollingStep } from '@round-mint/core/steps';
import { useState } from 'react';
import { Pressable } from 'react-native';
import { RadioGroup } from '@/ui/RadioGroup';
import { TakeFrom } from '@/features/shared/inputs/TakeFrom';
import type { BenchLog } from '@/features/shared/ring/use-bench-log';
import { useBenchTraits } from '@/store/use-bench-traits';
import { NumberPad } from '@/ui/NumberPad';
import { Sheet } from '@/ui/Sheet';
import { Type } from '@/ui/Type';
import {
  expectedRolled,
  PART_WORDS,
  readRolled,
  rolledDoubtWords,
  ROLLED_PARTS,
  type RolledPart,
  type RolledTexts,
} from './rolled-model';
import { LogFooter } from './LogFooter';

interface RolledSheetProps {
  readonly index: number;
  readonly rolling: RollingStep;
  readonly log: BenchLog;
  readonly onClose: () => void;
}

const NOTHING: RolledTexts = { thicknessMm: '', widthMm: '', lengthMm: '' };
const DECIMALS: Readonly<Record<RolledPart, number>> = { thicknessMm: 2, widthMm: 1, lengthMm: 0 };

interface PartTileProps {
  readonly part: RolledPart;
  readonly text: string;
  readonly plannedMm: number;
  readonly active: boolean;
  readonly onPress: () => void;
}

/** One of the three, beside what the plan expects. */
function PartTile({ part, text, plannedMm, active, onPress }: PartTileProps) {
  const name = PART_WORDS[part];
  return (
    <Pressable
      role="radio"
      aria-checked={active}
      aria-label={`${name}: ${text === '' ? 'not read' : `${text} mm`}`}
      onPress={onPress}
      className={`flex-1 gap-0.5 rounded-sm px-2 py-2 active:opacity-70 ${active ? 'border-2 border-ink bg-fold' : 'border border-line'}`}
    >
      <Type as="label">{name}</Type>
      <Type as="figure">{text === '' ? '…' : text}</Type>
      <Type as="small">{`plan ${plannedMm.toFixed(DECIMALS[part])} mm`}</Type>
    </Pressable>
  );
}

/** A bar after a pass: its thickness, and where they were measured its width and its length. */
export function RolledSheet({ index, rolling, log, onClose }: RolledSheetProps) {
  const { spreadFactor } = useBenchTraits();
  const planned = expectedRolled(rolling, spreadFactor);
  const [texts, setTexts] = useState(NOTHING);
  const [part, setPart] = useState<RolledPart>('thicknessMm');
  const [asked, setAsked] = useState<string>();
  const read = readRolled(texts);
  const put = (text: string) => {
    setAsked(undefined);
    setTexts((before) => ({ ...before, [part]: text }));
  };
  const take = (mm: number) => {
    put(String(mm));
    // The next of them is measured next.
    setPart((here) => ROLLED_PARTS[ROLLED_PARTS.indexOf(here) + 1] ?? here);
  };
  const save = () => {
    if (!read) return;
    const doubt = rolledDoubtWords(rolling, read);
    if (doubt && asked === undefined) {
      setAsked(doubt);
      return;
    }
    log.log({ kind: 'rolled', step: index, ...read });
    onClose();
  };
  return (
    <Sheet
      title="Measure the strip"
      open
      onClose={onClose}
      footer={
        <LogFooter
          asked={asked}
          again="Measure again. If it is so, log it all the same."
          label="Log the strip"
          disabled={!read}
          onPress={save}
        />
      }
    >
      <RadioGroup label="What is measured" className="flex-row gap-2">
        {ROLLED_PARTS.map((one) => (
          <PartTile
            key={one}
            part={one}
            text={texts[one]}
            plannedMm={planned[one]}
            active={part === one}
            onPress={() => setPart(one)}
          />
        ))}
      </RadioGroup>
      <Type as="small">Thickness is enough; width and length make what comes next truer.</Type>
      <NumberPad text={texts[part]} onChange={put} />
      <TakeFrom device="calliper" onTake={take} />
    </Sheet>
  );
}
