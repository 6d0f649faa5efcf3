import { type ComponentType, startTransition, useEffect, useState } from 'react';
import { Opening } from '@/ui/Waiting';
import { loadShared } from './load-shared';

/**
 * A screen whose code comes in a file of its own, fetched when it is first opened.
 * A file that does not come is a problem of the place, and trying again asks for it again.
 * @param load imports the screen
 */
export function lazyScreen<Props extends object>(
  load: () => Promise<ComponentType<Props>>,
): ComponentType<Props> {
  const fetched: { Screen?: ComponentType<Props> } = {};
  return function LazyScreen(props: Props) {
    const [Screen, setScreen] = useState(() => fetched.Screen);
    const [problem, setProblem] = useState<Error>();
    useEffect(() => {
      if (fetched.Screen) return;
      loadShared()
        .then(load)
        .then(
          (Loaded) => {
            fetched.Screen = Loaded;
            startTransition(() => setScreen(() => Loaded));
          },
          () => setProblem(new Error('Part of the app could not be fetched: the server does not answer.')),
        );
    }, []);
    if (problem) throw problem;
    return Screen ? <Screen {...props} /> : <Opening />;
  };
}
