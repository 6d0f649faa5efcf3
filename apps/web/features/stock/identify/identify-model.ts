import { evidenceSchema } from '@round-mint/contract/pieces';
import type { StockItem } from '@round-mint/contract/stock';
import { parseDecimal } from '@round-mint/core/format';
import {
  identify,
  measureDensity,
  type Operation,
  type Evidence,
  type Identity,
} from '@round-mint/core/identify';

/** The test as it is filled in: text as typed, choices as chosen; '' is "not tested". */
export interface TestTexts {
  readonly magnet: string;
  /** Whether the marks were looked at: nothing found tells something too. */
  readonly marked: string;
  readonly mark: string;
  readonly airG: string;
  readonly waterG: string;
  readonly waterTempC: string;
  readonly stone: string;
}

export const NO_TESTS: TestTexts = {
  magnet: '',
  marked: '',
  mark: '',
  airG: '',
  waterG: '',
  waterTempC: '20',
  stone: '',
};

/** A kept test as texts to go on with. */
export function testTexts(evidence: Evidence | null | undefined): TestTexts {
  if (!evidence) return NO_TESTS;
  const { magnet = '', mark, weighing, stone = '' } = evidence;
  return {
    magnet,
    marked: mark === undefined ? '' : mark === '' ? 'none' : 'found',
    mark: mark ?? '',
    airG: weighing ? String(weighing.airG) : '',
    waterG: weighing ? String(weighing.waterG) : '',
    waterTempC: String(weighing?.waterTempC ?? 20),
    stone,
  };
}

const number = (text: string) => (text.trim() === '' ? undefined : parseDecimal(text));

/** A coin's own measures tell its density too. */
function discOf(piece: StockItem | undefined): Evidence['disc'] {
  if (piece?.kind !== 'coin' || piece.massG === undefined || piece.rimThicknessMm === undefined)
    return undefined;
  const { diameterMm, rimThicknessMm, massG } = piece;
  return { diameterMm, rimThicknessMm, massG };
}

export interface TestOutcome {
  readonly evidence: Evidence;
  readonly identity: Identity | undefined;
  readonly problems: Readonly<Record<string, string>>;
  readonly density: { readonly densityGCm3: number; readonly errorGCm3: number } | undefined;
}

const ACCEPTED_G = 'must be a mass in grams such as 12.50';

/** What the tests so far say; a figure that cannot be read is named and left out. */
export function testOutcome(texts: TestTexts, piece: StockItem | undefined): TestOutcome {
  const airG = number(texts.airG);
  const waterG = number(texts.waterG);
  const waterTempC = number(texts.waterTempC);
  const weighed = airG !== undefined && waterG !== undefined;
  const candidate = {
    ...(texts.magnet ? { magnet: texts.magnet } : {}),
    ...(texts.marked === 'none' ? { mark: '' } : texts.marked === 'found' ? { mark: texts.mark } : {}),
    ...(weighed ? { weighing: { airG, waterG, ...(waterTempC === undefined ? {} : { waterTempC }) } } : {}),
    ...(discOf(piece) ? { disc: discOf(piece) } : {}),
    ...(texts.stone ? { stone: texts.stone } : {}),
  };
  const parsed = evidenceSchema.safeParse(candidate);
  if (!parsed.success) {
    const problems = Object.fromEntries(
      parsed.error.issues.map(({ path, message }) => [
        String(path.at(-1)),
        message.includes('expected') ? ACCEPTED_G : message,
      ]),
    );
    return { evidence: {}, identity: undefined, problems, density: undefined };
  }
  const evidence = parsed.data;
  const tested = Object.keys(evidence).some((key) => key !== 'disc');
  return {
    evidence,
    identity: tested ? identify(evidence) : undefined,
    problems: {},
    density: evidence.weighing && measureDensity(evidence.weighing),
  };
}

export const OPERATION_NAMES: Readonly<Record<Operation, string>> = {
  heat: 'heated',
  bend: 'bent',
  fold: 'folded',
  solder: 'soldered',
  'polish-hard': 'polished hard',
};

const CERTAINTY_WORDS = { sure: 'Surely', likely: 'Probably', unsure: 'Perhaps' } as const;

/** "Probably silver .925" */
export function verdictWords({ certainty, suspects }: Identity): string {
  const first = suspects[0];
  if (!first) return 'Nothing fits: measure again.';
  return `${CERTAINTY_WORDS[certainty]} ${first.name}`;
}

const NEXT_WORDS = {
  magnet: 'Try a magnet first.',
  mark: 'Look for marks next.',
  density: 'Weigh it in air and in water next.',
  stone: 'A stroke on the stone would tell more.',
} as const;

export function nextWords({ nextTest }: Identity): string {
  return nextTest ? NEXT_WORDS[nextTest] : 'No further test is needed.';
}
