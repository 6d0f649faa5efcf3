import type { formRequestSchema, formResponseSchema } from '@round-mint/contract/forming';
import { figuresAfter, flatWall, formBlows, type FormingBlow } from '@round-mint/core/forming';
import { outlineOf } from '@round-mint/core/route';
import type { z } from 'zod';
import { HttpError } from '../http/errors';

type FormRequest = z.output<typeof formRequestSchema>;

function blowOf(blow: FormRequest['blows'][number]): FormingBlow {
  if (blow.kind !== 'curl') return blow;
  const { dieAngleDeg, ...push } = blow;
  return { ...push, tool: { kind: 'cone', angleDeg: dieAngleDeg } };
}

/** The forming engine asked directly. */
export function computeForm(request: FormRequest): z.output<typeof formResponseSchema> {
  const { coin, holeMm, blows, traits } = request;
  try {
    const after = formBlows(flatWall(coin, holeMm), blows.map(blowOf), traits?.shareShift);
    return { after: after.map((formed) => ({ ...figuresAfter(formed), outline: outlineOf(formed.wall) })) };
  } catch (error) {
    if (!(error instanceof RangeError)) throw error;
    throw new HttpError('invalid', `blows: ${error.message}`, [{ path: 'blows', message: error.message }]);
  }
}
