import { REFERENCE_KIT } from '../kit';
import { DEFAULT_MANDREL, SIZE_SYSTEMS } from '../size';
import { rounded, roundedLines, stepRecord } from '../testing';
import { fitWall, guessCoin, planFrom, STARTED_STAGES, type StartedFrom } from './index';

const us = SIZE_SYSTEMS.us.toDiameterMm;
const COIN = { diameterMm: 30.9, rimThicknessMm: 2.15, massG: 15.13, metal: 'silver-900' } as const;

const READ: readonly StartedFrom[] = [
  { stage: 'punched', rimDownMm: 12.9, cutDownMm: 12.7 },
  { stage: 'folded', rimDownMm: 22.6, cutDownMm: 17.8, heightMm: 8.4 },
  { stage: 'folded', rimDownMm: 22.6, cutDownMm: 17.8, leanDeg: 17 },
  { stage: 'folded', rimDownMm: 17.8, cutDownMm: 17.8, leanDeg: 17 },
  { stage: 'straight', rimDownMm: us(9), cutDownMm: us(8.5), heightMm: 9.1, thicknessCutMm: 1.4 },
  { stage: 'straight', rimDownMm: us(9), cutDownMm: us(9), thicknessRimMm: 2.4 },
];

/** Half-made pieces as they are taken to be, pinned: wall, hole, coin and the rest of the way. */
describe('the record of half-made pieces', () => {
  it.each(READ.map((read) => [JSON.stringify(read), read] as const))('%s', (_name, read) => {
    const { wall, ...fitted } = fitWall(COIN, 12.7, read, DEFAULT_MANDREL);
    expect(rounded(fitted)).toMatchSnapshot();
    expect(
      roundedLines(
        [wall.meanRadiusMm, wall.thicknessMm].map((list) => list.filter((_one, i) => i % 16 === 0)),
      ),
    ).toMatchSnapshot();
    const guessed = [
      guessCoin({ metal: 'copper' }, read, 12.7, DEFAULT_MANDREL),
      guessCoin({ metal: 'copper', diameterMm: 31, massG: 14 }, read, 12.7, DEFAULT_MANDREL),
      guessCoin({ metal: 'copper', rimThicknessMm: 1.6 }, { ...read, heightMm: 5 }, 9.6, DEFAULT_MANDREL),
    ];
    expect(roundedLines(guessed)).toMatchSnapshot();
  });

  it.each(STARTED_STAGES)('goes on from %s by the school that is asked for, or the best', (stage) => {
    const started: StartedFrom = READ.find((one) => one.stage === stage) ?? {
      stage,
      rimDownMm: us(9.5),
      cutDownMm: us(9.5),
      heightMm: 9,
    };
    for (const school of ['best', 'over-stretch', 'leave'] as const) {
      const input = {
        coin: COIN,
        holeMm: 12.7,
        targetInsideDiameterMm: us(9),
        wall: { kind: 'straight' as const },
        school,
      };
      const { steps, reasons } = planFrom(input, started, { kit: REFERENCE_KIT });
      expect(roundedLines(steps.map(stepRecord))).toMatchSnapshot();
      expect(reasons.map(({ code, level }) => `${level} ${code}`)).toMatchSnapshot();
    }
  });
});
