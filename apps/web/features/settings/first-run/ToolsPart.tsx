import Empty from 'lucide-react-native/icons/square';
import Ticked from 'lucide-react-native/icons/square-check';
import { COMMON_SETS, type ToolSet } from '@round-mint/core/kit';
import { toolInputSchema } from '@round-mint/contract/kit';
import { useState, type ReactNode } from 'react';
import { View } from 'react-native';
import { useListKitQuery, useSaveToolMutation } from '@/store/api';
import { EMPTY_TOOL } from '@/features/shared/kit/tool-draft';
import { ToolSheet } from '@/features/shared/kit/ToolSheet';
import { newId } from '@/store/new-id';
import { problemText } from '@/store/problem';
import { usePalette } from '@/theme/light';
import { Button } from '@/ui/Button';
import { CheckBox } from '@/ui/CheckBox';
import { Type } from '@/ui/Type';

interface ToolsAction {
  readonly label: string;
  readonly busy: boolean;
  readonly problem: string | undefined;
  readonly onPress: () => void;
}

interface ToolsPartProps {
  readonly onDone: () => void;
  readonly children: (sets: ReactNode, action: ToolsAction) => ReactNode;
}

function SetRow({ set, ticked, onPress }: { set: ToolSet; ticked: boolean; onPress: () => void }) {
  const palette = usePalette();
  return (
    <CheckBox
      checked={ticked}
      label={`${set.name}, ${set.about}`}
      onPress={onPress}
      className={`min-h-[56px] flex-row items-center gap-3 rounded-sm px-3 py-2 active:opacity-70 ${
        ticked ? 'border-2 border-ink bg-fold' : 'border border-line'
      }`}
    >
      {ticked ? <Ticked size={26} color={palette.ink} /> : <Empty size={26} color={palette.soft} />}
      <View className="flex-1">
        <Type as="strong">{set.name}</Type>
        <Type as="small">{set.about}</Type>
      </View>
    </CheckBox>
  );
}

/** Tools that are in no set, each with its own sizes; what is entered is there at once. */
function SingleTools() {
  const [open, setOpen] = useState(false);
  const tools = useListKitQuery().data ?? [];
  return (
    <View className="gap-1 pt-2">
      <Button label="Add a single tool" onPress={() => setOpen(true)} />
      {tools.length > 0 ? (
        <Type
          as="small"
          testID="tools-there"
        >{`In the kit: ${tools.map(({ name }) => name).join(', ')}.`}</Type>
      ) : null}
      {open ? <ToolSheet draft={EMPTY_TOOL} onClose={() => setOpen(false)} /> : null}
    </View>
  );
}

/** Which common sets are here: each ticked one is entered, tool by tool, to be corrected later. */
export function ToolsPart({ onDone, children }: ToolsPartProps) {
  const [ticked, setTicked] = useState<ReadonlySet<string>>(new Set());
  const [save] = useSaveToolMutation();
  const [busy, setBusy] = useState(false);
  const [problem, setProblem] = useState<string>();
  // Made once, so that a second try after a lost answer enters nothing twice.
  const [ids] = useState(
    () => new Map(COMMON_SETS.map(({ key, tools }) => [key, tools.map(() => newId())] as const)),
  );
  const turn = (key: string) =>
    setTicked((before) => {
      const next = new Set(before);
      if (!next.delete(key)) next.add(key);
      return next;
    });
  const enter = async () => {
    setBusy(true);
    setProblem(undefined);
    try {
      for (const { key, tools } of COMMON_SETS.filter((set) => ticked.has(set.key))) {
        for (const [i, { name, spec }] of tools.entries()) {
          const id = ids.get(key)?.[i] ?? newId();
          await save({ ...toolInputSchema.parse({ id, name, spec }), isNew: true }).unwrap();
        }
      }
      onDone();
    } catch (error) {
      setProblem(problemText(error));
    } finally {
      setBusy(false);
    }
  };
  const count = COMMON_SETS.filter(({ key }) => ticked.has(key)).reduce(
    (sum, { tools }) => sum + tools.length,
    0,
  );
  const label = busy
    ? 'Entering …'
    : count === 0
      ? 'I do not know yet'
      : count === 1
        ? 'Enter this tool'
        : `Enter these ${count} tools`;
  const sets = (
    <View role="group" aria-label="Common sets" className="gap-2">
      {COMMON_SETS.map((set) => (
        <SetRow key={set.key} set={set} ticked={ticked.has(set.key)} onPress={() => turn(set.key)} />
      ))}
      <SingleTools />
    </View>
  );
  return children(sets, { label, busy, problem, onPress: () => void enter() });
}
