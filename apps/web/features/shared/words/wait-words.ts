import type { StepWait, WaitClock } from '@round-mint/core/steps';

/** "3:20", past an hour "1:03:20". */
export function clockText(seconds: number): string {
  const whole = Math.floor(seconds);
  const two = (n: number) => String(n).padStart(2, '0');
  const [h, m, s] = [Math.floor(whole / 3600), Math.floor(whole / 60) % 60, whole % 60];
  return h > 0 ? `${h}:${two(m)}:${two(s)}` : `${m}:${two(s)}`;
}

/** What a clock says: "3:20 left", "due, 4:00 at most", "late by 0:40", "0:12". */
export function waitWords({ phase, elapsedSec, leftSec }: WaitClock, longSec: number | undefined): string {
  switch (phase) {
    case 'since':
      return clockText(elapsedSec);
    case 'running':
      return `${clockText(Math.ceil(leftSec ?? 0))} left`;
    case 'due':
      return longSec === undefined ? 'due' : `due, out within ${clockText(Math.ceil(leftSec ?? 0))}`;
    case 'late':
      return `late by ${clockText(leftSec ?? 0)}`;
  }
}

/** "5–15 min", "1 min", "by eye". */
export function spanWords({ shortSec, longSec }: StepWait): string {
  const soonest = shortSec ?? longSec;
  if (soonest === undefined) return 'counts up, stop by eye';
  const minutes = (seconds: number) => Number((seconds / 60).toFixed(1));
  const unit = Math.max(soonest, longSec ?? 0) < 60 ? 's' : 'min';
  const amount = (seconds: number) => (unit === 's' ? seconds : minutes(seconds));
  return longSec === undefined || longSec === soonest
    ? `${amount(soonest)} ${unit}`
    : `${amount(soonest)}–${amount(longSec)} ${unit}`;
}
