import { useVirtualizer } from '@tanstack/react-virtual';
import { useEffect, useLayoutEffect, useRef, useState, type ReactElement } from 'react';
import { Platform, View, type Role, type ScrollView, type ViewStyle } from 'react-native';
import { useScroller } from './ScrollArea';
import { NO_MORE, ShowMore, type GoesOn } from './ShowMore';

/** Rows beyond the edges that are drawn, too: a thumb's flick does not outrun them. */
const BEYOND = 8;
/** The next page is read when so few rows are left below. */
const ROWS_LEFT = 20;

interface VirtualRowsProps<T> {
  readonly items: readonly T[];
  readonly keyOf: (item: T) => string;
  readonly renderRow: (item: T) => ReactElement;
  /** What a row is about as tall as, px; each is measured once it is drawn. */
  readonly rowPx: number;
  /** A list's rows are made list items; rows of anything else bring their own role. */
  readonly role?: Role;
  readonly label?: string;
  /** How the list goes on; left out of one that is there whole. */
  readonly from?: GoesOn | undefined;
  /** The row to go to; each new object goes there once. */
  readonly goTo?: { readonly index: number } | undefined;
  /** Told which rows are drawn, from and up to. */
  readonly onDrawn?: (from: number, to: number) => void;
}

/** So many rows are drawn whole: a page's own search, and a reader, find all of them. */
const DRAWN_WHOLE = 60;

/** A column of rows; of a long one only those in sight are drawn, and it is read on as it is scrolled. */
export function VirtualRows<T>({ from = NO_MORE, ...rows }: VirtualRowsProps<T>) {
  const isLong = Platform.OS === 'web' && rows.items.length > DRAWN_WHOLE;
  return (
    <View>
      {isLong ? <RowsInSight {...rows} from={from} /> : <AllRows {...rows} />}
      <ShowMore from={from} />
    </View>
  );
}

/** A short list, or where nothing tells what is in sight. */
function AllRows<T>({ items, keyOf, renderRow, role = 'list', label, goTo, onDrawn }: VirtualRowsProps<T>) {
  const area = useScroller();
  const here = useRef<View>(null);
  useEffect(() => onDrawn?.(0, items.length - 1), [items, onDrawn]);
  useEffect(() => {
    if (!goTo || !area || !here.current) return;
    const scroller = elementOfArea(area);
    const row = elementOf(here.current).children[goTo.index];
    if (row) scroller.scrollTop = offsetIn(scroller, row);
  }, [goTo, area]);
  return (
    <View ref={here} role={role} aria-label={label}>
      {items.map((item) => (
        <View key={keyOf(item)} {...(role === 'list' ? { role: 'listitem' as const } : {})}>
          {renderRow(item)}
        </View>
      ))}
    </View>
  );
}

/** A browser that holds on to a row while others are drawn would scroll away. React Native knows no such style. */
const UNANCHORED = { overflowAnchor: 'none' } as unknown as ViewStyle;

/** The element that a component is drawn as; React Native's types know of none. */
const elementOf = (drawn: View) => drawn as unknown as HTMLElement;

const elementOfArea = (area: ScrollView) => area.getScrollableNode() as HTMLElement;

/** How far below the top of what scrolls something lies, px. */
function offsetIn(scroller: Element, element: Element): number {
  return element.getBoundingClientRect().top - scroller.getBoundingClientRect().top + scroller.scrollTop;
}

function RowsInSight<T>({
  items,
  keyOf,
  renderRow,
  rowPx,
  role = 'list',
  label,
  from: { more, readingOn, isError },
  goTo,
  onDrawn,
}: VirtualRowsProps<T> & { readonly from: GoesOn }) {
  // The package changes its own object in place, which a remembered drawing would not be told.
  'use no memo';
  const area = useScroller();
  const scroller = area ? elementOfArea(area) : null;
  const [here, setHere] = useState<View | null>(null);
  const [marginPx, setMarginPx] = useState(0);
  // eslint-disable-next-line react-hooks/incompatible-library -- said above
  const rows = useVirtualizer({
    count: items.length,
    getScrollElement: () => scroller,
    getItemKey: (index) => {
      const item = items[index];
      return item === undefined ? index : keyOf(item);
    },
    estimateSize: () => rowPx,
    overscan: BEYOND,
    scrollMargin: marginPx,
    // React Native's own scrollTo takes the element's place, and takes other words.
    scrollToFn: (offsetPx, { adjustments = 0 }) => {
      if (scroller) scroller.scrollTop = offsetPx + adjustments;
    },
  });
  // What stands above may grow or shrink at any time; measured anew it is mostly the same, which ends it.
  // eslint-disable-next-line react-hooks/exhaustive-deps
  useLayoutEffect(() => {
    if (here && scroller) setMarginPx(Math.round(offsetIn(scroller, elementOf(here))));
  });
  useEffect(() => {
    if (goTo) rows.scrollToIndex(goTo.index, { align: 'start' });
    // Once for each place that is gone to.
    // eslint-disable-next-line react-hooks/exhaustive-deps
  }, [goTo]);
  const drawn = rows.getVirtualItems();
  const first = drawn[0]?.index ?? 0;
  const to = drawn.at(-1)?.index ?? -1;
  useEffect(() => {
    if (to >= 0) onDrawn?.(first, to);
  }, [first, to, onDrawn]);
  // A server that is away is asked again by hand only.
  const goesOn = more !== undefined && !readingOn && !isError;
  const nearEnd = to >= 0 && to >= items.length - ROWS_LEFT;
  useEffect(() => {
    if (nearEnd && goesOn) more();
    // Once for what was read: another function that reads on is no reason to.
    // eslint-disable-next-line react-hooks/exhaustive-deps
  }, [nearEnd, goesOn, items.length]);
  return (
    <View ref={setHere} role={role} aria-label={label} style={{ height: rows.getTotalSize(), ...UNANCHORED }}>
      {drawn.map(({ key, index, start }) => {
        const item = items[index];
        if (item === undefined) return null;
        const place = { 'aria-posinset': index + 1, 'aria-setsize': more ? -1 : items.length };
        return (
          <View
            key={key}
            ref={(row) => rows.measureElement(row && elementOf(row))}
            style={{
              position: 'absolute',
              left: 0,
              right: 0,
              top: 0,
              transform: [{ translateY: start - marginPx }],
            }}
            {...({
              dataSet: { index },
              ...(role === 'list' ? { role: 'listitem', ...place } : {}),
            } as object)}
          >
            {renderRow(item)}
          </View>
        );
      })}
    </View>
  );
}
