import { createCA, createCert, type Certificate } from 'mkcert';
import { readFile } from 'node:fs/promises';
import { join } from 'node:path';
import { z } from 'zod';
import { makePrivateFolder, writeWhole } from '../files/private-files';

/** The authority outlives the machine; phones have to trust it once. */
const AUTHORITY_DAYS = 3650;
const LEAF_DAYS = 90;
/** A leaf is made anew with a third of its life left. */
const RENEW_AFTER_DAYS = 60;
const DAY_MS = 24 * 3_600_000;

/** What a server shows to those who connect, and until when it does. */
export interface Leaf extends Certificate {
  readonly names: readonly string[];
  readonly renewAt: number;
}

const missingSchema = z.object({ code: z.literal('ENOENT') });
const authoritySchema = z.strictObject({ key: z.string(), cert: z.string() });

async function readOr(file: string, make: () => Promise<string>): Promise<string> {
  try {
    return await readFile(file, 'utf8');
  } catch (error) {
    if (!missingSchema.safeParse(error).success) throw error;
    return make();
  }
}

/**
 * The certificate authority of this workshop: made at first use, kept in a folder that only its maker can read.
 * @returns its key and certificate, PEM
 */
export async function openAuthority(folder: string): Promise<Certificate> {
  await makePrivateFolder(folder);
  const file = join(folder, 'authority.json');
  const text = await readOr(file, async () => {
    const made = await createCA({
      organization: 'Round Mint workshop',
      countryCode: 'XX',
      state: '-',
      locality: '-',
      validity: AUTHORITY_DAYS,
    });
    const json = JSON.stringify(made);
    // Key and certificate in one file: a pulled plug leaves both or neither.
    await writeWhole(file, json);
    return json;
  });
  return authoritySchema.parse(JSON.parse(text));
}

/**
 * A certificate for the names and addresses that the server goes by now.
 * @param names host names and addresses, without ports
 */
export async function makeLeaf(ca: Certificate, names: readonly string[], now = Date.now()): Promise<Leaf> {
  const { key, cert } = await createCert({ ca, domains: [...names], validity: LEAF_DAYS });
  // Browsers want the whole chain where the authority alone is trusted.
  return { key, cert: `${cert}${ca.cert}`, names, renewAt: now + RENEW_AFTER_DAYS * DAY_MS };
}

/** Whether a leaf is to be made anew: it grows old, or the server goes by other names. */
export function isStale({ names, renewAt }: Leaf, today: readonly string[], now = Date.now()): boolean {
  return now >= renewAt || names.join() !== today.join();
}
