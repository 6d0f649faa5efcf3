import { clearAllListeners } from '@reduxjs/toolkit';
import { act, render } from '@testing-library/react-native';
import type { ReactElement, ReactNode } from 'react';
import { Provider } from 'react-redux';
import type { ReactTestInstance } from 'react-test-renderer';
import { api } from '@/store/api';
import { createStore } from '@/store/store';

const stores: ReturnType<typeof createStore>[] = [];

// Fetched data is kept for a minute after its last use: no test waits for that.
afterEach(() => {
  act(() =>
    stores.splice(0).forEach((store) => {
      store.dispatch(clearAllListeners());
      store.dispatch(api.util.resetApiState());
    }),
  );
});

/** A store of its own, and what puts it round a piece of the app or a hook. */
export function storeWrapper() {
  const store = createStore();
  stores.push(store);
  const wrapper = ({ children }: { children: ReactNode }) => <Provider store={store}>{children}</Provider>;
  return { store, wrapper };
}

/** Renders a piece of the app with a store of its own. */
export function renderWithStore(element: ReactElement) {
  const { store, wrapper } = storeWrapper();
  return { store, ...render(element, { wrapper }) };
}

/** Changes the store as if the maker had, all at once. */
export function dispatchAll(
  store: ReturnType<typeof createStore>,
  ...actions: readonly Parameters<typeof store.dispatch>[0][]
): void {
  act(() => actions.forEach((action) => store.dispatch(action)));
}

/** Lets what was asked of the server arrive. */
export async function settle(): Promise<void> {
  await act(async () => {
    await new Promise((resolve) => setTimeout(resolve, 0));
  });
}

/** What a screen reader calls an element. */
export function nameOf({ props }: ReactTestInstance): string {
  return String(props.accessibilityLabel ?? props['aria-label']);
}
