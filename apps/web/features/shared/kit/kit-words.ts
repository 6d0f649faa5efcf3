import { toolSpecSchema } from '@round-mint/contract/kit';
import { parseLengthMm, type LengthUnit } from '@round-mint/core/format';
import type { Tool, ToolKind, ToolSpec } from '@round-mint/core/kit';
import { problemsOf } from '@/store/problem';

type Length = (mm: number, decimals?: number) => string;

export const KIT_GROUPS: readonly { readonly kind: ToolKind; readonly name: string }[] = [
  { kind: 'punch', name: 'Punches' },
  { kind: 'dapping-ball', name: 'Dapping balls' },
  { kind: 'fold-die', name: 'Fold dies and cones' },
  { kind: 'reducing-die', name: 'Reducing dies' },
  { kind: 'stretcher', name: 'Stretchers' },
  { kind: 'stepped-pusher', name: 'Stepped pushers' },
  { kind: 'expansion-cone', name: 'Expansion cones and lids' },
  { kind: 'mandrel', name: 'Mandrels' },
  { kind: 'press', name: 'Presses' },
  { kind: 'former', name: 'Formers' },
  { kind: 'rolling-mill', name: 'Rolling mills' },
];

/** What a tool is, in a line. */
export function toolLine({ spec }: Pick<Tool, 'spec'>, length: Length): string {
  switch (spec.kind) {
    case 'punch':
      return `${length(spec.diameterMm, 2)}${spec.selfCentring ? ', finds the middle itself' : ''}`;
    case 'dapping-ball':
    case 'stepped-pusher':
    case 'former':
      return length(spec.diameterMm);
    case 'fold-die':
      return `${spec.angleDeg}°, mouth ${length(spec.mouthMm)}, small end ${length(spec.smallEndMm)}`;
    case 'reducing-die':
      return `${spec.angleDeg}°, ${spec.holesMm.length} holes from ${length(Math.min(...spec.holesMm))} to ${length(Math.max(...spec.holesMm))}`;
    case 'stretcher':
      return `${length(spec.smallestMm)} to ${length(spec.largestMm)}, ${spec.splines === 0 ? 'hammered plug' : `${spec.splines} splines`}`;
    case 'expansion-cone':
      return `${spec.angleDeg}°, ${length(spec.smallEndMm)} to ${length(spec.largeEndMm)}, ${spec.lidHolesMm.length} lids`;
    case 'mandrel':
      return `one US size in ${length(spec.mmPerUsSize)}`;
    case 'press':
      return `${spec.tonnes} t`;
    case 'rolling-mill':
      return `opens to ${length(spec.openingMm)}`;
  }
}

/** One box of the add form. */
export interface ToolField {
  readonly key: string;
  readonly label: string;
  readonly what: 'length' | 'number' | 'lengths';
}

const FIELDS: Readonly<Record<ToolKind, readonly ToolField[]>> = {
  punch: [{ key: 'diameterMm', label: 'Diameter', what: 'length' }],
  'dapping-ball': [{ key: 'diameterMm', label: 'Diameter', what: 'length' }],
  'stepped-pusher': [{ key: 'diameterMm', label: 'Diameter', what: 'length' }],
  'fold-die': [
    { key: 'angleDeg', label: 'Angle (°)', what: 'number' },
    { key: 'mouthMm', label: 'Mouth', what: 'length' },
    { key: 'smallEndMm', label: 'Small end', what: 'length' },
  ],
  'reducing-die': [
    { key: 'angleDeg', label: 'Angle (°)', what: 'number' },
    { key: 'holesMm', label: 'Holes, with spaces between', what: 'lengths' },
  ],
  stretcher: [
    { key: 'smallestMm', label: 'Smallest inside', what: 'length' },
    { key: 'largestMm', label: 'Largest inside', what: 'length' },
    { key: 'splines', label: 'Splines, 0 for a hammered plug', what: 'number' },
    { key: 'taperDeg', label: 'Lean of the splines (°), empty if parallel', what: 'number' },
  ],
  'expansion-cone': [
    { key: 'angleDeg', label: 'Angle (°)', what: 'number' },
    { key: 'smallEndMm', label: 'Small end', what: 'length' },
    { key: 'largeEndMm', label: 'Large end', what: 'length' },
    { key: 'lidHolesMm', label: 'Lid holes, with spaces between', what: 'lengths' },
  ],
  mandrel: [{ key: 'mmPerUsSize', label: 'Length of one US size', what: 'length' }],
  press: [{ key: 'tonnes', label: 'Tonnes', what: 'number' }],
  former: [{ key: 'diameterMm', label: 'Diameter', what: 'length' }],
  'rolling-mill': [{ key: 'openingMm', label: 'Opens to', what: 'length' }],
};

export function toolFields(kind: ToolKind): readonly ToolField[] {
  return FIELDS[kind];
}

export type ParsedTool =
  | { readonly ok: true; readonly spec: ToolSpec }
  | { readonly ok: false; readonly problems: Readonly<Record<string, string>> };

function readNumber(text: string): number | undefined {
  return /^\d+(?:[.,]\d+)?$/.test(text.trim()) ? Number(text.trim().replace(',', '.')) : undefined;
}

function readField({ what }: ToolField, text: string, unit: LengthUnit): unknown {
  if (what === 'number') return readNumber(text);
  if (what === 'length') return parseLengthMm(text, unit);
  const lengths = text
    .split(/[\s;]+/)
    .filter(Boolean)
    .map((part) => parseLengthMm(part, unit));
  return lengths.includes(undefined) ? undefined : lengths;
}

/** Texts to a tool, checked by the contract's schema; problems by field. */
export function parseTool(
  kind: ToolKind,
  texts: Readonly<Record<string, string>>,
  unit: LengthUnit,
): ParsedTool {
  const fields = toolFields(kind);
  const values = fields.map((field) => [field.key, readField(field, texts[field.key] ?? '', unit)] as const);
  const extra = kind === 'punch' ? { selfCentring: texts['selfCentring'] === 'yes' } : {};
  const result = toolSpecSchema.safeParse({ kind, ...Object.fromEntries(values), ...extra });
  if (result.success) return { ok: true, spec: result.data };
  return {
    ok: false,
    problems: problemsOf(result.error),
  };
}
