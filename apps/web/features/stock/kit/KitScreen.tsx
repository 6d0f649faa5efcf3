import { faultWords } from '@round-mint/core/kit';
import type { ShownTool } from '@round-mint/contract/kit';
import Warn from 'lucide-react-native/icons/triangle-alert';
import { useLocalSearchParams } from 'expo-router';
import { useState } from 'react';
import { Pressable, View } from 'react-native';
import { useArchive } from '@/features/shared/screen/use-archive';
import { useSettings, useWriters } from '@/features/shared/settings/use-settings';
import { PlaceHeader } from '@/features/shared/tabs/PlaceHeader';
import { useListKitQuery, useRemoveToolMutation } from '@/store/api';
import { useGetToolPassesQuery } from '@/store/kit-api';
import { usePalette } from '@/theme/light';
import { Button } from '@/ui/Button';
import { Screen } from '@/ui/Screen';
import { TextButton } from '@/ui/TextButton';
import { Type } from '@/ui/Type';
import { Empty, Fetched } from '@/ui/Waiting';
import { KIT_GROUPS, toolLine } from '@/features/shared/kit/kit-words';
import { copyOf, draftOf, EMPTY_TOOL, type ToolDraft } from '@/features/shared/kit/tool-draft';
import { ToolSheet } from '@/features/shared/kit/ToolSheet';
import { CarePanel } from './CarePanel';
import { passesWords } from './tool-wear';
import { WearSheet } from './WearSheet';
import { StockTabs } from '@/features/shared/tabs/StockTabs';

interface ToolRowProps {
  readonly tool: ShownTool;
  /** How often it was used; undefined while that is counted. */
  readonly passes: number | undefined;
  readonly onOpen: () => void;
  readonly onWear: () => void;
  readonly onCopy: () => void;
  readonly onArchive: () => void;
}

function ToolRow({ tool, passes, onOpen, onWear, onCopy, onArchive }: ToolRowProps) {
  const write = useWriters();
  const palette = usePalette();
  return (
    <View role="listitem" className="border-b border-line py-1">
      <View className="min-h-[52px] flex-row items-center gap-3">
        <Pressable
          role="button"
          aria-label={`Change ${tool.name}`}
          onPress={onOpen}
          className="min-h-[44px] min-w-0 flex-1 justify-center active:opacity-70"
        >
          <Type as="strong">{tool.name}</Type>
          <Type as="small">{toolLine(tool, write.length)}</Type>
          <Type as="small">{passesWords(tool, passes)}</Type>
        </Pressable>
        <TextButton label="wear" describe={`Wear and care of ${tool.name}`} onPress={onWear} />
        <TextButton label="copy" describe={`Copy ${tool.name}`} onPress={onCopy} />
        <TextButton label="archive" describe={`Archive ${tool.name}`} onPress={onArchive} />
      </View>
      {tool.faults.map((fault) => (
        <View key={fault} className="flex-row items-center gap-2 pb-1">
          <Warn size={18} color={palette.heat} />
          <Type as="label" className="flex-1">
            {`${faultWords(tool.spec.kind, fault)}.`}
          </Type>
        </View>
      ))}
    </View>
  );
}

/** The tools that routes are made with. */
export function KitScreen() {
  return (
    <Fetched from={useListKitQuery()} what="the kit">
      {(tools) => <Kit kit={tools} />}
    </Fetched>
  );
}

function Kit({ kit }: { kit: readonly ShownTool[] }) {
  const [remove] = useRemoveToolMutation();
  const { lengthUnit } = useSettings();
  const { tool: asked } = useLocalSearchParams<{ tool?: string }>();
  const [open, setOpen] = useState<ToolDraft | undefined>(() => {
    const tool = kit.find(({ id }) => id === asked);
    return tool && draftOf(tool, lengthUnit);
  });
  const archive = useArchive('tool', remove);
  const passes = useGetToolPassesQuery().data;
  const passesOf = (id: string) => passes && (passes.find(({ toolId }) => toolId === id)?.passes ?? 0);
  const [worn, setWorn] = useState<string>();
  const wornTool = kit.find(({ id }) => id === worn);
  const groups = KIT_GROUPS.map((group) => ({
    ...group,
    tools: kit.filter(({ spec }) => spec.kind === group.kind),
  }));
  return (
    <Screen
      maxWidth={760}
      testID="kit-screen"
      header={
        <PlaceHeader
          title="Stock"
          note={
            kit.length === 1
              ? '1 tool in the kit; routes are made with it'
              : `${kit.length} tools in the kit; routes are made with them`
          }
        />
      }
      footer={<Button look="main" label="Add a tool" onPress={() => setOpen(EMPTY_TOOL)} />}
    >
      <StockTabs here="Kit" />
      {kit.length === 0 ? (
        <Empty title="No tools yet.">
          Tools that you work with belong here, each with its size; “Add a tool” enters one. Until then plans
          go by a reference kit, and say so.
        </Empty>
      ) : (
        <CarePanel kit={kit} />
      )}
      {groups
        .filter(({ tools }) => tools.length > 0)
        .map(({ kind, name, tools }) => (
          <View key={kind} className="pt-2">
            <Type as="heading">{name}</Type>
            <View role="list" aria-label={name}>
              {tools.map((tool) => (
                <ToolRow
                  key={tool.id}
                  tool={tool}
                  passes={passesOf(tool.id)}
                  onOpen={() => setOpen(draftOf(tool, lengthUnit))}
                  onWear={() => setWorn(tool.id)}
                  onCopy={() => setOpen(copyOf(tool, lengthUnit))}
                  onArchive={() => void archive(tool)}
                />
              ))}
            </View>
          </View>
        ))}
      {wornTool ? (
        <WearSheet
          tool={wornTool}
          kit={kit}
          passes={passesOf(wornTool.id)}
          onClose={() => setWorn(undefined)}
        />
      ) : null}
      {open ? <ToolSheet draft={open} onClose={() => setOpen(undefined)} /> : null}
    </Screen>
  );
}
