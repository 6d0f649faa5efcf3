import { View } from 'react-native';
import { useAppDispatch, useAppSelector } from '@/store/store';
import { THING_WORDS } from '@/store/things';
import { nextBatch, sendAgain } from '@/store/unsent-slice';
import { thingGone, thingsTriedAgain } from '@/store/unsent-things-slice';
import { TextButton } from '@/ui/TextButton';
import { Type } from '@/ui/Type';

/** Something new that the server would not have: what it says of it, and the way on. */
function RefusedThings() {
  const dispatch = useAppDispatch();
  const { things, refused } = useAppSelector((state) => state.unsentThings);
  return things
    .filter(({ id }) => id in refused)
    .map(({ id, kind, body, label = body['name'] }) => {
      const name = typeof label === 'string' ? ` “${label}”` : '';
      return (
        <View
          key={id}
          role="alert"
          className="flex-row items-center gap-3 border-t border-stop bg-fold px-4 py-1"
          testID="refused-thing"
        >
          <Type className="flex-1">{`${THING_WORDS[kind]}${name} is not taken: ${refused[id] ?? ''}`}</Type>
          <TextButton label="Try again" onPress={() => dispatch(thingsTriedAgain())} />
          <TextButton
            label="Discard"
            describe={`Discard ${THING_WORDS[kind].toLowerCase()}${name}`}
            onPress={() => dispatch(thingGone(id))}
          />
        </View>
      );
    });
}

/** Why something waits in the browser; undefined while nothing does, or it is just being sent. */
function useWaiting(): { readonly waiting: number; readonly why: string } | undefined {
  const unsent = useAppSelector((state) => state.unsent);
  const things = useAppSelector((state) => state.unsentThings.things);
  const isAway = useAppSelector((state) => state.contact.away) || unsent.away;
  const waiting = unsent.queue.length + things.length;
  if (isAway && waiting > 0) return { waiting, why: 'the server is away. Kept here, sent when it returns.' };
  // A page that was reloaded in the middle of sending is the one that sends, until it is known to be gone.
  const isHeldUp = !unsent.sending && nextBatch(unsent) !== undefined;
  return isHeldUp ? { waiting, why: 'kept here, sent in a moment.' } : undefined;
}

/** How much waits in the browser; it goes by itself. */
export function UnsentBar() {
  const dispatch = useAppDispatch();
  const held = useWaiting();
  return (
    <>
      <RefusedThings />
      {held ? (
        <View
          role="status"
          className="flex-row items-center gap-3 border-t border-ink bg-fold px-4 py-1"
          testID="unsent"
        >
          <Type className="flex-1">{`${held.waiting} waiting: ${held.why}`}</Type>
          <TextButton label="Send now" onPress={() => dispatch(sendAgain(undefined))} />
        </View>
      ) : null}
    </>
  );
}
