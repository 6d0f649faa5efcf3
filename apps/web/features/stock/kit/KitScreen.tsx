import { toolInputSchema, type StoredTool } from '@round-mint/contract/kit';
import type { ToolKind } from '@round-mint/core/kit';
import { useRef, useState } from 'react';
import { View } from 'react-native';
import { AddSheet } from '@/features/shared/screen/AddSheet';
import { useArchive } from '@/features/shared/screen/use-archive';
import { useSettings, useWriters } from '@/features/shared/settings/use-settings';
import { PlaceHeader } from '@/features/shared/tabs/PlaceHeader';
import { newId } from '@/store/new-id';
import { useAddToolMutation, useListKitQuery, useRemoveToolMutation } from '@/store/api';
import { problemText } from '@/store/problem';
import { Button } from '@/ui/Button';
import { Choices } from '@/ui/Choices';
import { Field } from '@/ui/Field';
import { Screen } from '@/ui/Screen';
import { TextButton } from '@/ui/TextButton';
import { Type } from '@/ui/Type';
import { Empty, Fetched } from '@/ui/Waiting';
import { KIT_GROUPS, parseTool, toolFields, toolLine } from './kit-words';
import { StockTabs } from '@/features/shared/tabs/StockTabs';

function ToolRow({ tool, onRemove }: { tool: StoredTool; onRemove: () => void }) {
  const write = useWriters();
  return (
    <View role="listitem" className="min-h-[52px] flex-row items-center gap-3 border-b border-line py-1">
      <View className="flex-1">
        <Type as="strong">{tool.name}</Type>
        <Type as="small">{toolLine(tool, write.length)}</Type>
      </View>
      <TextButton label="archive" describe={`Archive ${tool.name}`} onPress={onRemove} />
    </View>
  );
}

/** A new tool: its kind, its name, and the few measures that matter. */
function AddToolSheet({ open, onClose }: { open: boolean; onClose: () => void }) {
  const { lengthUnit } = useSettings();
  const [add, { isLoading }] = useAddToolMutation();
  const [kind, setKind] = useState<ToolKind>('punch');
  const [texts, setTexts] = useState<Readonly<Record<string, string>>>({});
  const [problems, setProblems] = useState<Readonly<Record<string, string>>>({});
  const id = useRef(newId());
  const type = (key: string) => (text: string) => setTexts((before) => ({ ...before, [key]: text }));
  const save = async () => {
    const parsed = parseTool(kind, texts, lengthUnit);
    const name = texts['name']?.trim() ?? '';
    const missing: Record<string, string> = name ? {} : { name: 'must not be empty' };
    if (!parsed.ok || !name) {
      setProblems({ ...(parsed.ok ? {} : parsed.problems), ...missing });
      return;
    }
    try {
      await add(toolInputSchema.parse({ id: id.current, name, spec: parsed.spec })).unwrap();
      id.current = newId();
      setTexts({});
      setProblems({});
      onClose();
    } catch (error) {
      setProblems({ server: problemText(error) });
    }
  };
  return (
    <AddSheet
      title="A new tool"
      action="Add the tool"
      open={open}
      saving={isLoading}
      problem={problems['server']}
      onAdd={() => void save()}
      onClose={onClose}
    >
      <Choices
        label="Kind of tool"
        value={kind}
        onChange={setKind}
        minWidth={120}
        choices={KIT_GROUPS.map((group) => ({ value: group.kind, label: group.name }))}
      />
      <Field
        label="Name"
        value={texts['name'] ?? ''}
        onChangeText={type('name')}
        error={problems['name']}
        maxLength={80}
      />
      {toolFields(kind).map(({ key, label, what }) => (
        <Field
          key={`${kind}-${key}`}
          label={label}
          unit={what === 'number' ? undefined : lengthUnit}
          value={texts[key] ?? ''}
          onChangeText={type(key)}
          error={problems[key]}
          inputMode={what === 'lengths' ? 'text' : 'decimal'}
        />
      ))}
      {kind === 'punch' ? (
        <Choices
          label="Self-centring"
          value={texts['selfCentring'] ?? 'no'}
          onChange={type('selfCentring')}
          choices={[
            { value: 'no', label: 'lined up by eye' },
            { value: 'yes', label: 'self-centring' },
          ]}
        />
      ) : null}
    </AddSheet>
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

function Kit({ kit }: { kit: readonly StoredTool[] }) {
  const [remove] = useRemoveToolMutation();
  const [adding, setAdding] = useState(false);
  const archive = useArchive('tool', remove);
  const groups = KIT_GROUPS.map((group) => ({
    ...group,
    tools: kit.filter(({ spec }) => spec.kind === group.kind),
  }));
  return (
    <Screen
      maxWidth={760}
      testID="kit-screen"
      header={
        <PlaceHeader title="Stock" note={`${kit.length} tools in the kit; routes are made with them`} />
      }
      footer={<Button look="main" label="Add a tool" onPress={() => setAdding(true)} />}
    >
      <StockTabs here="Kit" />
      {kit.length === 0 ? (
        <Empty title="No tools yet.">Until you enter yours, plans use a plain bench.</Empty>
      ) : null}
      {groups
        .filter(({ tools }) => tools.length > 0)
        .map(({ kind, name, tools }) => (
          <View key={kind} className="pt-2">
            <Type as="heading">{name}</Type>
            <View role="list" aria-label={name}>
              {tools.map((tool) => (
                <ToolRow key={tool.id} tool={tool} onRemove={() => void archive(tool)} />
              ))}
            </View>
          </View>
        ))}
      <AddToolSheet open={adding} onClose={() => setAdding(false)} />
    </Screen>
  );
}
