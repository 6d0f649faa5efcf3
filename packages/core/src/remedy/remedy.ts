/** What it looks like, why, what to do now, and what to change next time. */
export interface Remedy {
  readonly title: string;
  readonly causes: readonly string[];
  readonly now: readonly string[];
  readonly nextTime: readonly string[];
}
