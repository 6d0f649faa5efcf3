import { toolInputSchema } from '@round-mint/contract/kit';
import { useState } from 'react';
import { AddSheet } from '@/features/shared/screen/AddSheet';
import { useSettings } from '@/features/shared/settings/use-settings';
import { useListKitQuery, useSaveToolMutation } from '@/store/api';
import { newId } from '@/store/new-id';
import { problemText } from '@/store/problem';
import { useFormDraft } from '@/store/use-form-draft';
import { LabelledChoices } from '@/ui/Choices';
import { Field } from '@/ui/Field';
import { KIT_GROUPS, parseTool, toolFields } from './kit-words';
import { EMPTY_BOXES, type ToolDraft } from './tool-draft';

/** A tool, new or changed: its kind, its name, and the few measures that matter. */
export function ToolSheet({ draft, onClose }: { draft: ToolDraft; onClose: () => void }) {
  const { lengthUnit } = useSettings();
  const [save, { isLoading }] = useSaveToolMutation();
  const [problems, setProblems] = useState<Readonly<Record<string, string>>>({});
  // Made once: a press that is sent twice adds one tool.
  const [id] = useState(() => draft.id ?? newId());
  const kit = useListKitQuery().data;
  const isNew = draft.id === undefined;
  const { texts, type, base, forget, line } = useFormDraft(
    // A copy of one is another draft than a new one.
    `tool/${draft.id ?? `new ${draft.texts['name'] ?? ''}`}`,
    { kind: draft.kind, boxes: { ...EMPTY_BOXES, ...draft.texts } },
    kit?.find((tool) => tool.id === draft.id),
  );
  const { kind, boxes } = texts;
  const put = (key: string) => (text: string) => type({ boxes: { ...boxes, [key]: text } });
  const send = async () => {
    const parsed = parseTool(kind, boxes, lengthUnit);
    const name = boxes['name']?.trim() ?? '';
    const missing: Record<string, string> = name ? {} : { name: 'must not be empty' };
    if (!parsed.ok || !name) {
      setProblems({ ...(parsed.ok ? {} : parsed.problems), ...missing });
      return;
    }
    try {
      const tool = toolInputSchema.parse({ id, name, spec: parsed.spec });
      await save({ ...tool, isNew, base }).unwrap();
      forget();
      onClose();
    } catch (error) {
      setProblems({ server: problemText(error) });
    }
  };
  return (
    <AddSheet
      title={isNew ? 'A new tool' : 'Change the tool'}
      action={isNew ? 'Add the tool' : 'Save the tool'}
      open
      saving={isLoading}
      problem={problems['server']}
      draft={line}
      onAdd={() => void send()}
      onClose={onClose}
    >
      <LabelledChoices
        label="Kind of tool"
        value={kind}
        onChange={(next) => type({ kind: next })}
        minWidth={120}
        choices={KIT_GROUPS.map((group) => ({ value: group.kind, label: group.name }))}
      />
      <Field
        label="Name"
        value={boxes['name'] ?? ''}
        onChangeText={put('name')}
        error={problems['name']}
        maxLength={80}
      />
      {toolFields(kind).map(({ key, label, what }) => (
        <Field
          key={`${kind}-${key}`}
          label={label}
          unit={what === 'number' ? undefined : lengthUnit}
          value={boxes[key] ?? ''}
          onChangeText={put(key)}
          error={problems[key]}
          inputMode={what === 'lengths' ? 'text' : 'decimal'}
        />
      ))}
      {kind === 'punch' ? (
        <LabelledChoices
          label="Self-centring"
          value={boxes['selfCentring'] || 'no'}
          onChange={put('selfCentring')}
          choices={[
            { value: 'no', label: 'lined up by eye' },
            { value: 'yes', label: 'self-centring' },
          ]}
        />
      ) : null}
    </AddSheet>
  );
}
