import type { Block } from '@round-mint/core/schedule';

/** Steps that the hands do in one go: one flame, one set-up, or one ring. */
export interface Run {
  readonly key: string;
  readonly blocks: readonly Block[];
  readonly fromMin: number;
  readonly workMin: number;
  readonly toMin: number;
  /** Whether the helper's hands do it. */
  readonly byHelper: boolean;
}

/** Steps further apart than this are not one go, minutes. */
const TOGETHER_MIN = 6;

function goesOn(before: Block, block: Block): boolean {
  if (block.startMin - before.handsEndMin > TOGETHER_MIN) return false;
  if (block.workMin > block.startMin) return false;
  return block.lane === 'bench'
    ? block.jobId === before.jobId && before.lane === 'bench'
    : block.lane === before.lane && block.setUp === before.setUp;
}

/** The blocks of one pair of hands in order of time, gathered into runs. */
function runsOfHands(blocks: readonly Block[]): readonly Run[] {
  const runs: Block[][] = [];
  for (const block of blocks.toSorted((a, b) => a.startMin - b.startMin)) {
    const last = runs.at(-1);
    const before = last?.at(-1);
    if (last && before && goesOn(before, block)) last.push(block);
    else runs.push([block]);
  }
  return runs.flatMap((run) => {
    const [first, last] = [run[0], run.at(-1)];
    return first && last
      ? [
          {
            key: `${first.jobId} ${first.step}`,
            blocks: run,
            fromMin: first.startMin,
            workMin: first.workMin,
            toMin: last.handsEndMin,
            byHelper: first.byHelper ?? false,
          },
        ]
      : [];
  });
}

/** What each pair of hands does in one go: the maker's runs in order of time, then the helper's. */
export function runsOf(blocks: readonly Block[]): readonly Run[] {
  return [
    ...runsOfHands(blocks.filter(({ byHelper }) => !byHelper)),
    ...runsOfHands(blocks.filter(({ byHelper }) => byHelper)),
  ];
}

/** A tool or bath that is taken up for a while. */
export interface Taken {
  readonly key: string;
  readonly fromMin: number;
  readonly toMin: number;
  /** Hands are off from here on: the bath works by itself. */
  readonly handsOffMin: number;
  readonly count: number;
}

export interface ToolLane {
  readonly name: string;
  readonly lane: string;
  readonly taken: readonly Taken[];
}

/** What flame, press and each bath do: rings of one bath are one piece. */
export function toolLanes(blocks: readonly Block[]): readonly ToolLane[] {
  const lanes = new Map<string, { lane: string; taken: Map<string, Taken> }>();
  for (const block of blocks) {
    const { lane, setUp, batch, startMin, handsEndMin, endMin } = block;
    if (lane === 'bench') continue;
    const name = lane === 'bath' ? setUp : lane;
    const entry = lanes.get(name) ?? { lane, taken: new Map<string, Taken>() };
    const key = batch === undefined ? `${block.jobId} ${block.step}` : `batch ${batch}`;
    const known = entry.taken.get(key);
    entry.taken.set(key, {
      key,
      fromMin: Math.min(known?.fromMin ?? startMin, startMin),
      toMin: Math.max(known?.toMin ?? 0, lane === 'bath' ? endMin : handsEndMin),
      handsOffMin: Math.max(known?.handsOffMin ?? 0, handsEndMin),
      count: (known?.count ?? 0) + 1,
    });
    lanes.set(name, entry);
  }
  const order = ['flame', 'press', 'bath'];
  return [...lanes]
    .map(([name, { lane, taken }]) => ({ name, lane, taken: [...taken.values()] }))
    .sort((a, b) => order.indexOf(a.lane) - order.indexOf(b.lane) || a.name.localeCompare(b.name));
}
