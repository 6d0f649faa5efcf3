/** What a browser says it runs on, most telling first. */
const KINDS: readonly (readonly [RegExp, string])[] = [
  [/iPad|Tablet/i, 'Tablet'],
  [/iPhone|Mobile/i, 'Phone'],
  [/Android/i, 'Tablet'],
  [/Windows|Macintosh|Linux|CrOS/i, 'Computer'],
];

/** A first name for a device, from what its browser tells: "Phone". */
export function deviceName(userAgent: string): string {
  return KINDS.find(([pattern]) => pattern.test(userAgent))?.[1] ?? 'Device';
}
