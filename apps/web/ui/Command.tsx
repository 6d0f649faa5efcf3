import { Type } from './Type';

/** Something to be typed as it stands: its two hyphens must not become a dash. */
export function Command({ text }: { text: string }) {
  return (
    <Type
      as="strong"
      selectable
      style={{ fontVariant: ['tabular-nums', 'no-common-ligatures', 'no-contextual'] }}
    >
      {text}
    </Type>
  );
}
