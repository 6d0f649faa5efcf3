import type { Finger } from '@round-mint/contract/people';

export const FINGER_CHOICES = (['thumb', 'index', 'middle', 'ring', 'little'] as const).map((value) => ({
  value,
  label: value,
}));
export const HAND_CHOICES = (['left', 'right'] as const).map((value) => ({ value, label: value }));

export const MEASURED_WORDS: Readonly<Record<Finger['measuredBy'], string>> = {
  gauge: 'a gauge',
  knuckle: 'knuckle and base',
  sizer: 'a posted sizer',
  ring: 'a ring that fits',
  told: 'size as told, not measured',
};
export const MEASURED_CHOICES = (Object.keys(MEASURED_WORDS) as Finger['measuredBy'][]).map((value) => ({
  value,
  label: MEASURED_WORDS[value],
}));

/** "right ring finger", "left thumb" */
export function fingerWords({ hand, finger }: Pick<Finger, 'hand' | 'finger'>): string {
  return finger === 'thumb' ? `${hand} thumb` : `${hand} ${finger} finger`;
}
