import { Navigator } from 'expo-router';
import { useDeferredValue } from 'react';

/**
 * The screen that the address names, drawn in slices: within a place while the one before it still stands, on coming to
 * a place while its paper is still bare. No tap waits for a page.
 */
function Deferred() {
  const { state, descriptors } = Navigator.useContext();
  const route = state.routes[state.index];
  return useDeferredValue(route && descriptors[route.key]?.render(), null);
}

/**
 * The screens of a place, one at a time. Only screens are deferred, never a place itself: the router has to know at once
 * what lies in it, or the first step within it would take the place of the step into it, and Back would leave it.
 */
export function CalmSlot() {
  return (
    <Navigator>
      <Deferred />
    </Navigator>
  );
}
