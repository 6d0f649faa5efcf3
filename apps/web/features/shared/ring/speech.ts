const FRACTIONS: Readonly<Record<string, string>> = {
  '¼': 'a quarter',
  '½': 'a half',
  '¾': 'three quarters',
};

/** Words as a voice reads them well: "US 8½" is "US 8 and a half", "17°" is "17 degrees". */
export function speakable(text: string): string {
  return text
    .replace(/(\d)?([¼½¾])/g, (_all, whole: string | undefined, sign: string) =>
      whole === undefined ? (FRACTIONS[sign] ?? sign) : `${whole} and ${FRACTIONS[sign] ?? sign}`,
    )
    .replace(/°/g, ' degrees')
    .replace(/⌀/g, 'diameter')
    .replace(/\bmm\b/g, 'millimetres')
    .replace(/\s+/g, ' ')
    .trim();
}

/** Says something with the browser's own voice, in place of what it was saying; nothing where it has none. */
export function say(text: string): void {
  if (typeof window === 'undefined' || !('speechSynthesis' in window)) return;
  window.speechSynthesis.cancel();
  const words = new SpeechSynthesisUtterance(speakable(text));
  words.lang = 'en';
  window.speechSynthesis.speak(words);
}
