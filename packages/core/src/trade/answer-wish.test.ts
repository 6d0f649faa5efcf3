import { REFERENCE_KIT } from '../kit';
import { DEFAULT_TRAITS } from '../steps';
import { runToEnd } from '../uncertainty';
import { answerWish } from './answer-wish';
import { approvalLetter, exchangeLetter, quoteLetter, refusalLetter, saleLetter } from './letters';
import { partExchange } from './part-exchange';
import { coinReach } from './reach';
import type { CustomerWish, WishBench, WishPiece } from './wish';
import { findYears } from './years';
import { coin, SPOON, STRIP, us, WISH } from './test-drawer';

function asked(wish: Partial<CustomerWish>, stock: readonly WishPiece[]) {
  const bench: WishBench = { stock, kit: REFERENCE_KIT, traits: DEFAULT_TRAITS };
  return runToEnd(answerWish({ ...WISH, ...wish }, bench, 'us'));
}

describe('answerWish', () => {
  const drawer = [
    coin('a'),
    coin('b', { year: 1912 }),
    coin('c', { metal: 'copper', year: 1950 }),
    SPOON,
    STRIP,
  ];

  it('offers what is as wished, one hole of each piece, at most three', () => {
    const { options, alternatives, whyNot } = asked({}, [...drawer, coin('d')]);
    expect(options).toHaveLength(3);
    expect(new Set(options.map(({ stockId }) => stockId)).size).toBe(3);
    expect(options.every(({ changes }) => changes.length === 0)).toBe(true);
    // Beside them, one ring of another kind.
    expect(alternatives.map(({ plan }) => plan.kind)).toEqual(['handle']);
    expect(whyNot).toEqual([]);
  });

  it('says what comes near when the width cannot be, and why it cannot', () => {
    const { options, alternatives, whyNot } = asked({ widthMm: { min: 18, max: 20 } }, drawer);
    expect(options).toEqual([]);
    expect(alternatives[0]?.changes[0]).toMatch(/^\d+\.\d mm wide instead of 18–20 mm$/);
    expect(whyNot[0]?.why).toMatch(/gives bands \d+\.\d to \d+\.\d mm wide/);
  });

  it('offers another year when the wished one is not there', () => {
    const { options, alternatives } = asked({ year: 1871 }, drawer);
    expect(options).toEqual([]);
    expect(alternatives[0]?.changes).toEqual([expect.stringMatching(/^\d{4} instead of 1871$/)]);
  });

  it('gives up several things together where one is not enough', () => {
    const { alternatives } = asked({ year: 1871, metal: 'gold-9ct' }, drawer);
    expect(alternatives[0]?.changes).toHaveLength(2);
  });

  it('offers a hole that cuts what must stay only as one that is not as wished, and says what stays when', () => {
    const year = { kind: 'sector', fromDeg: 160, toDeg: 200, innerMm: 3, outerMm: 5 } as const;
    const marked = coin('a', { mustStay: [{ name: 'the year', face: 'obverse', mark: year }] });
    const { options, alternatives, whyNot } = asked({}, [marked]);
    expect(options).toEqual([]);
    expect(alternatives[0]?.changes).toEqual(['the year is cut']);
    expect(whyNot[0]?.why).toMatch(/wide\. The year needs a hole of 6\.0 mm at most\.$/);
    // Where nothing of it is cut, it is as if nothing was marked.
    const far = { ...year, innerMm: 11, outerMm: 13 };
    const whole = coin('a', { mustStay: [{ name: 'the year', face: 'obverse', mark: far }] });
    expect(asked({}, [whole]).options).toEqual(asked({}, [coin('a')]).options);
  });

  it('says which sizes a coin becomes that cannot become this one', () => {
    const { whyNot, alternatives } = asked({ targetInsideDiameterMm: us(22) }, [coin('a'), STRIP]);
    expect(whyNot[0]?.why).toMatch(/It becomes US \S+ to US \S+; not US 22/);
    expect(alternatives.map(({ changes }) => changes)).toContainEqual([
      'a band of strip instead of a coin ring',
    ]);
  });

  it('ranks other kinds of work beside what comes near, as wide as wished for first', () => {
    const { options, alternatives } = asked({ year: 1871, widthMm: { min: 5.8, max: 6.2 } }, drawer);
    expect(options).toEqual([]);
    const kinds = alternatives.map(({ plan }) => plan.kind);
    expect(new Set(kinds).size).toBeGreaterThan(1);
    const strip = alternatives.find(({ plan }) => plan.kind === 'strip' || plan.kind === 'coin-band');
    expect(strip?.bandWidthMm).toBeCloseTo(6, 1);
    expect(strip?.changes).toHaveLength(1);
    const coins = asked({ kind: 'strip', year: 1871 }, [coin('a'), SPOON]).alternatives;
    expect(coins.map(({ changes }) => changes[0])).toEqual(
      expect.arrayContaining([
        'a ring from a handle instead of a band of strip',
        'a coin ring instead of a band of strip',
      ]),
    );
  });

  it('looks at the very piece that was sent in, and no other', () => {
    const { options, alternatives } = asked({ stockId: 'b' }, drawer);
    expect(options.map(({ stockId }) => stockId)).toEqual(['b']);
    expect(alternatives.every(({ stockId }) => stockId !== 'a')).toBe(true);
  });

  it('leaves out what a test has ruled out, and what is used up', () => {
    const no = { heat: 'no', bend: 'no', fold: 'no', solder: 'no', 'polish-hard': 'no' } as const;
    const { options } = asked({}, [coin('tested', { may: no }), coin('gone', { quantity: 0 })]);
    expect(options).toEqual([]);
  });

  it('makes handles and strip in the plain way, and says their width when it differs', () => {
    const { options } = asked({ kind: 'strip' }, drawer);
    expect(options[0]).toMatchObject({ stockId: 'strip', plan: { kind: 'strip' }, bandWidthMm: 6 });
    const dated = [STRIP, { ...STRIP, id: 'dated', year: 1950 }];
    expect(asked({ kind: 'strip', year: 1950 }, dated).options.map(({ stockId }) => stockId)).toEqual([
      'dated',
    ]);
    const wide = asked({ kind: 'handle', widthMm: { min: 30 } }, drawer);
    expect(wide.options).toEqual([]);
    expect(wide.alternatives[0]?.changes[0]).toMatch(/mm wide$/);
  });
});

