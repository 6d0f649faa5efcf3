import { Link, usePathname, type Href } from 'expo-router';
import type { LucideIcon } from 'lucide-react-native';
import Search from 'lucide-react-native/icons/search';
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
  const mark = rail
    ? `border-l-[3px] ${short ? 'min-h-[48px]' : 'min-h-[56px] py-3'}`
    : 'min-h-[56px] flex-1 border-t-[3px] py-2';
  return (
    <Link href={place.href} asChild>
      <Pressable
        aria-current={here ? 'page' : undefined}
        aria-label={place.name}
        className={`items-center justify-center gap-0.5 ${mark} ${here ? 'border-ink' : 'border-transparent'}`}
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

interface RailLinkProps {
  name: string;
  href: Href;
  isHere: boolean;
  Icon: LucideIcon;
}

/** What every place has, below the places. */
function RailLink({ name, href, isHere, Icon }: RailLinkProps) {
  const palette = usePalette();
  const short = useIsShort();
  return (
    <Link href={href} asChild>
      <Pressable
        aria-label={name}
        aria-current={isHere ? 'page' : undefined}
        className={`items-center justify-center gap-0.5 ${short ? 'min-h-[48px]' : 'min-h-[56px]'}`}
      >
        <Icon size={24} color={isHere ? palette.ink : palette.soft} />
        <Type as="small" className={isHere ? 'font-strong text-ink' : ''}>
          {name}
        </Type>
      </Pressable>
    </Link>
  );
}

/** The places: a bar in thumb's reach on a phone, a rail on a wide screen. */
export function PlaceBar({ rail }: { rail: boolean }) {
  const here = placeOf(usePathname());
  const short = useIsShort();
  return (
    <View
      role="navigation"
      aria-label="Places"
      className={
        rail
          ? `w-[84px] border-r border-line bg-paper print:hidden ${short ? '' : 'pt-4'}`
          : 'flex-row border-t border-line bg-paper print:hidden'
      }
    >
      {PLACES.map((place) => (
        <PlaceLink key={place.root} place={place} here={here === place.root} rail={rail} />
      ))}
      {rail ? (
        <View className={`flex-1 justify-end ${short ? '' : 'pb-4'}`}>
          <RailLink name="Search" href="/search" isHere={here === 'search'} Icon={Search} />
          <RailLink name="Settings" href="/settings" isHere={here === 'settings'} Icon={Settings} />
        </View>
      ) : null}
    </View>
  );
}
