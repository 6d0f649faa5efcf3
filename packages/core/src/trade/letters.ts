import { countWords } from '../format';
import type { GivenDiscount } from './discount';
import type { ExchangeAnswer } from './part-exchange';
import type { WishAnswer, WishOption } from './wish';

export interface Letter {
  readonly subject: string;
  readonly text: string;
}

/** How amounts, sizes and names are written in a letter. */
export interface LetterWords {
  readonly person: string;
  readonly workshop: string;
  readonly money: (amount: number) => string;
}

function letter(
  subject: string,
  { person, workshop }: LetterWords,
  ...parts: readonly (string | false)[]
): Letter {
  const text = [`Dear ${person},`, ...parts.filter((part) => part !== false), `Kind regards,\n${workshop}`];
  return { subject, text: `${text.join('\n\n')}\n` };
}

function listed(lines: readonly string[]): string {
  return lines.map((line) => `- ${line}`).join('\n');
}

function optionLine({ name, bandWidthMm, changes }: WishOption): string {
  const how = changes.length > 0 ? changes.join(', ') : `${bandWidthMm.toFixed(1)} mm wide`;
  return `${name}: ${how}`;
}

/** Words for a wish that cannot be met, with what can be offered instead. */
export function refusalLetter(words: LetterWords, wish: string, answer: WishAnswer): Letter {
  const reasons = answer.whyNot.map(({ name, why }) => `${name}: ${why}`);
  const offers = answer.alternatives.map(optionLine);
  return letter(
    'Your ring: what we can and cannot make',
    words,
    `Thank you for asking for ${wish}. I have worked it out, and from what I have in stock I cannot make it as you want it.`,
    reasons.length > 0 ? `This is why:\n${listed(reasons)}` : 'No piece in stock is of the kind you want.',
    offers.length > 0
      ? `What I can make for you in your size:\n${listed(offers)}`
      : 'If you have a piece of your own, tell me its diameter, thickness and weight, and I will plan with it.',
    'Tell me which of these you like, or what matters most to you, and I will look again.',
  );
}

/** A picture that nobody took is never taken for a photograph. */
const OF_PLAN =
  'The ring in the picture is computed from the plan, and its relief is estimated from a photograph of the face: yours may differ a little.';

interface WithPicture {
  /** Whether the ring as it is computed goes along as a picture. */
  readonly hasPicture: boolean;
}

/** What is taken off the price in a letter. */
interface WithDiscount {
  /** To be paid, with the discount taken off. */
  readonly price: number;
  readonly discount?: Pick<GivenDiscount, 'by' | 'code' | 'off'> | undefined;
}

/** "That is 84.00 cr less 8.40 cr with your code SPRING." */
function discountLine({ price, discount }: WithDiscount, money: LetterWords['money']): string | false {
  if (!discount) return false;
  const { by, code, off } = discount;
  const named = code === '' ? '' : ` ${code}`;
  const how = by === 'sizer' ? `for the coupon${named} of your sizer` : `with your code${named}`;
  return `That is ${money(price + off)} less ${money(off)} ${how}.`;
}

export interface QuoteWords extends WithDiscount, WithPicture, LetterWords {
  readonly ring: string;
  /** "Friday, 4 December 2026", or undefined when no date was computed. */
  readonly readyBy: string | undefined;
  readonly validDays: number;
}

export function quoteLetter(words: QuoteWords): Letter {
  const { ring, price, readyBy, validDays, hasPicture, money } = words;
  return letter(
    `Quote for your ring: ${money(price)}`,
    words,
    `Here is the quote for ${ring}: ${money(price)}, with post.`,
    discountLine(words, money),
    hasPicture && OF_PLAN,
    readyBy ? `I expect it to be ready by ${readyBy}.` : 'I will tell you the date as soon as I know it.',
    `The quote holds for ${validDays} days. The piece is altered for good: please check that you may have it altered where you live.`,
  );
}

export interface ApprovalWords extends WithPicture, LetterWords {
  readonly ring: string;
  readonly readings: readonly string[];
}

/** Photo and readings before the step that cannot be undone (craft §11); beside the photo, the ring as it was planned. */
export function approvalLetter(words: ApprovalWords): Letter {
  return letter(
    `Please look at your ring before I go on: ${words.ring}`,
    words,
    `Your ring has its shape. The next step cannot be undone, so I ask you first. The photo is attached.`,
    words.hasPicture && `Beside it is your ring as it was planned. ${OF_PLAN}`,
    words.readings.length > 0
      ? `This is what I measure:\n${listed(words.readings)}`
      : 'Nothing was read yet: look at the shape and the side that shows.',
    'Is it as you want it? Answer “yes” and I finish it; otherwise tell me what to change. Until then it waits.',
  );
}

export interface SaleWords extends WithDiscount, LetterWords {
  readonly ring: string;
  /** What it is: "Size: US 8½". */
  readonly facts: readonly string[];
  readonly care: readonly string[];
  /** Whether it still goes to the buyer by post. */
  readonly byPost: boolean;
}

/** With a ring that was bought as it lay on the shelf. */
export function saleLetter(words: SaleWords): Letter {
  const { ring, price, facts, care, byPost, money } = words;
  return letter(
    `Your ring: ${ring}`,
    words,
    `Thank you for buying ${ring} for ${money(price)}.${byPost ? ' It goes to you by insured post; please tell me if the address has changed.' : ''}`,
    discountLine(words, money),
    `This is your ring:\n${listed(facts)}`,
    `How to care for it:\n${listed(care)}`,
    'It was made from a piece that was altered for good. Keep it as a ring: it must not be passed as money, and hallmarking rules may apply where you sell it on.',
  );
}

export interface ExchangeWords extends LetterWords {
  readonly piece: string;
  readonly pieces: number;
  readonly valueEach: number;
  readonly price: number;
}

/** Terms of a part exchange, or why it cannot be done. */
export function exchangeLetter(words: ExchangeWords, answer: ExchangeAnswer): Letter {
  const { piece, pieces, valueEach, price, money } = words;
  const { kept, credit, balance, eligible, reasons, enough } = answer;
  if (!eligible) {
    return letter(
      `Part exchange: ${piece}`,
      words,
      `You offered ${countWords(pieces, 'piece')} of ${piece} in part exchange. I cannot take them for this ring:\n${listed(reasons.map(({ message }) => message))}`,
      'If you have others, tell me their metal, diameter and weight.',
    );
  }
  return letter(
    `Part exchange: ${countWords(pieces, 'piece')} of ${piece}`,
    words,
    kept === 0
      ? `You send one piece of ${piece}. It comes back to you as your ring.`
      : `You send ${pieces} pieces of ${piece}. One of them comes back to you as your ring; ${kept === 1 ? 'the other one pays' : `the other ${kept} pay`} for it at ${money(valueEach)} each.`,
    listed([
      `Your ring: ${money(price)}`,
      `Taken in exchange: ${money(credit)}`,
      balance > 0 ? `Left to pay: ${money(balance)}` : `You get back: ${money(-balance)}`,
    ]),
    balance > 0 &&
      Number.isFinite(enough) &&
      `With ${countWords(enough, 'piece')} nothing would be left to pay.`,
    'Please send them insured, and check that you may send and have them altered where you live.',
  );
}
