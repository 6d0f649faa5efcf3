import type { Symptom } from '../ring';

/** One answer to a question, and what to do then. */
export interface RemedyAnswer {
  readonly answer: string;
  readonly now: readonly string[];
}

/** What is looked at to tell one cause from another. */
export interface RemedyQuestion {
  readonly ask: string;
  readonly answers: readonly RemedyAnswer[];
}

/** Questions whose answer changes what is done now (craft §10); symptoms without one have a single remedy. */
const QUESTIONS: Partial<Readonly<Record<Symptom, RemedyQuestion>>> = {
  'split-on-second-fold': {
    ask: 'Where does the split end?',
    answers: [
      {
        answer: 'short of half the wall',
        now: ['Anneal, file it out to past its end, and plan on with the larger hole.'],
      },
      { answer: 'further up', now: ['No ring is left of it: scrap tin, with its slug and filings.'] },
    ],
  },
  flare: {
    ask: 'How much taller is one side?',
    answers: [
      {
        answer: 'less than 1 mm',
        now: ['Anneal, level it, turn it by a quarter, press a little; look each time.'],
      },
      {
        answer: 'more than 1 mm',
        now: [
          'Stop pressing: only a full set of dies, smaller by steps, brings it back. Without one, file the tall side and take a narrower band.',
        ],
      },
    ],
  },
  saddle: {
    ask: 'Is it annealed since the last stroke?',
    answers: [
      { answer: 'yes', now: ['Flat pusher and die, without the cone, until it lies true on the plate.'] },
      {
        answer: 'no',
        now: [
          'Anneal first: hard metal springs back into the saddle. Then flat pusher and die, without the cone.',
        ],
      },
    ],
  },
  wobble: {
    ask: 'Where does it rock?',
    answers: [
      {
        answer: 'on the rim edge',
        now: ['Between flat plates, rim down, a light press; turn it over, the same.'],
      },
      {
        answer: 'on the cut edge',
        now: ['Sand the cut edge flat on a plate first, then press between plates.'],
      },
    ],
  },
  'hole-off-centre': {
    ask: 'Is it folded already?',
    answers: [
      {
        answer: 'still flat',
        now: ['Measure the land at four or more places: the planner tells how deep to file, and where.'],
      },
      {
        answer: 'folded',
        now: ['Too late to true the hole: file the tall side level at the end, and take the narrower band.'],
      },
    ],
  },
  'stuck-on-cone': {
    ask: 'Does it turn on the cone?',
    answers: [
      {
        answer: 'it turns',
        now: ['Turn and pull together, with a drop of oil; tap the cone’s base, not the ring.'],
      },
      {
        answer: 'it sits fast',
        now: ['Warm the ring, not the cone, and pull with a soft jaw. Never strike the edge.'],
      },
    ],
  },
  'size-overshot-up': {
    ask: 'What opened it?',
    answers: [
      {
        answer: 'a pull',
        now: [
          'Log the reading: the way down again is planned from it. Anneal first when the gauge is nearly full.',
        ],
      },
      {
        answer: 'trimming the lip',
        now: ['Log the reading: half a size comes down in the die without another anneal.'],
      },
    ],
  },
  'size-overshot-down': {
    ask: 'By how much?',
    answers: [
      {
        answer: 'up to half a size',
        now: ['Log the reading, then a light pull on the stretcher, turned between pulls.'],
      },
      {
        answer: 'more',
        now: ['Log the reading: anneal before it is opened again, and look at the cut edge at every pull.'],
      },
    ],
  },
  'edges-differ': {
    ask: 'Which edge is larger?',
    answers: [
      { answer: 'the rim edge', now: ['Rim edge down into the die, a fraction, read again.'] },
      {
        answer: 'the cut edge',
        now: ['Cut edge down into the die; or the rim edge up on the stretcher when the size is small.'],
      },
    ],
  },
  'marker-did-not-fade': {
    ask: 'What does the metal look like in dim light?',
    answers: [
      {
        answer: 'no colour',
        now: ['It is not there yet: larger flame, closer, keep moving; bricks round it hold the heat.'],
      },
      {
        answer: 'a dull red',
        now: ['Stop: it is soft, the ink was another kind. Quench. Go by the colour with this marker.'],
      },
    ],
  },
  'pink-after-pickle': {
    ask: 'Was there steel in the bath?',
    answers: [
      {
        answer: 'yes',
        now: ['Take the steel out, make a fresh bath. Polish the copper off, or heat and pickle once more.'],
      },
      {
        answer: 'no',
        now: [
          'Low silver shows its copper: heat and pickle two or three times more, and fine silver comes up.',
        ],
      },
    ],
  },
  'patina-blotchy': {
    ask: 'Where is it missing?',
    answers: [
      { answer: 'in spots', now: ['Grease: strip it, scrub with soda, do not touch, dip again.'] },
      {
        answer: 'it lifts everywhere',
        now: ['The bath was too strong or too hot: strip it, weaker and not boiling, shorter dips.'],
      },
    ],
  },
  'plating-peels': {
    ask: 'From where does it peel?',
    answers: [
      {
        answer: 'from the edges',
        now: ['Too much current there: strip, polish, lower current, brush always moving.'],
      },
      {
        answer: 'in patches',
        now: ['Not clean: strip, polish, degrease until water runs off in a sheet, line again.'],
      },
    ],
  },
};

export function questionOf(symptom: Symptom): RemedyQuestion | undefined {
  return QUESTIONS[symptom];
}

/** Symptoms from which a reading plans the way on. */
const BY_READING: readonly Symptom[] = [
  'size-overshot-up',
  'size-overshot-down',
  'edges-differ',
  'hollow-after-reducing',
];

/** Whether a reading tells what to do: then the rest is planned again from it. */
export function helpsToRead(symptom: Symptom): boolean {
  return BY_READING.includes(symptom);
}
