import { render } from '@testing-library/react-native';
import type { ReactElement } from 'react';
import { Provider } from 'react-redux';
import { createStore } from '@/store/store';

/** Renders a piece of the app with a store of its own. */
export function renderWithStore(element: ReactElement) {
  const store = createStore();
  return { store, ...render(<Provider store={store}>{element}</Provider>) };
}
