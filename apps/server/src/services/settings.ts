import { DEFAULT_SETTINGS, settingsSchema, type Settings } from '@round-mint/contract/settings';
import { eq } from 'drizzle-orm';
import type { Database } from '../db/database';
import { settings } from '../db/schema';
import { lockRow } from './row-lock';

const ONLY_ROW = 1;

export async function readSettings(db: Database): Promise<Settings> {
  const [row] = await db.select().from(settings).where(eq(settings.id, ONLY_ROW));
  return settingsSchema.parse({ ...DEFAULT_SETTINGS, ...row?.data });
}

/** Some settings; a key that is left out stays as it is. */
type SettingsPatch = { readonly [Key in keyof Settings]?: Settings[Key] | undefined };

export async function changeSettings(db: Database, patch: SettingsPatch): Promise<Settings> {
  return db.transaction(async (tx) => {
    await tx.insert(settings).values({ id: ONLY_ROW, data: {} }).onConflictDoNothing();
    await lockRow(tx, settings, ONLY_ROW);
    const data = settingsSchema.parse({ ...(await readSettings(tx)), ...patch });
    await tx.update(settings).set({ data }).where(eq(settings.id, ONLY_ROW));
    return data;
  });
}
