import { randomUUID } from 'node:crypto';

const PIECE = {
  kind: 'coin',
  issuer: 'Testland',
  year: null,
  metal: 'silver-900',
  diameterMm: 30.9,
  rimThicknessMm: 2.15,
  edge: 'reeded',
  outsideFace: 'either',
  grade: '',
  origin: '',
  price: null,
  legalNote: '',
  notes: '',
  quantity: 5,
};
const PERSON = { email: '', phone: '', address: '', notes: '', fingers: [] };

/** What was acknowledged, and what was sent when the plug was pulled: that may be there or not, but not twice. */
export function createLedger() {
  return {
    /** @type {Map<string, Set<string>>} ids by the list they have to be in */
    acknowledged: new Map(),
    /** @type {Set<string>} */
    unsure: new Set(),
    /** @type {Map<string, { certain: number, unsure: number }>} how much was added to the count of a piece */
    counts: new Map(),
    /** @type {Map<string, Set<string>>} names that a piece may have: the last that was acknowledged, and any sent since */
    names: new Map(),
  };
}

/** @typedef {ReturnType<typeof createLedger>} Ledger */

/**
 * @param {string} url
 * @param {string} path
 * @param {string} method
 * @param {unknown} [body]
 */
export async function ask(url, path, method = 'GET', body = undefined) {
  const response = await fetch(`${url}/api/v1${path}`, {
    method,
    headers: { 'content-type': 'application/json' },
    ...(body === undefined ? {} : { body: JSON.stringify(body) }),
  });
  const answer = await response.json().catch(() => undefined);
  if (!response.ok)
    throw Object.assign(new Error(`${method} ${path}: ${response.status}`), { answer, refused: true });
  return answer;
}

/**
 * Writes something, and notes whether it was acknowledged.
 * @param {string} url
 * @param {Ledger} ledger
 * @param {ReturnType<typeof import('../lib/random.mjs').createRandom>} random
 */
export async function writeOnce(url, ledger, random) {
  const { acknowledged, unsure, counts, names } = ledger;
  const id = randomUUID();
  const pieces = [...(acknowledged.get('/stock') ?? [])];
  const noted = async (list, send) => {
    unsure.add(id);
    await send();
    unsure.delete(id);
    if (!acknowledged.has(list)) acknowledged.set(list, new Set());
    acknowledged.get(list)?.add(id);
  };
  const kinds = {
    piece: () => noted('/stock', () => ask(url, '/stock', 'POST', { ...PIECE, id, name: `Piece ${id}` })),
    person: () =>
      noted('/people', () => ask(url, '/people', 'POST', { ...PERSON, id, name: `Person ${id}` })),
    count: async () => {
      const piece = random.oneOf(pieces);
      const count = counts.get(piece) ?? { certain: 0, unsure: 0 };
      counts.set(piece, count);
      const event = { id, at: new Date().toISOString(), change: 1, why: 'bought' };
      count.unsure += 1;
      // Sent twice, as by a page that had no answer: it counts once.
      await Promise.all([1, 2].map(() => ask(url, `/stock/${piece}/counts`, 'POST', event)));
      count.unsure -= 1;
      count.certain += 1;
    },
    rename: async () => {
      const piece = random.oneOf(pieces);
      const name = `Piece ${id}`;
      names.set(piece, new Set([...(names.get(piece) ?? []), name]));
      const { quantity } = await ask(url, `/stock/${piece}`);
      await ask(url, `/stock/${piece}`, 'PUT', { ...PIECE, quantity, name });
    },
    backup: () => ask(url, '/backups', 'POST').catch(refusedIsFine),
    export: async () => {
      const archive = await ask(url, '/export');
      await ask(url, '/import', 'POST', archive);
    },
  };
  const usual = pieces.length === 0 ? ['piece'] : ['piece', 'person', 'count', 'count', 'count'];
  const rare = random.next() < 0.06 ? ['backup', 'export'] : [];
  await kinds[/** @type {keyof typeof kinds} */ (random.oneOf(rare.length > 0 ? rare : usual))]();
}

/** One backup at a time: another is refused. */
function refusedIsFine(error) {
  if (!error.refused) throw error;
}

async function everything(url, path) {
  const items = [];
  let cursor = '';
  do {
    const answer = await ask(url, `${path}?limit=200${cursor && `&cursor=${cursor}`}`);
    items.push(...answer.items);
    cursor = answer.nextCursor ?? '';
  } while (cursor);
  return items;
}

/**
 * Looks whether everything that was acknowledged is there exactly once, and nothing else.
 * @param {string} url
 * @param {Ledger} ledger
 * @returns {Promise<string[]>} what is wrong
 */
export async function findLosses(url, ledger) {
  const wrong = [];
  for (const list of ['/stock', '/people']) {
    const wanted = ledger.acknowledged.get(list) ?? new Set();
    const items = await everything(url, list);
    const seen = new Set();
    for (const { id } of items) {
      if (seen.has(id)) wrong.push(`${list}: ${id} is there twice`);
      seen.add(id);
      if (!wanted.has(id) && !ledger.unsure.has(id)) wrong.push(`${list}: ${id} was never sent`);
      // It turned out to have been kept: from now on it has to stay.
      if (ledger.unsure.delete(id)) wanted.add(id);
    }
    ledger.acknowledged.set(list, wanted);
    for (const id of wanted) if (!seen.has(id)) wrong.push(`${list}: ${id} was acknowledged and is gone`);
    if (list === '/stock') wrong.push(...wrongCounts(items, ledger));
  }
  return wrong;
}

function wrongCounts(pieces, { counts }) {
  return pieces.flatMap(({ id, quantity }) => {
    const count = counts.get(id) ?? { certain: 0, unsure: 0 };
    const added = quantity - PIECE.quantity;
    const { certain, unsure } = count;
    if (added < certain || added > certain + unsure) {
      return [`/stock: ${id} counts ${added} more, and ${certain} were acknowledged (${unsure} unsure)`];
    }
    counts.set(id, { certain: added, unsure: 0 });
    return [];
  });
}