describe('coinReach and findYears', () => {
  it('knows nothing to make of steel', () => {
    expect(coinReach(coin('a', { metal: 'steel' }), REFERENCE_KIT)).toBeUndefined();
    const { min, max } = coinReach(coin('a'), REFERENCE_KIT)!;
    expect(min).toBeLessThan(us(8));
    expect(max).toBeGreaterThan(us(10));
  });

  it('finds years, issuers and faces, earliest first, with the sizes they become', () => {
    const piece = (id: string, year: number | null, issuer: string, outsideFace: string) => ({
      ...coin(id, { year, outsideFace }),
      issuer,
    });
    const pieces = [
      piece('late', 1960, 'Norland', 'obverse'),
      piece('early', 1912, 'Norland', 'either'),
      piece('other', 1930, 'Sutland', 'reverse'),
      piece('none', null, 'Norland', 'either'),
    ];
    const ids = (question: Parameters<typeof findYears>[2]) =>
      findYears(pieces, REFERENCE_KIT, question).map((one) => one.piece.id);
    expect(ids({})).toEqual(['early', 'other', 'late', 'none']);
    expect(ids({ from: 1900, to: 1940 })).toEqual(['early', 'other']);
    expect(ids({ issuer: 'Norland', face: 'reverse' })).toEqual(['early', 'none']);
    expect(findYears(pieces, REFERENCE_KIT, {})[0]?.reach?.max).toBeGreaterThan(18);
  });
});

describe('letters', () => {
  const words = {
    person: 'Calla Venn',
    workshop: 'The Bench',
    money: (amount: number) => `${amount.toFixed(2)} cr`,
  };

  it('turn a wish down with its reasons and what can be offered', () => {
    const answer = asked({ widthMm: { min: 18, max: 20 } }, [coin('a'), STRIP]);
    const { subject, text } = refusalLetter(words, 'a ring of 1948', answer);
    expect(subject).toContain('can and cannot');
    expect(text).toMatch(/^Dear Calla Venn,/);
    expect(text).toContain('- Coin a: At US 10');
    expect(text).toContain('instead of 18–20 mm');
  });

  it('quote a price and a date, and leave the law to where the customer lives', () => {
    const quote = {
      ...words,
      ring: 'a ring',
      price: 84,
      readyBy: 'Friday, 4 December 2026',
      validDays: 14,
      hasPicture: false,
    };
    expect(quoteLetter(quote).text).toMatch(/84\.00 cr[\s\S]*4 December[\s\S]*14 days[\s\S]*where you live/);
    expect(quoteLetter({ ...quote, readyBy: undefined }).text).toContain('as soon as I know');
    expect(quoteLetter(quote).text).not.toContain('picture');
    expect(quoteLetter({ ...quote, hasPicture: true }).text).toContain('The ring in the picture is computed');
  });

  it('ask before the step that cannot be undone', () => {
    const asked = { ...words, ring: 'a ring', readings: ['rim edge US 9¾'] };
    const { text } = approvalLetter({ ...asked, hasPicture: false });
    expect(text).toMatch(/- rim edge US 9¾[\s\S]*Until then it waits/);
    expect(text).not.toContain('computed');
    expect(approvalLetter({ ...asked, hasPicture: true }).text).toMatch(
      /photo is attached\.\n\nBeside it .* as it was planned\. .* computed/,
    );
  });

  it('go with a ring that was bought ready: what it is, its care, and the law', () => {
    const sale = {
      ...words,
      ...{ ring: 'Copper trial', price: 55, facts: ['Size: US 8½'], care: ['Keep it dry.'], byPost: true },
    };
    expect(saleLetter(sale).text).toMatch(
      /Copper trial for 55\.00 cr\. It goes to you by insured post[\s\S]*- Size: US 8½[\s\S]*- Keep it dry[\s\S]*must not be passed as money/,
    );
    expect(saleLetter({ ...sale, byPost: false }).text).not.toContain('post');
  });

  it('tell the terms of a part exchange, or why there are none', () => {
    const question = {
      metal: 'silver-900',
      pieces: 4,
      valueEach: 12,
      price: 80,
      reachMm: { min: 15, max: 22 },
      targetInsideDiameterMm: 19,
    } as const;
    const terms = { ...words, ...question, piece: 'brenn' };
    expect(exchangeLetter(terms, partExchange(question)).text).toMatch(
      /other 3 pay[\s\S]*44\.00 cr[\s\S]*With 8 pieces/,
    );
    const none = partExchange({ ...question, metal: 'copper' });
    expect(exchangeLetter(terms, none).text).toContain('cannot take them');
    const plenty = partExchange({ ...question, pieces: 10 });
    expect(exchangeLetter(terms, plenty).text).toContain('You get back: 28.00 cr');
  });
});
