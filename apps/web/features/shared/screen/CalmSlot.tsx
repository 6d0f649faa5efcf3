import { Navigator } from 'expo-router';
import { useDeferredValue } from 'react';

/** The screen that the address names, drawn in slices while the one before it still stands: no tap waits for a page. */
function Deferred() {
  const { state, descriptors } = Navigator.useContext();
  const route = state.routes[state.index];
  return useDeferredValue(route && descriptors[route.key]?.render());
}

/** The screens of a place, one at a time. */
export function CalmSlot() {
  return (
    <Navigator>
      <Deferred />
    </Navigator>
  );
}
