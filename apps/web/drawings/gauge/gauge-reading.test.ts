import { gaugeReading } from './gauge-reading';

describe('gaugeReading', () => {
  it.each([
    [0, 0.12, { percent: 0, fill: 0, full: false }],
    [0.06, 0.12, { percent: 50, fill: 0.5, full: false }],
    [0.12, 0.12, { percent: 100, fill: 1, full: false }],
    [0.15, 0.12, { percent: 125, fill: 1, full: true }],
    [0, 0, { percent: 0, fill: 0, full: false }],
    [0.01, 0, { percent: 999, fill: 1, full: true }],
  ])('%p of %p', (spent, allowance, reading) => {
    expect(gaugeReading(spent, allowance)).toEqual({ ...reading, fill: expect.closeTo(reading.fill, 9) });
  });
});
