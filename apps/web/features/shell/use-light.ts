import { useEffect, useState } from 'react';
import { flushSync } from 'react-dom';
import { useColorScheme } from 'react-native';
import type { Settings } from '@round-mint/contract/settings';
import { useAppSelector } from '@/store/store';
import type { Light } from '@/theme/light';
import palette from '@/theme/palette.json';

/** Whether the page is being printed: it is drawn for that before the printer sees it. */
function useIsPrinting(): boolean {
  const [isPrinting, setPrinting] = useState(false);
  useEffect(() => {
    const begun = () => flushSync(() => setPrinting(true));
    const ended = () => setPrinting(false);
    window.addEventListener('beforeprint', begun);
    window.addEventListener('afterprint', ended);
    return () => {
      window.removeEventListener('beforeprint', begun);
      window.removeEventListener('afterprint', ended);
    };
  }, []);
  return isPrinting;
}

/** The light that everything is drawn in: as chosen, as the device has it, or dimmed for an anneal; paper is always white. */
export function useLight(chosen: Settings['light']): Light {
  const isDark = useColorScheme() === 'dark';
  const dimmed = useAppSelector((state) => state.light.dimmed);
  const isPrinting = useIsPrinting();
  const isDim = dimmed || chosen === 'torch' || (chosen === 'device' && isDark);
  const light = isDim && !isPrinting ? 'torch' : 'day';
  useEffect(() => {
    const { classList } = document.documentElement;
    classList.toggle('torch', light === 'torch');
    // The page came with the light of the device; from here on it is looked after.
    classList.remove('device');
    document.querySelector('meta[name="theme-color"]')?.setAttribute('content', palette[light].paper);
  }, [light]);
  return light;
}
