import { edgesFromReading, predictReading } from './mandrel';

/*
 * The default mandrel grows one US size, 0.032 in = 0.8128 mm, in 12.7 mm: over a band 12.7 mm high by 0.8128 mm, over
 * one of 6.35 mm by 0.4064 mm.
 */
const BOTH_18 = { rimInsideDiameterMm: 18, cutInsideDiameterMm: 18 };

describe('predictReading, in figures', () => {
  it('reads the leading edge as it is, the centre by half the growth smaller', () => {
    expect(predictReading(BOTH_18, 12.7).rimDownMm).toBe(18);
    expect(predictReading(BOTH_18, 12.7, 'centre').rimDownMm).toBeCloseTo(18 - 0.4064, 10);
    expect(predictReading(BOTH_18, 6.35, 'centre').cutDownMm).toBeCloseTo(18 - 0.2032, 10);
  });

  it('binds at the other edge where that is smaller by more than the growth', () => {
    const reading = predictReading({ rimInsideDiameterMm: 20, cutInsideDiameterMm: 18 }, 12.7);
    expect(reading.rimDownMm).toBeCloseTo(18.8128, 10);
    expect(reading.cutDownMm).toBe(18);
  });

  it('grows by the mandrel’s own taper', () => {
    const slim = { mmPerUsSize: 25.4 };
    const edges = { rimInsideDiameterMm: 20, cutInsideDiameterMm: 18 };
    expect(predictReading(edges, 12.7, 'leading', slim).rimDownMm).toBeCloseTo(18.4064, 10);
  });
});

describe('edgesFromReading, in figures', () => {
  it('takes a reading at the centre by half the growth larger', () => {
    const edges = edgesFromReading({ rimDownMm: 18, cutDownMm: 17.9 }, 12.7, 'centre');
    expect(edges.rimInsideDiameterMm).toBeCloseTo(18.4064, 10);
    expect(edges.cutInsideDiameterMm).toBeCloseTo(18.3064, 10);
  });

  /* Growth 0.8128 less a quarter size, 0.2032: an edge larger by 0.6096 or more may be hidden behind the other. */
  it.each([
    [18.62, 18, 'rim'],
    [18.6, 18, undefined],
    [18, 18.62, 'cut'],
    [18, 18.6, undefined],
  ])('rim down %p, cut down %p: the hidden edge is %p', (rimDownMm, cutDownMm, hidden) => {
    expect(edgesFromReading({ rimDownMm, cutDownMm }, 12.7).hiddenEdge).toBe(hidden);
  });

  /* A low band: growth over 3 mm is 0.192, half of it 0.096 is less than a quarter size. */
  it('is less sure on a low band by half its growth', () => {
    expect(edgesFromReading({ rimDownMm: 18.1, cutDownMm: 18 }, 3).hiddenEdge).toBe('rim');
    expect(edgesFromReading({ rimDownMm: 18.09, cutDownMm: 18 }, 3).hiddenEdge).toBeUndefined();
  });
});
