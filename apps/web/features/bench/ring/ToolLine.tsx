import type { BenchWord } from '@round-mint/core/bench';
import { pressesFor, type RouteStep } from '@round-mint/core/steps';
import { useState } from 'react';
import { View } from 'react-native';
import type { BenchLog } from '@/features/shared/ring/use-bench-log';
import { useListKitQuery } from '@/store/api';
import { Notice } from '@/ui/Notice';
import { TextButton } from '@/ui/TextButton';
import { Type } from '@/ui/Type';
import { toolsOfStep } from './change-model';
import { MarkToolSheet } from './MarkToolSheet';

interface ToolLineProps {
  word: NonNullable<BenchWord['step']>;
  kind: RouteStep['kind'];
  log: BenchLog;
}

/** What the step at hand is done with, what is wrong with that, and the way to say so. */
export function ToolLine({ word, kind, log }: ToolLineProps) {
  const kit = useListKitQuery().data ?? [];
  const [marking, setMarking] = useState(false);
  const { index, tool, toolId, toolWarning, spareId } = word;
  const spare = kit.find(({ id }) => id === spareId);
  const own = kit.filter(({ id }) => id === toolId);
  // Where it is not known which one is used, any of the step's may be the one.
  const tools = [...(own.length > 0 ? own : toolsOfStep(kind, kit)), ...pressesFor(kit, { kind })];
  return (
    <View>
      {tool || tools.length > 0 ? (
        <View className="flex-row items-center justify-between gap-3">
          <Type as="label" className="flex-1">
            {tool ? `With: ${tool}` : ''}
          </Type>
          {tools.length > 0 ? (
            <TextButton
              atBench
              label="Mark tool"
              describe="Mark a tool as dented, chipped or worn"
              onPress={() => setMarking(true)}
            />
          ) : null}
        </View>
      ) : null}
      {toolWarning ? (
        <Notice
          level="warn"
          title={toolWarning}
          testID="tool-warning"
          live
          end={
            spare ? (
              <TextButton
                atBench
                label="Use it"
                describe={`Use ${spare.name}`}
                onPress={() => log.log({ kind: 'tool-used', step: index, toolId: spare.id })}
              />
            ) : undefined
          }
        />
      ) : null}
      {own.some(({ spec }) => spec.kind === 'punch') ? (
        <Type as="small">Then out of its die: a punch left there rusts and chips.</Type>
      ) : null}
      {marking ? <MarkToolSheet tools={tools} log={log} onClose={() => setMarking(false)} /> : null}
    </View>
  );
}
