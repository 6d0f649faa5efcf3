import { countWords } from '@round-mint/core/format';
import type { Finding } from '@round-mint/core/learn';
import type { Writers } from '@/features/shared/settings/use-settings';

/** What was found, and what to do about it. */
interface FindingWords {
  readonly title: string;
  readonly todo: string;
}

/** What stands out of what was learnt, in words. */
export function findingWords(finding: Finding, { amount }: Pick<Writers, 'amount'>): FindingWords {
  const seen = `Seen in ${countWords(finding.rings, 'ring')}.`;
  switch (finding.code) {
    case 'metal-thickness': {
      const percent = Math.round(100 * Math.abs(Math.expm1(finding.thickerLog)));
      return {
        title: `Your metal is about ${percent}% ${finding.thickerLog < 0 ? 'thinner' : 'thicker'} than its label or your scale says.`,
        todo: `${seen} Both edges come out so. Measure a piece with the calliper, and hold the scale against a known weight.`,
      };
    }
    case 'mandrel-offset': {
      const isMore = finding.moreMm > 0;
      return {
        title: `Your mandrel reads ${amount(Math.abs(finding.moreMm))} ${isMore ? 'more' : 'less'} than your tools.`,
        todo: `${seen} Pulls and reductions are off in opposite ways. Hold both against a ring of known size. Until then steps say how far to go by the tool.`,
      };
    }
    case 'ends-off': {
      const isMore = finding.moreMm > 0;
      return {
        title: `Your rings end ${amount(Math.abs(finding.moreMm))} ${isMore ? 'larger' : 'smaller'} than wanted.`,
        todo: `${seen} The last true-up now ${isMore ? 'stops short' : 'goes past its mark'} by that.`,
      };
    }
  }
}
