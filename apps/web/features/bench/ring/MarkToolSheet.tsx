import { capital } from '@round-mint/core/format';
import {
  FAULT_NAMES,
  faultEffect,
  faultsFor,
  faultWords,
  type Tool,
  type ToolFault,
} from '@round-mint/core/kit';
import { useState } from 'react';
import { View } from 'react-native';
import type { BenchLog } from '@/features/shared/ring/use-bench-log';
import { toolShownMarked } from '@/store/kit-api';
import { useAppDispatch } from '@/store/store';
import { Button } from '@/ui/Button';
import { LabelledChoices } from '@/ui/Choices';
import { Sheet } from '@/ui/Sheet';
import { Type } from '@/ui/Type';

interface MarkToolSheetProps {
  tools: readonly Tool[];
  log: BenchLog;
  onClose: () => void;
}

/** What is wrong with a tool, told in one tap; the ring and the day go with it. */
export function MarkToolSheet({ tools, log, onClose }: MarkToolSheetProps) {
  const dispatch = useAppDispatch();
  const [chosen, setChosen] = useState(tools[0]?.id);
  const tool = tools.find(({ id }) => id === chosen) ?? tools[0];
  if (!tool) return null;
  const { kind } = tool.spec;
  const marked = tool.faults ?? [];
  const mark = (fault: ToolFault) => {
    log.log({ kind: 'tool-marked', toolId: tool.id, fault });
    dispatch(toolShownMarked(tool.id, fault));
    onClose();
  };
  return (
    <Sheet title={`What is wrong with ${tool.name}?`} open onClose={onClose}>
      {tools.length > 1 ? (
        <LabelledChoices
          label="Which one"
          choices={tools.map(({ id, name }) => ({ value: id, label: name }))}
          value={tool.id}
          onChange={setChosen}
          minWidth={140}
        />
      ) : null}
      <View className="gap-2 pt-2">
        {faultsFor(kind).map((fault) => (
          <View key={fault} className="gap-0.5">
            <Button
              className="min-h-[56px]"
              label={capital(FAULT_NAMES[fault])}
              describe={faultWords(kind, fault)}
              disabled={marked.includes(fault)}
              onPress={() => mark(fault)}
            />
            <Type as="small">
              {marked.includes(fault) ? 'Marked so already.' : `${capital(faultEffect(kind, fault).does)}.`}
            </Type>
          </View>
        ))}
      </View>
      <Type as="small">
        Plans take another tool where one does as well, and say so where none does. Undo takes it back.
      </Type>
    </Sheet>
  );
}
