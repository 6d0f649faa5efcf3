import { toolInputSchema } from '@round-mint/contract/kit';
import { useState } from 'react';
import { AddSheet } from '@/features/shared/screen/AddSheet';
import { useSettings } from '@/features/shared/settings/use-settings';
import { useListKitQuery, useSaveToolMutation } from '@/store/api';
import { newId } from '@/store/new-id';
import { useKeptForm } from '@/store/use-kept-form';
import { LabelledChoices } from '@/ui/Choices';
import { Field } from '@/ui/Field';
import { KIT_GROUPS, parseTool, toolFields } from './kit-words';
import { EMPTY_BOXES, type ToolDraft } from './tool-draft';

/** A tool, new or changed: its kind, its name, and the few measures that matter. */
export function ToolSheet({ draft, onClose }: { draft: ToolDraft; onClose: () => void }) {
  const { lengthUnit } = useSettings();
  const [save, { isLoading }] = useSaveToolMutation();
  // Made once: a press that is sent twice adds one tool.
  const [id] = useState(() => draft.id ?? newId());
  const kit = useListKitQuery().data;
  const isNew = draft.id === undefined;
  const { texts, type, base, problems, refuse, keep, sheet } = useKeptForm({
    // A copy of one is another draft than a new one.
    name: `tool/${draft.id ?? `new ${draft.texts['name'] ?? ''}`}`,
    start: { kind: draft.kind, boxes: { ...EMPTY_BOXES, ...draft.texts } },
    thing: kit?.find((tool) => tool.id === draft.id),
    onClose,
  });
  const { kind, boxes } = texts;
  const put = (key: string) => (text: string) => type({ boxes: { ...boxes, [key]: text } });
  const send = async () => {
    const parsed = parseTool(kind, boxes, lengthUnit);
    const name = boxes['name']?.trim() ?? '';
    const missing: Record<string, string> = name ? {} : { name: 'must not be empty' };
    if (!parsed.ok || !name) {
      refuse({ ...(parsed.ok ? {} : parsed.problems), ...missing });
      return;
    }
    const { spec } = parsed;
    await keep(() => save({ ...toolInputSchema.parse({ id, name, spec }), isNew, base }).unwrap());
  };
  return (
    <AddSheet
      title={isNew ? 'A new tool' : 'Change the tool'}
      action={isNew ? 'Add the tool' : 'Save the tool'}
      open
      saving={isLoading}
      {...sheet}
      onAdd={() => void send()}
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
