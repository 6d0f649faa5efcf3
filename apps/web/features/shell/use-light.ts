import { useEffect } from 'react';
import { useColorScheme } from 'react-native';
import type { Settings } from '@round-mint/contract/settings';
import { useAppSelector } from '@/store/store';
import type { Light } from '@/theme/light';
import palette from '@/theme/palette.json';

/** The light that everything is drawn in: as chosen, as the device has it, or dimmed for an anneal. */
export function useLight(chosen: Settings['light']): Light {
  const isDark = useColorScheme() === 'dark';
  const dimmed = useAppSelector((state) => state.light.dimmed);
  const light = dimmed || chosen === 'torch' || (chosen === 'device' && isDark) ? 'torch' : 'day';
  useEffect(() => {
    document.documentElement.classList.toggle('torch', light === 'torch');
    document.querySelector('meta[name="theme-color"]')?.setAttribute('content', palette[light].paper);
  }, [light]);
  return light;
}
