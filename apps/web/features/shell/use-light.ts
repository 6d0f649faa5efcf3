import { useEffect, useState } from 'react';
import type { Settings } from '@round-mint/contract/settings';
import { useAppSelector } from '@/store/store';
import type { Light } from '@/theme/light';
import palette from '@/theme/palette.json';

const DARK = '(prefers-color-scheme: dark)';

function useDeviceIsDark(): boolean {
  const [isDark, setDark] = useState(() => window.matchMedia(DARK).matches);
  useEffect(() => {
    const device = window.matchMedia(DARK);
    const tell = () => setDark(device.matches);
    device.addEventListener('change', tell);
    return () => device.removeEventListener('change', tell);
  }, []);
  return isDark;
}

/** The light that everything is drawn in: as chosen, as the device has it, or dimmed for an anneal. */
export function useLight(chosen: Settings['light']): Light {
  const isDark = useDeviceIsDark();
  const dimmed = useAppSelector((state) => state.light.dimmed);
  const light = dimmed || chosen === 'torch' || (chosen === 'device' && isDark) ? 'torch' : 'day';
  useEffect(() => {
    document.documentElement.classList.toggle('torch', light === 'torch');
    document.querySelector('meta[name="theme-color"]')?.setAttribute('content', palette[light].paper);
  }, [light]);
  return light;
}
