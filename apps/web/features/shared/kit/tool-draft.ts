import type { StoredTool } from '@round-mint/contract/kit';
import { typedLength, type LengthUnit } from '@round-mint/core/format';
import type { ToolKind } from '@round-mint/core/kit';
import { KIT_GROUPS, toolFields } from './kit-words';

/** A tool while it is entered or changed. */
export interface ToolDraft {
  /** Its id when it is there already. */
  readonly id: string | undefined;
  readonly kind: ToolKind;
  /** What stands in the boxes. */
  readonly texts: Readonly<Record<string, string>>;
}

/** Every box of every kind, empty. */
export const EMPTY_BOXES: ToolDraft['texts'] = Object.fromEntries(
  ['name', 'selfCentring', ...KIT_GROUPS.flatMap(({ kind }) => toolFields(kind).map(({ key }) => key))].map(
    (key) => [key, ''],
  ),
);

export const EMPTY_TOOL: ToolDraft = { id: undefined, kind: 'punch', texts: {} };

function textOf(value: unknown, unit: LengthUnit | undefined): string {
  if (Array.isArray(value)) return value.map((one) => textOf(one, unit)).join(' ');
  if (typeof value === 'boolean') return value ? 'yes' : 'no';
  if (typeof value !== 'number') return '';
  return unit === undefined ? String(value) : typedLength(value, unit);
}

/** A tool as the boxes show it. */
export function draftOf({ id, name, spec }: StoredTool, unit: LengthUnit): ToolDraft {
  const values = new Map<string, unknown>(Object.entries(spec));
  const boxes = toolFields(spec.kind).map(
    ({ key, what }) => [key, textOf(values.get(key), what === 'number' ? undefined : unit)] as const,
  );
  const selfCentring = textOf(values.get('selfCentring'), undefined);
  return {
    id,
    kind: spec.kind,
    texts: { name, ...Object.fromEntries(boxes), ...(selfCentring ? { selfCentring } : {}) },
  };
}

/** A new tool that is like another. */
export function copyOf(tool: StoredTool, unit: LengthUnit): ToolDraft {
  const { kind, texts } = draftOf(tool, unit);
  return { id: undefined, kind, texts: { ...texts, name: `${tool.name}, copy` } };
}
