export interface GaugeReading {
  readonly percent: number;
  /** Share of the bar that is filled, 0 to 1. */
  readonly fill: number;
  /** More was taken than the metal bears. */
  readonly full: boolean;
}

/** The gauge of one edge: strain spent against what the metal bears between anneals. */
export function gaugeReading(spentStrainLog: number, allowanceStrainLog: number): GaugeReading {
  const share =
    allowanceStrainLog > 0 ? spentStrainLog / allowanceStrainLog : spentStrainLog > 0 ? Infinity : 0;
  return {
    percent: Math.round(Math.min(share, 9.99) * 100),
    fill: Math.min(1, share),
    full: share > 1,
  };
}
