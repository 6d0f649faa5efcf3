/** What is asked of a screen's layout. */
export interface LayoutRules {
  /** Least width and height of what is pressed, px; links within a text are as high as it. */
  readonly leastTargetPx: number;
  /** Where hands are dirty: a selector, and how high at least what is pressed there is, px. */
  readonly atBench: { readonly within: string; readonly highPx: number };
  /** Least size of a text, px. */
  readonly leastTextPx: number;
  /** Selector of drawings in which the size of a thing says something: it cannot be larger. */
  readonly toScale: string;
}

/**
 * What is wrong with the layout of the page as it stands: texts that are cut off, lie on each other or are too small,
 * targets too small for a thumb, a page that scrolls sideways, a heading or a title that is missing. Runs in the page.
 * @returns a line for each fault, empty where all is well
 */
export function layoutFaults({
  leastTargetPx,
  atBench,
  leastTextPx,
  toScale,
}: LayoutRules): readonly string[] {
  const HAIR_PX = 1.5;
  const faults: string[] = [];

  const isShown = (element: Element) =>
    element.checkVisibility({ opacityProperty: true, visibilityProperty: true }) &&
    !element.closest('[inert]');
  const said = (element: Element) => {
    const words = element.getAttribute('aria-label') ?? element.textContent ?? '';
    return `"${words.replace(/\s+/g, ' ').trim().slice(0, 48)}"`;
  };

  /** How much larger a drawing is shown than it is written, also where its words stand upright. */
  const scaleOf = (text: SVGGraphicsElement) => {
    const { a = 1, b = 0 } = text.getScreenCTM() ?? {};
    return Math.hypot(a, b);
  };
  /** Shortened with dots, and said in full by what it lies in. */
  const isShortened = (element: Element) => {
    const { textOverflow, webkitLineClamp } = getComputedStyle(element);
    return (
      (textOverflow === 'ellipsis' || webkitLineClamp !== 'none') && element.closest('[aria-label]') !== null
    );
  };

  const root = document.documentElement;
  if (root.scrollWidth > innerWidth + HAIR_PX)
    faults.push(`page is ${root.scrollWidth - innerWidth} px too wide`);
  if (root.scrollHeight > innerHeight + HAIR_PX)
    faults.push(`page is ${root.scrollHeight - innerHeight} px too high`);

  const headings = [...document.querySelectorAll('h1, [role=heading][aria-level="1"]')].filter(isShown);
  if (headings.length !== 1) faults.push(`${headings.length} first headings`);
  else if (!document.title.startsWith(headings[0]?.textContent ?? ''))
    faults.push(`title "${document.title}"`);

  /** Where an element's texts may be seen: within all that clips them. */
  interface Text {
    readonly element: Element;
    readonly box: DOMRect;
    readonly scroller: Element | null;
    readonly rects: readonly DOMRect[];
  }
  const clips = (element: Element) => {
    const { overflowX, overflowY } = getComputedStyle(element);
    return {
      x: overflowX !== 'visible',
      y: overflowY !== 'visible',
      scrolls: /auto|scroll/.test(overflowX + overflowY),
    };
  };
  const texts: Text[] = [];
  const walker = document.createTreeWalker(document.body, NodeFilter.SHOW_TEXT);
  for (let node = walker.nextNode(); node; node = walker.nextNode()) {
    const element = node.parentElement;
    if (!element || !node.textContent?.trim() || /^(STYLE|SCRIPT|TITLE|NOSCRIPT)$/.test(element.tagName))
      continue;
    if (!isShown(element) || element.closest('[aria-hidden=true] svg, [data-splash]')) continue;
    const range = document.createRange();
    range.selectNodeContents(node);
    const rects = [...range.getClientRects()].filter(({ width, height }) => width > 0 && height > 0);
    if (rects.length === 0) continue;
    let box = range.getBoundingClientRect();

    const size = parseFloat(getComputedStyle(element).fontSize);
    const drawn = element instanceof SVGTextContentElement ? size * scaleOf(element) : size;
    const isRaised =
      getComputedStyle(element).position === 'relative' &&
      element.parentElement?.textContent !== element.textContent;
    if (drawn < leastTextPx - 0.01 && !isRaised)
      faults.push(`text of ${drawn.toFixed(1)} px: ${said(element)}`);

    // Letters are lower than the box that they are measured by.
    const room = Math.max(4, 0.15 * box.height);
    let scroller: Element | null = null;
    for (
      let around: Element | null = element;
      around && around !== document.body;
      around = around.parentElement
    ) {
      if (around instanceof SVGElement && !(around instanceof SVGSVGElement)) continue;
      const { x, y, scrolls } = clips(around);
      const { left, right, top, bottom } = around.getBoundingClientRect();
      if (scrolls) {
        scroller = around;
        break;
      }
      if (isShortened(around)) {
        box = around.getBoundingClientRect();
        continue;
      }
      if (x && (box.left < left - HAIR_PX || box.right > right + HAIR_PX)) {
        faults.push(`cut off sideways: ${said(element)}`);
        break;
      }
      if (y && (box.top < top - room || box.bottom > bottom + room)) {
        faults.push(`cut off above or below: ${said(element)}`);
        break;
      }
    }
    // Of a text that is shortened only so much is seen.
    const seen = rects.map((rect) => (rect.width > box.width ? box : rect));
    texts.push({ element, box, scroller, rects: seen });
  }

  const overlap = (a: DOMRect, b: DOMRect) =>
    Math.min(a.right, b.right) - Math.max(a.left, b.left) > 3 &&
    Math.min(a.bottom, b.bottom) - Math.max(a.top, b.top) > 0.35 * Math.min(a.height, b.height);
  for (const [i, one] of texts.entries()) {
    for (const other of texts.slice(i + 1)) {
      // Nearly all are told by their boxes: what asks the page comes after.
      if (one.scroller !== other.scroller || !overlap(one.box, other.box)) continue;
      // A word that is drawn twice has a halo of its ground's colour.
      if (one.element.textContent === other.element.textContent) continue;
      if (one.element.contains(other.element) || other.element.contains(one.element)) continue;
      // Sheets lie over their page on purpose.
      if (one.element.closest('[role=dialog]') !== other.element.closest('[role=dialog]')) continue;
      if (!one.rects.some((a) => other.rects.some((b) => overlap(a, b)))) continue;
      faults.push(`on each other: ${said(one.element)} and ${said(other.element)}`);
    }
  }

  const TARGETS =
    'a[href], button, input, select, textarea, [role=button], [role=link], [role=radio], [role=checkbox], [role=switch], [role=tab]';
  for (const target of document.querySelectorAll(TARGETS)) {
    if (!isShown(target) || target.closest(`[aria-hidden=true], ${toScale}`)) continue;
    if (getComputedStyle(target).display.startsWith('inline') && target.tagName !== 'INPUT') continue;
    const { width, height } = target.getBoundingClientRect();
    if (width === 0 || height === 0) continue;
    const leastHeightPx = target.closest(atBench.within) ? atBench.highPx : leastTargetPx;
    if (height < leastHeightPx - 0.5 || width < leastTargetPx - 0.5) {
      faults.push(`target of ${Math.round(width)} × ${Math.round(height)}: ${said(target)}`);
    }
  }
  return [...new Set(faults)];
}
