import { Link, usePathname } from 'expo-router';
import Settings from 'lucide-react-native/icons/settings-2';
import { Pressable, View } from 'react-native';
import Svg, { Path } from 'react-native-svg';
import { usePalette } from '@/theme/light';
import { Type } from '@/ui/Type';
import { useIsShort } from '@/ui/use-short';
import { placeOf, PLACES, type Place } from '@/features/shared/tabs/places';

function PlaceLink({ place, here, rail }: { place: Place; here: boolean; rail: boolean }) {
  const palette = usePalette();
  const short = useIsShort();
  const colour = here ? palette.ink : palette.soft;
  const mark = rail ? `border-l-[3px] ${short ? 'py-1' : 'py-3'}` : 'flex-1 border-t-[3px] py-2';
  return (
    <Link href={place.href} asChild>
      <Pressable
        aria-current={here ? 'page' : undefined}
        aria-label={place.name}
        className={`min-h-[56px] items-center justify-center gap-0.5 ${mark} ${here ? 'border-ink' : 'border-transparent'}`}
      >
        <Svg width={26} height={26} viewBox="0 0 24 24" aria-hidden>
          <Path
            d={place.strokes}
            fill="none"
            stroke={colour}
            strokeWidth="1.7"
            strokeLinecap="round"
            strokeLinejoin="round"
          />
        </Svg>
        <Type as="small" className={here ? 'font-strong text-ink' : ''}>
          {place.name}
        </Type>
      </Pressable>
    </Link>
  );
}

/** The places: a bar in thumb's reach on a phone, a rail on a wide screen. */
export function PlaceBar({ rail }: { rail: boolean }) {
  const palette = usePalette();
  const here = placeOf(usePathname());
  const short = useIsShort();
  return (
    <View
      role="navigation"
      aria-label="Places"
      className={
        rail
          ? `w-[84px] border-r border-line bg-paper ${short ? '' : 'pt-4'}`
          : 'flex-row border-t border-line bg-paper'
      }
    >
      {PLACES.map((place) => (
        <PlaceLink key={place.root} place={place} here={here === place.root} rail={rail} />
      ))}
      {rail ? (
        <View className={`flex-1 justify-end ${short ? '' : 'pb-4'}`}>
          <Link href="/settings" asChild>
            <Pressable
              aria-label="Settings"
              aria-current={here === 'settings' ? 'page' : undefined}
              className="min-h-[56px] items-center justify-center gap-0.5"
            >
              <Settings size={24} color={here === 'settings' ? palette.ink : palette.soft} />
              <Type as="small" className={here === 'settings' ? 'font-strong text-ink' : ''}>
                Settings
              </Type>
            </Pressable>
          </Link>
        </View>
      ) : null}
    </View>
  );
}
