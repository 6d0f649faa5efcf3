import { MM_PER_US_SIZE } from '../size';
import {
  coinBand,
  lengthChart,
  scrapNeed,
  SECTION_SHAPES,
  spinnerBlanks,
  stripBlank,
  type StripSection,
} from './index';

describe('strip bands', () => {
  it('are π(ID + t) and the seam long', () => {
    expect(stripBlank({ insideDiameterMm: 18, thicknessMm: 1.5 }).lengthMm).toBeCloseTo(
      Math.PI * 19.5 + 0.3,
      9,
    );
    expect(stripBlank({ insideDiameterMm: 18, thicknessMm: 1.5, seamMm: 0 }).lengthMm).toBeCloseTo(
      Math.PI * 19.5,
      9,
    );
  });

  it('are cut half a size short where hammering lengthens them', () => {
    const { lengthMm, textureMm, closedInsideDiameterMm } = stripBlank({
      insideDiameterMm: 18,
      thicknessMm: 1.5,
      textured: true,
    });
    expect(closedInsideDiameterMm).toBeCloseTo(18 - MM_PER_US_SIZE / 2, 9);
    expect(textureMm).toBeCloseTo((Math.PI * MM_PER_US_SIZE) / 2, 9);
    expect(lengthMm + textureMm).toBeCloseTo(Math.PI * 19.5 + 0.3, 9);
  });

  it('are charted half a size shorter where they are hammered', () => {
    const at = (textured: boolean) => lengthChart([18], [1.5], { textured }).rows[0]?.lengthsMm[0] ?? 0;
    // π × half a US size, 0.4064 mm.
    expect(at(false) - at(true)).toBeCloseTo(Math.PI * 0.4064, 4);
  });

  it('have a chart that agrees with the single figure', () => {
    const { rows } = lengthChart([17, 18], [1, 2], { seamMm: 0.4 });
    expect(rows[1]?.lengthsMm[0]).toBe(
      stripBlank({ insideDiameterMm: 18, thicknessMm: 1, seamMm: 0.4 }).lengthMm,
    );
  });

  it('are as long as the middle of their section is: half-way up, or 4/(3π) of a half circle', () => {
    const longOf = (section: StripSection) =>
      stripBlank({ insideDiameterMm: 18, thicknessMm: 2, seamMm: 0, section }).lengthMm;
    expect(longOf('rect')).toBeCloseTo(Math.PI * 20, 9);
    expect(longOf('round')).toBeCloseTo(Math.PI * 20, 9);
    // 0.42441 of 2 mm.
    expect(longOf('d')).toBeCloseTo(Math.PI * (18 + 2 * 0.84883), 4);
    // A round wire fills a quarter of π of its square.
    expect(SECTION_SHAPES.round.fills).toBeCloseTo(0.785398, 6);
  });

  it('take more scrap than they weigh', () => {
    const { bandMassG, meltMassG } = scrapNeed(60, 9, 'silver-925');
    expect(bandMassG).toBeCloseTo((540 * 10.36) / 1000, 2);
    expect(meltMassG).toBeCloseTo(bandMassG / 0.85, 9);
  });
});

describe('the spinner', () => {
  const parts = spinnerBlanks({
    insideDiameterMm: 18,
    innerThicknessMm: 1.5,
    outerThicknessMm: 1.2,
    outerWidthMm: 5,
  });

  it('leaves clearance, width and flare', () => {
    expect(parts).toMatchObject({ innerOutsideDiameterMm: 21, outerInsideDiameterMm: 21.3, innerWidthMm: 7 });
    expect(parts.innerLengthMm).toBeCloseTo(Math.PI * 19.5, 9);
    expect(parts.outerLengthMm).toBeCloseTo(Math.PI * 22.5, 9);
    expect(parts.flareOutsideDiameterMm - parts.outerInsideDiameterMm).toBeCloseTo(0.6, 9);
    expect(parts.comfortable).toBe(true);
  });

  it('is uncomfortable with too much clearance', () => {
    const wide = {
      insideDiameterMm: 18,
      innerThicknessMm: 1,
      outerThicknessMm: 1,
      outerWidthMm: 5,
      clearanceMm: 1.6,
    };
    expect(spinnerBlanks(wide).comfortable).toBe(false);
  });
});

describe('the coin in a band', () => {
  const wish = {
    coin: { diameterMm: 20, thicknessMm: 1.4 },
    stripWidthMm: 8,
    stripThicknessMm: 1.5,
    insideDiameterMm: 18,
  };

  it('shares what the coin leaves between both sides', () => {
    const parts = coinBand({ ...wish, punchesMm: [12, 19, 25], knuckleMm: 20 });
    expect(2 * parts.sideCentreLengthMm + 20).toBeCloseTo(Math.PI * 19.5, 9);
    expect(parts.sagittaMm).toBeCloseTo(10 - Math.sqrt(100 - 16), 9);
    expect(parts.sideCutLengthMm).toBeCloseTo(parts.sideCentreLengthMm + parts.sagittaMm, 9);
    expect(parts).toMatchObject({ punchMm: 19, punchOffMm: -1 });
    expect(parts.stepMm).toBeCloseTo(-0.1, 9);
    expect(parts.openingMm).toBeCloseTo(2 * Math.PI, 9);
  });

  it('knows no punch without any, and refuses a strip wider than the coin', () => {
    expect(coinBand(wish)).toMatchObject({ punchMm: null, openingMm: 0 });
    expect(() => coinBand({ ...wish, stripWidthMm: 21 })).toThrow(/wider than the coin/);
  });
});
