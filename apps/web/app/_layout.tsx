import '../global.css';
import { useState } from 'react';
import { Provider } from 'react-redux';
import { Shell } from '@/features/shell/Shell';
import { createStore } from '@/store/store';

export default function RootLayout() {
  const [store] = useState(() => createStore({ withDrafts: true }));
  return (
    <Provider store={store}>
      <Shell />
    </Provider>
  );
}
