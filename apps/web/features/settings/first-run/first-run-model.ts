import type { Settings } from '@round-mint/contract/settings';

/** The screens of a first run, in their order. */
export const SET_UP_SCREENS = ['sizes', 'tools', 'first-piece'] as const;
export type SetUpScreen = (typeof SET_UP_SCREENS)[number];

/**
 * Which screen of the first run comes next. A workshop that has something in it was begun before there was a first run:
 * it is not asked.
 * @returns undefined when there is none
 */
export function setUpScreen(
  { setUp }: Pick<Settings, 'setUp'>,
  { isEmpty }: { readonly isEmpty: boolean },
): SetUpScreen | undefined {
  if (setUp === 'done') return undefined;
  return setUp === 'sizes' && !isEmpty ? undefined : setUp;
}

export function screenAfter(screen: SetUpScreen): Settings['setUp'] {
  return SET_UP_SCREENS[SET_UP_SCREENS.indexOf(screen) + 1] ?? 'done';
}
