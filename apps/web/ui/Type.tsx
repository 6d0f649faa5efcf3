import { StyleSheet, Text, type TextProps } from 'react-native';

const STYLES = {
  /** The name of what is on the screen. */
  title: 'font-slab text-2xl leading-7 text-ink',
  /** The verb of a bench step. */
  verb: 'font-slab text-4xl leading-10 text-ink',
  heading: 'font-slab text-lg leading-6 text-ink',
  body: 'font-body text-base leading-6 text-ink',
  strong: 'font-strong text-base leading-6 text-ink',
  small: 'font-body text-sm leading-5 text-soft',
  label: 'font-medium text-sm leading-5 text-ink',
  /** As large as a verb, for what is read from afar and heads nothing: a display, a score. */
  display: 'font-slab text-4xl leading-10 text-ink',
  /** The number that matters. */
  figure: 'font-strong text-3xl leading-9 text-ink',
} as const;

const ROLES: Partial<Record<keyof typeof STYLES, 'heading'>> = {
  title: 'heading',
  verb: 'heading',
  heading: 'heading',
};
const LEVELS: Partial<Record<keyof typeof STYLES, number>> = { title: 1, verb: 1, heading: 2 };

interface TypeProps extends TextProps {
  /** Which of the app's text styles. */
  as?: keyof typeof STYLES;
}

/** All text of the app: one set of styles, lining tabular numerals. */
export function Type({ as = 'body', className = '', style, ...rest }: TypeProps) {
  return (
    <Text
      role={ROLES[as]}
      aria-level={LEVELS[as]}
      className={`${STYLES[as]} ${className}`}
      style={StyleSheet.flatten([{ fontVariant: ['lining-nums', 'tabular-nums'] }, style])}
      {...rest}
    />
  );
}
