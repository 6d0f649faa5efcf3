import { Asset } from 'expo-asset';
import Barlow400 from '@expo-google-fonts/barlow/400Regular/Barlow_400Regular.ttf';
import Barlow500 from '@expo-google-fonts/barlow/500Medium/Barlow_500Medium.ttf';
import Barlow600 from '@expo-google-fonts/barlow/600SemiBold/Barlow_600SemiBold.ttf';
import ZillaSlab600 from '@expo-google-fonts/zilla-slab/600SemiBold/ZillaSlab_600SemiBold.ttf';

/** Shipped with the app; the file names are the family names that styles use. */
export const FONTS = {
  Barlow_400Regular: Barlow400,
  Barlow_500Medium: Barlow500,
  Barlow_600SemiBold: Barlow600,
  ZillaSlab_600SemiBold: ZillaSlab600,
};

/** Numerals, fractions included: the slab is for words, so these come from Barlow in headings too. */
const NUMERALS = 'U+30-39, U+BC-BE';

/** Registers the numerals that stand before the slab in a heading's list of families. */
export async function loadSlabNumerals(): Promise<void> {
  const { uri } = Asset.fromModule(Barlow600);
  const face = new FontFace('SlabNumerals', `url(${uri})`, { unicodeRange: NUMERALS });
  document.fonts.add(await face.load());
}
