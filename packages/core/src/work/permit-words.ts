import type { Reason } from '../forming';
import type { Operation } from '../identify';

const DEEDS: Readonly<Record<Operation, string>> = {
  heat: 'be heated',
  bend: 'be bent',
  fold: 'be folded',
  solder: 'be soldered',
  'polish-hard': 'be polished hard',
};

/** What a test of the piece says of something that is to be done to it, where it does not say yes. */
export function permitWords(
  operation: Operation,
  answer: 'no' | 'unsure',
): Pick<Reason, 'message' | 'instead'> {
  return {
    message:
      answer === 'no'
        ? `The test of this piece says that it must not ${DEEDS[operation]}.`
        : `The test of this piece leaves open whether it may ${DEEDS[operation]}.`,
    instead: '“What is this piece?” tells what was found, and which test would tell more.',
  };
}
