/** A first screen has its data by then, on a slow line too, ms. */
const FIRST_SCREEN_MS = 4000;

/**
 * Does something once the page is fetched, its first screen has had time to come, and nothing presses.
 * @returns calls it off
 */
export function whenCalm(work: () => void): () => void {
  let timer: ReturnType<typeof setTimeout> | undefined;
  const wait = () => {
    timer = setTimeout(() => {
      if ('requestIdleCallback' in window) requestIdleCallback(work);
      else work();
    }, FIRST_SCREEN_MS);
  };
  if (document.readyState === 'complete') wait();
  else window.addEventListener('load', wait, { once: true });
  return () => {
    window.removeEventListener('load', wait);
    clearTimeout(timer);
  };
}
