import { durationWords } from '@round-mint/core/format';
import { pastMark, stopAt, stopWords } from '@round-mint/core/bench';
import type { SizeSystemId } from '@round-mint/core/size';
import {
  COIN_EDGES,
  type EdgeNames,
  type RouteStep,
  type TapeUse,
  UNKNOWN_DIE,
} from '@round-mint/core/steps';
import { useState } from 'react';
import { View } from 'react-native';
import { StepIcon } from '@/drawings/route/StepIcon';
import { useSettings, useWriters, type Writers } from '@/features/shared/settings/use-settings';
import { PaperButton } from '@/features/shared/print/PaperButton';
import { tapeWords } from '@/features/shared/words/tape-words';
import { Button } from '@/ui/Button';
import { Sheet } from '@/ui/Sheet';
import { Type } from '@/ui/Type';
import { routePaper } from './route-paper';

/** Tape of all passes together. */
function allTape(steps: readonly RouteStep[]): TapeUse | undefined {
  const uses = steps.flatMap(({ tape }) => tape ?? []);
  if (uses.length === 0) return undefined;
  const sum = (of: (use: TapeUse) => number) => uses.reduce((total, use) => total + of(use), 0);
  return { turns: sum(({ turns }) => turns), lengthMm: sum(({ lengthMm }) => lengthMm) };
}

/** The stopping mark of a step, as the bench will say it, and how far past it the tool is taken. */
function markWords(
  step: RouteStep,
  system: SizeSystemId,
  write: Writers,
  names: EdgeNames,
): string | undefined {
  const stop = step.reading && stopAt(step, system);
  if (!stop) return undefined;
  const { kind, funnel = UNKNOWN_DIE } = step;
  const mark = stopWords(stop, system, names);
  if (kind === 'fold') {
    return `about ${mark}; ${
      funnel.scatterMm < UNKNOWN_DIE.scatterMm
        ? `nine of ten within ${write.length(funnel.scatterMm, 2)}, as this die’s readings say`
        : `each die differs, by up to ${write.amount(UNKNOWN_DIE.scatterMm)} either way`
    }`;
  }
  const past = pastMark(step, system);
  return `stop at ${mark}${past ? `; taken ${past.words} it` : ''}`;
}

/** What belongs to a step: its tool, where to stop, its tape. */
function linesOf(step: RouteStep, system: SizeSystemId, write: Writers, names: EdgeNames): readonly string[] {
  const lines = [
    step.tool,
    markWords(step, system, write, names),
    step.tape && tapeWords(step.tape, write.length),
  ];
  return lines.flatMap((line) => line || []);
}

interface StepRowProps {
  step: RouteStep;
  number: number;
  names: EdgeNames;
  isDone: boolean;
}

function StepRow({ step, number, names, isDone }: StepRowProps) {
  const write = useWriters();
  const { primarySystem } = useSettings();
  return (
    <View role="listitem" className="flex-row gap-3 border-b border-line py-2">
      <StepIcon kind={step.kind} size={28} />
      <View className="min-w-0 flex-1">
        <Type as="strong">{`${isDone ? '✓ ' : ''}${number}. ${step.title}${isDone ? ', done' : ''}`}</Type>
        {linesOf(step, primarySystem, write, names).map((line) => (
          <Type key={line} as="small">
            {line}
          </Type>
        ))}
        {(step.risks ?? []).map(({ message }) => (
          <Type key={message} as="small" className="text-heat">{`Take care: ${message}`}</Type>
        ))}
      </View>
      <Type as="small">{durationWords(step.handsOnMin + step.waitMin)}</Type>
    </View>
  );
}

interface RouteListProps {
  /** The piece and the size, for the sheet that hangs on the wall. */
  about: string;
  steps: readonly RouteStep[];
  /** So many of them are done already. */
  done?: number;
  /** What the ring's edges are called. */
  names?: EdgeNames;
  /** Pressed with dirty hands: as large as everything at the bench. */
  atBench?: boolean;
}

/** Every step with its tool, its readings and what to take care of; those to come also as a sheet for the wall. */
export function RouteList({ about, steps, done = 0, names = COIN_EDGES, atBench = false }: RouteListProps) {
  const [open, setOpen] = useState(false);
  const write = useWriters();
  const { primarySystem } = useSettings();
  const tape = allTape(steps);
  return (
    <View className="gap-2">
      <Button
        label={`All ${steps.length} steps, tools and readings`}
        onPress={() => setOpen(true)}
        className={atBench ? 'min-h-[56px]' : ''}
      />
      <Sheet
        title="The route"
        isText
        open={open}
        onClose={() => setOpen(false)}
        footer={
          <PaperButton
            label="Sheet for the wall as PDF"
            fileName={`route-${about}`}
            paper={() =>
              routePaper({ about, steps, done }, (step) => linesOf(step, primarySystem, write, names))
            }
          />
        }
      >
        {tape ? <Type as="small">{`PTFE tape for this ring: ${tapeWords(tape, write.length)}.`}</Type> : null}
        <View role="list" aria-label="Steps of the route">
          {steps.map((step, i) => (
            <StepRow key={`${step.title}-${i}`} step={step} number={i + 1} names={names} isDone={i < done} />
          ))}
        </View>
      </Sheet>
    </View>
  );
}
