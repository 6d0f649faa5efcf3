/** What is predicted of a ring that is begun. */
export const FORECAST_FIGURES = ['widthMm', 'cutEdgeMm', 'rimEdgeMm', 'handsOnMin'] as const;
