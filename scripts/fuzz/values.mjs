/** Values that no field wants. */
const ODD = [
  null,
  true,
  '',
  ' ',
  'x'.repeat(5000),
  'a\0b',
  '\ud800',
  '../../etc/passwd',
  "'; drop table stock; --",
  '<script>alert(1)</script>',
  '0000-01-01T00:00:00Z',
  '9999-99-99T99:99:99Z',
  '2026-02-30',
  '00000000-0000-0000-0000-000000000000',
  '٣',
  0,
  -0,
  -1,
  0.1,
  1e-300,
  1e300,
  Number.MAX_SAFE_INTEGER,
  -2_147_483_649,
  4_294_967_296,
  [],
  {},
  [[[[[[[[1]]]]]]]],
  { a: { b: { c: { d: {} } } } },
];

/** @typedef {ReturnType<typeof import('../lib/random.mjs').createRandom>} Random */
/** @typedef {Readonly<Record<string, any>>} Schema */

/**
 * A value that fits a JSON schema more or less.
 * @param {Schema} schema
 * @param {Random} random
 * @param {readonly string[]} ids ids of things that there are
 * @returns {unknown}
 */
export function fitting(schema, random, ids, depth = 0) {
  const { type, anyOf, oneOf, allOf, enum: words, const: only, format, properties = {}, items } = schema;
  if (only !== undefined) return only;
  if (words) return random.oneOf(words);
  const choices = anyOf ?? oneOf;
  if (choices) return fitting(random.oneOf(choices), random, ids, depth);
  if (allOf) return fitting(allOf[0], random, ids, depth);
  if (depth > 8) return null;
  switch (Array.isArray(type) ? type[0] : type) {
    case 'object': {
      const required = new Set(schema.required ?? []);
      return Object.fromEntries(
        Object.entries(properties)
          .filter(([name]) => required.has(name) || random.next() < 0.4)
          .map(([name, part]) => [name, fitting(part, random, ids, depth + 1)]),
      );
    }
    case 'array':
      return Array.from(
        { length: random.whole(schema.minItems ?? 0, Math.min(3, schema.maxItems ?? 3)) },
        () => fitting(items ?? {}, random, ids, depth + 1),
      );
    case 'integer':
    case 'number': {
      const from = Math.max(schema.minimum ?? schema.exclusiveMinimum ?? 0, -1e6);
      const to = Math.min(schema.maximum ?? schema.exclusiveMaximum ?? 100, 1e6);
      const value = from + random.next() * (to - from);
      return type === 'integer' ? Math.round(value) : value;
    }
    case 'boolean':
      return random.next() < 0.5;
    case 'null':
      return null;
    case 'string':
      if (format === 'uuid') return random.oneOf(ids);
      if (format === 'date-time') return '2026-11-28T10:00:00.000Z';
      if (format === 'date') return '2026-11-28';
      if (format === 'email') return 'maker@bench.example';
      return random.oneOf(['Test', 'US 8', 'silver-925', '2026-11-28T10:00:00.000Z', '7½']);
    default:
      return random.oneOf(ODD);
  }
}

/**
 * The same value with something in it made wrong.
 * @param {unknown} value
 * @param {Random} random
 * @returns {unknown}
 */
export function spoiled(value, random) {
  const isOpen = typeof value === 'object' && value !== null;
  if (!isOpen || random.next() < 0.15) return random.oneOf(ODD);
  const keys = Object.keys(value);
  if (Array.isArray(value)) {
    if (keys.length === 0) return [random.oneOf(ODD)];
    const at = random.whole(0, keys.length - 1);
    return value.map((one, i) => (i === at ? spoiled(one, random) : one));
  }
  if (keys.length === 0 || random.next() < 0.2)
    return { ...value, [random.oneOf(['shine', '__proto__', 'a\0'])]: 1 };
  const key = random.oneOf(keys);
  const { [key]: gone, ...rest } = /** @type {Record<string, unknown>} */ (value);
  return random.next() < 0.2 ? rest : { ...rest, [key]: spoiled(gone, random) };
}

/**
 * JSON text of a value, sometimes as no program would write it.
 * @param {unknown} value
 * @param {Random} random
 */
export function textOf(value, random) {
  const text = JSON.stringify(value) ?? 'null';
  const lot = random.next();
  if (lot < 0.02) return text.slice(0, random.whole(0, text.length));
  if (lot < 0.04) return `${'['.repeat(random.whole(50, 20_000))}${text}`;
  if (lot < 0.06) return `{"a":1,"a":${text}}`;
  if (lot < 0.07) return `{"n":1e999,"m":-1e999}`;
  if (lot < 0.08) return '"\\ud800"';
  if (lot < 0.09) return `\ufeff${text}`;
  return text;
}

const ADDRESSES = ['%zz', '%00', '%e0%a4%a', '..%2f..', 'a'.repeat(3000), '{}', 'null', '-1', '٣'];

/**
 * A part of an address.
 * @param {Random} random
 * @param {readonly string[]} ids
 */
export function addressPart(random, ids) {
  return random.next() < 0.6 ? random.oneOf(ids) : random.oneOf(ADDRESSES);
}

/**
 * What a query may hold.
 * @param {readonly { name: string, in: string }[]} parameters
 * @param {Random} random
 */
export function queryOf(parameters, random) {
  const named = parameters.filter((one) => one.in === 'query' && random.next() < 0.4).map(({ name }) => name);
  const odd = [
    '1',
    '0',
    '',
    '%00',
    '%zz',
    'name',
    '-createdAt',
    '99999999999999999999',
    '[]=1',
    '%ff',
    'a&a=b',
  ];
  return [...named, ...(random.next() < 0.1 ? ['shine'] : [])]
    .map((name) => `${name}=${random.oneOf(odd)}`)
    .join('&');
}

/**
 * Heads that a request may come with.
 * @param {Random} random
 * @returns {Record<string, string>}
 */
export function headOf(random) {
  const lot = random.next();
  const json = { 'content-type': 'application/json' };
  if (lot < 0.03) return { 'content-type': 'application/json; charset=klingon' };
  if (lot < 0.05)
    return { ...json, 'content-encoding': random.oneOf(['gzip', 'br', 'deflate', 'shorthand']) };
  if (lot < 0.07)
    return { 'content-type': random.oneOf(['text/plain', 'application/xml', 'multipart/form-data', '/']) };
  if (lot < 0.09)
    return { ...json, 'if-match': random.oneOf(['*', '"1"', 'x', '""', `"${'9'.repeat(40)}"`]) };
  if (lot < 0.1) return { ...json, accept: 'nothing/at-all', 'x-page': 'y'.repeat(2000) };
  return json;
}
