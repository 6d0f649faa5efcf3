import { checkMandrel, knuckleAdvice, MM_PER_US_SIZE, paperStripDiameterMm, SIZE_SYSTEMS } from './index';

const diameterOfUs = SIZE_SYSTEMS.us.toDiameterMm;

describe('the paper strip', () => {
  it('counts its own thickness', () => {
    expect(paperStripDiameterMm(57, 0.1)).toBeCloseTo(57 / Math.PI - 0.1, 9);
    expect(() => paperStripDiameterMm(3, 2)).toThrow(/too short/);
  });
});

describe('knuckle and base', () => {
  it('asks for an open ring from one and a half sizes on', () => {
    const base = diameterOfUs(8);
    expect(knuckleAdvice(base + 1.6 * MM_PER_US_SIZE, base)).toMatchObject({
      closed: false,
      insideDiameterMm: base,
    });
    expect(knuckleAdvice(base + 1.4 * MM_PER_US_SIZE, base).closed).toBe(true);
  });

  it('tells the difference in the maker’s own sizes', () => {
    const { toDiameterMm } = SIZE_SYSTEMS.uk;
    expect(knuckleAdvice(toDiameterMm(16), toDiameterMm(12), 'uk').reason).toContain(
      '4 UK sizes over the base',
    );
  });

  it('goes by the base alone where the knuckle is no larger', () => {
    expect(knuckleAdvice(17, 17.5)).toMatchObject({ closed: true, insideDiameterMm: 17.5 });
  });
});

describe('the mandrel check', () => {
  const at = (us: number, offMm = 0) => ({ us, diameterMm: diameterOfUs(us) + offMm });

  it('passes a true mandrel and tells its taper', () => {
    const check = checkMandrel(at(4), at(10), 76.2, diameterOfUs);
    expect(check).toMatchObject({ ok: true, offUs: 0 });
    expect(check.mmPerUsSize).toBeCloseTo(12.7, 9);
  });

  it('tells by how much one reads wrong', () => {
    const check = checkMandrel(at(4, -0.4), at(10, -0.4), 76.2, diameterOfUs);
    expect(check.ok).toBe(false);
    expect(check.message).toContain('½ size too large');
  });

  it('distrusts a scale whose marks disagree, and needs two of them', () => {
    expect(checkMandrel(at(4, -0.4), at(10, 0.4), 76.2, diameterOfUs).message).toContain('disagree');
    expect(() => checkMandrel(at(4), at(4), 10, diameterOfUs)).toThrow(/different/);
  });
});
