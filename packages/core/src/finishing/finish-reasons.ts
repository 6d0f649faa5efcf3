import type { Reason } from '../forming';
import { metalById, type MetalId } from '../metal';
import type { Finish } from '../steps';

/** Metals that the flame colours (craft §8). */
const COLOURED_BY_FLAME: readonly MetalId[] = ['copper', 'bronze'];
/** Metals that liver of sulphur darkens: silver, copper and most of its alloys (craft §8; brass poorly, our assumption). */
const DARKENED: readonly MetalId[] = ['copper', 'bronze', 'clad'];

/** What a metal says against a finish. */
export function finishReasons(finish: Finish, metal: MetalId): readonly Reason[] {
  const { name } = metalById(metal);
  if (finish === 'fire-scale' && !COLOURED_BY_FLAME.includes(metal)) {
    return [
      {
        code: 'finish-needs-copper',
        level: 'refuse',
        message: `The flame colours copper and bronze, not ${name.toLowerCase()}.`,
        instead: 'Take “dark”, or another metal.',
      },
    ];
  }
  if (finish === 'satin' && metal === 'silver-plate') {
    return [
      {
        code: 'finish-wears-plate',
        level: 'warn',
        message: 'Steel wool takes the plating off: it is left bright.',
        instead: 'Satin only what is silver right through.',
      },
    ];
  }
  if (finish !== 'dark') return [];
  if (metal === 'silver-plate') {
    return [
      {
        code: 'finish-shows-wear',
        level: 'warn',
        message: 'Where the plating is worn, or wears later, it takes another colour.',
        instead: 'Leave it polished, or show a trial piece first.',
      },
    ];
  }
  if (metal.startsWith('silver-') || DARKENED.includes(metal)) return [];
  return [
    {
      code: 'finish-may-not-take',
      level: 'warn',
      message: `Liver of sulphur hardly darkens ${name.toLowerCase()}.`,
      instead: 'Try it on a scrap of the same metal first.',
    },
  ];
}
