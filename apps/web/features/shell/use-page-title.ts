import { usePathname } from 'expo-router';
import { useEffect } from 'react';
import { placeOf, PLACES } from '@/features/shared/tabs/places';

const APP = 'Round Mint';

/** "Marenza 5 corvi, 1961 · Plan · Round Mint" */
export function pageTitle(heading: string | null | undefined, pathname: string): string {
  const place = PLACES.find(({ root }) => root === placeOf(pathname))?.name;
  return [...new Set([heading, place, APP])].filter(Boolean).join(' · ');
}

/**
 * The document is named after the page's heading, and after going to another page the heading is where a keyboard and
 * a screen reader go on from.
 */
export function usePageTitle(): void {
  const pathname = usePathname();
  useEffect(() => {
    const main = document.querySelector('[role=main], main');
    if (!main) return undefined;
    const before = main.querySelector('h1');
    const saidBefore = before?.textContent;
    const cameFrom = document.activeElement;
    let isFocused = document.title === APP;
    let frame = 0;
    const look = () => {
      frame = 0;
      const heading = main.querySelector('h1');
      document.title = pageTitle(heading?.textContent, pathname);
      const isNew = heading && (heading !== before || heading.textContent !== saidBefore);
      if (isFocused || !isNew) return;
      isFocused = true;
      // A maker who has gone on meanwhile is not called back.
      const at = document.activeElement;
      if (at !== cameFrom && at !== document.body) return;
      heading.tabIndex = -1;
      heading.focus({ preventScroll: true });
    };
    const soon = () => {
      if (frame === 0) frame = requestAnimationFrame(look);
    };
    const observer = new MutationObserver(soon);
    observer.observe(main, { childList: true, subtree: true, characterData: true });
    soon();
    return () => {
      observer.disconnect();
      cancelAnimationFrame(frame);
    };
  }, [pathname]);
}
