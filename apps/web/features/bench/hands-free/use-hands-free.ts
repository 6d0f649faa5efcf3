import { doneBody } from '@round-mint/core/ring';
import { useRouter } from 'expo-router';
import { useEffect, useRef, useState } from 'react';
import { doneNeed } from '@/features/bench/ring/done-needs';
import { useDerived } from '@/features/bench/ring/use-derived';
import { useWakeLock } from '@/features/bench/ring/use-wake-lock';
import type { BenchRing } from '@/features/shared/ring/bench-model';
import { say } from '@/features/shared/ring/speech';
import { useBenchLog } from '@/features/shared/ring/use-bench-log';
import { useHolds } from '@/features/shared/ring/use-holds';
import { useWaitLog } from '@/features/shared/ring/use-waits';
import { useSettings, useWriters } from '@/features/shared/settings/use-settings';
import { useSettled } from '@/ui/use-settled';
import { askWords, bathToStart, mayGoOn, spokenStep } from './hands-free-model';
import { useFootPedal } from './use-foot-pedal';

/** Presses nearer to each other than this are one. */
const BOUNCE_MS = 400;

/** What is asked before the step at hand is done; it belongs to the step that it was asked at. */
function useQuestion(step: number) {
  const [asked, setAsked] = useState<{ readonly step: number; readonly words: string }>();
  return {
    question: asked?.step === step ? asked.words : undefined,
    ask: (words: string) => setAsked({ step, words }),
  };
}

/** A pedal's bounce, or a key that presses the page and is heard by it, counts once. */
function useBounce(): () => boolean {
  const pressedAt = useRef(0);
  return () => {
    const now = Date.now();
    if (now - pressedAt.current < BOUNCE_MS) return true;
    pressedAt.current = now;
    return false;
  };
}

/** A ring that is worked on without hands: what is shown and said, and what a press does. */
export function useHandsFree(kept: BenchRing) {
  const router = useRouter();
  const { bench, word, log } = useDerived(kept, useBenchLog(kept.ring.id));
  const { start } = useWaitLog();
  const { speech } = useSettings();
  const write = useWriters();
  const { ring, state, step } = bench;
  const held = useHolds()(bench) !== undefined;
  const settled = useSettled(state.step);
  const bounces = useBounce();
  const { question, ask } = useQuestion(state.step);
  useWakeLock();
  const spoken = step ? spokenStep(step, word, bench.edges) : 'All steps are done.';
  useEffect(() => {
    if (speech) say(spoken);
  }, [speech, spoken]);
  const bath = bathToStart(bench);
  const leave = () => router.replace({ pathname: '/bench/[id]', params: { id: ring.id } });
  const undo = () => {
    const { lastEventId } = state;
    if (lastEventId) log.log({ kind: 'undone', eventId: lastEventId });
  };
  const next = () => {
    if (!settled || bounces()) return;
    if (!step) return leave();
    if (bath) return start(bath, [ring.id]);
    const need = doneNeed(bench, word, held);
    if (need && !(question && mayGoOn(need))) return ask(askWords(need, bench, write.size));
    const done = doneBody(step.kind, state.step);
    log.log(need === 'done' && done.kind === 'step-done' ? { ...done, asRead: true } : done);
  };
  useFootPedal({ next, undo, leave });
  const { code, message } = word.advice;
  const said = question ?? (code === 'stop-at' || code === 'do-it' ? undefined : message);
  return { bench, word, said, bath, next, undo, leave };
}
