import type { ReasonCode } from '../forming';
import type { RiskCode } from '../steps';
import type { Mishap } from '../uncertainty';
import type { Symptom } from '../ring';

const BY_REASON: Partial<Readonly<Record<ReasonCode, Symptom>>> = {
  'thin-stock': 'split-on-second-fold',
  'cut-edge-thin': 'cut-edge-too-thin',
  'rim-too-compressed': 'wrinkled-rim',
  'many-anneals': 'crack-at-cut-edge',
};
const BY_RISK: Readonly<Record<RiskCode, Symptom>> = {
  wrinkle: 'wrinkled-rim',
  crack: 'crack-at-cut-edge',
  'rim-near-coin': 'size-overshot-up',
  'wide-pusher-gap': 'pusher-dented',
};
/** A slip has as many remedies as causes. */
const BY_CAUSE: Readonly<Partial<Record<Mishap, Symptom>>> = {
  crack: 'crack-at-cut-edge',
  wrinkle: 'wrinkled-rim',
  thin: 'cut-edge-too-thin',
  size: 'edges-differ',
};

export interface PlanRisks {
  readonly reasons: readonly ReasonCode[];
  readonly risks: readonly RiskCode[];
  readonly causes: readonly Mishap[];
}

/** What to read up before beginning: the remedies that a plan's reasons, risks and chances point to, without repeats. */
export function symptomsToExpect({ reasons, risks, causes }: PlanRisks): readonly Symptom[] {
  const found = [
    ...reasons.map((code) => BY_REASON[code]),
    ...risks.map((code) => BY_RISK[code]),
    ...causes.map((cause) => BY_CAUSE[cause]),
    // Every coin ring begins with a punched hole.
    'hole-off-centre' as const,
  ];
  return [...new Set(found.filter((symptom): symptom is Symptom => symptom !== undefined))];
}
