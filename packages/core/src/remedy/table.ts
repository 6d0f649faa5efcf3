import type { Symptom } from '../ring';
import type { Remedy } from './remedy';

/** The remedies of craft §10; usual cautions stand where the step is. */
const REMEDIES: Readonly<Record<Symptom, Remedy>> = {
  'crack-at-cut-edge': {
    title: 'A crack at the cut edge',
    causes: [
      'A burr was left in the hole.',
      'Too much stretch since the last anneal.',
      'Low silver or an off-centre hole: the thin side takes it all.',
    ],
    now: [
      'Stop. Anneal.',
      'File the hole out past the end of the crack and polish that place; plan again with the larger hole.',
      'If the band would get too narrow, keep the piece for scrap or a smaller ring.',
    ],
    nextTime: [
      'Deburr both faces until no fingernail catches.',
      'Anneal a pass earlier; shorter pulls; sand the edge at every pull.',
    ],
  },
  'split-on-second-fold': {
    title: 'It splits on the second fold',
    causes: ['No anneal between the strokes.', 'A scratch or letter close to the hole.'],
    now: [
      'Stop: a split that is pressed on runs to the rim.',
      'File it out and take a larger hole if enough land is left.',
    ],
    nextTime: [
      'Anneal after the first stroke whatever the gauge says.',
      'Start with the ball in the dapping block: it spreads the strain.',
    ],
  },
  flare: {
    title: 'One side stands taller or leans out',
    causes: ['The washer slipped in the die and was pressed on.', 'The hole is off centre.'],
    now: [
      'Take it out, anneal, level it, turn it, press a little at a time.',
      'A flare that is already deep needs a full set of dies, smaller by steps.',
    ],
    nextTime: ['Stop and look at every stroke.', 'Measure the land before the first fold.'],
  },
  saddle: {
    title: 'The funnel is bent like a saddle',
    causes: ['Thin or wide stock folded in one stroke.', 'The press pushed on one side.'],
    now: ['Press it with the flat pusher and the die, without the cone, until it lies true.'],
    nextTime: ['More, smaller strokes; ball first; anneal between.'],
  },
  wobble: {
    title: 'It rocks on a flat plate',
    causes: ['A saddle that was not taken out.', 'Uneven pushes from the two edges.'],
    now: [
      'Press it flat between plates, then go on.',
      'Stepped reduction takes a wobble out of a crooked funnel too.',
    ],
    nextTime: ['Level after the fold; turn the ring over after each push.'],
  },
  'hole-off-centre': {
    title: 'The hole is off centre',
    causes: ['The lines were read at a slant.', 'The piece moved under the punch.'],
    now: [
      'Measure the land at four places or more.',
      'Up to half a millimetre between wide and narrow is fine; else file the wide side or punch again with the next larger punch.',
    ],
    nextTime: ['A card holder for small stock, or a self-centring punch.'],
  },
  'stuck-on-cone': {
    title: 'The funnel is stuck on the cone',
    causes: ['No grease.', 'Pressed past the level of the die.'],
    now: ['Warm the funnel, not the cone; tap the cone out from its small end with a soft drift.'],
    nextTime: ['Grease every stroke; lift the cone out and look.'],
  },
  'stuck-low-on-expansion-cone': {
    title: 'The ring is stuck low on an expansion cone',
    causes: ['It was pressed past the upper, thinner part of the cone.'],
    now: [
      'Put a lid with a larger hole under the ring and press the cone back out.',
      'Anneal on the cone only if the cone is bare steel and you can spare its temper.',
    ],
    nextTime: ['Stop with the ring in the upper part; take the next larger cone instead.'],
  },
  'size-overshot-up': {
    title: 'The ring came out too large',
    causes: ['A pull too many.', 'A trim gave more than planned.'],
    now: [
      'Anneal, then bring both edges down in the die a little at a time, turning over.',
      'The wall gains a little width and keeps its thinner edges.',
    ],
    nextTime: ['Read after every second pull; stop a quarter short.'],
  },
  'size-overshot-down': {
    title: 'The ring came out too small',
    causes: ['Pushed too deep into the die.', 'Turning in the edges took more than planned.'],
    now: [
      'Anneal, then open it on the stretcher, a fraction at a time, flipping.',
      'A rounded ring opens at its belly first: turn the edges in again after.',
    ],
    nextTime: ['Allow for it: the straight band is larger by what turning in the edges takes.'],
  },
  'edges-differ': {
    title: 'The two edges read differently',
    causes: ['One edge went deeper into the die.', 'The wall was not straight before it was reduced.'],
    now: [
      'Bring the larger edge down in the die, or the smaller one up on the stretcher, until both readings agree within ¼.',
    ],
    nextTime: ['Turn over after each push, as deep each time.'],
  },
  'hollow-after-reducing': {
    title: 'The ring is hollow in the middle after reducing',
    causes: ['A wide flat band: the edges come in before the middle.'],
    now: ['Press it over a mandrel with a nylon hammer, or open the edges a little.'],
    nextTime: ['Reduce less a pass, in a steeper die; leave the band narrower.'],
  },
  'detail-flattened': {
    title: 'The detail is flattened',
    causes: ['Outside: reduced without tape or cloth.', 'Inside: splines without a towel or glove finger.'],
    now: ['It does not come back; even it out with wool or a darker finish.'],
    nextTime: ['More turns of tape; a paper towel over the splines; a plastic pusher.'],
  },
  'wrinkled-rim': {
    title: 'The rim wrinkles',
    causes: ['Too much at one stroke on a wide, thin land.', 'A die mouth too large to hold the rim.'],
    now: [
      'Stop, anneal, press the rim flat in the tightest die that takes it, and go on in smaller strokes.',
    ],
    nextTime: ['Ball in the dapping block first; a larger hole leaves less land to crowd.'],
  },
  'cut-edge-too-thin': {
    title: 'The cut edge is too thin',
    causes: ['A small hole stretched far.', 'A thin coin.'],
    now: ['File it back to where it is 0.9 mm: the band gets narrower.'],
    nextTime: ['A larger hole, a thicker coin, or a smaller size.'],
  },
  'pusher-dented': {
    title: 'A pusher is dented',
    causes: ['A big press used fast.', 'Pressed on after the mark.'],
    now: ['Turn or file the dent off before it prints into a ring; note it with the tool.'],
    nextTime: ['Stop at the planned reveal; a small press has more feel.'],
  },
  'dents-on-edge': {
    title: 'Dents on the edge',
    causes: ['A brass pusher on soft metal.', 'A dirty plate.'],
    now: ['File and sand the edge; true up.'],
    nextTime: ['A plastic pusher for the last passes; wipe the plates.'],
  },
  'marker-did-not-fade': {
    title: 'The marker did not fade',
    causes: ['Not hot enough yet.', 'Heat in one place only.'],
    now: ['Go on, keep the flame moving, look for the first dull red in dim light.'],
    nextTime: ['Several strokes round the piece; stop when all are gone.'],
  },
  blistered: {
    title: 'The metal blistered or sagged',
    causes: ['Too hot.', 'Plated or clad metal.'],
    now: ['The piece is lost. Let it cool where it lies.'],
    nextTime: ['Magnet, marks and density first; stop at the first dull red.'],
  },
  'pink-after-pickle': {
    title: 'Silver is pink after the pickle',
    causes: ['Low silver: copper is left at the surface.', 'Steel tongs in the pickle.'],
    now: ['Heat and pickle once more with copper or plastic tongs, or wool the pink off.'],
    nextTime: ['Keep steel out of the bath; change an old, blue pickle.'],
  },
  'patina-blotchy': {
    title: 'The patina is blotchy or lifts',
    causes: ['Grease on the metal.', 'Solution too strong or too hot.'],
    now: ['Wool it off, clean, dip shorter in a weaker, warm bath.'],
    nextTime: ['Clean last thing before the dip; rinse between.'],
  },
  'plating-peels': {
    title: 'The plating peels',
    causes: ['Plated ware was bent or heated.'],
    now: ['Strip what is loose or set the piece aside.'],
    nextTime: ['Plated ware is bent cold and gently, never heated.'],
  },
  'handle-will-not-close': {
    title: 'The handle will not close',
    causes: ['Springback.', 'Too thick where it bends.'],
    now: ['Next smaller former; solid silver may be annealed, plated ware may not.'],
    nextTime: ['Start from a thinner stretch of the handle.'],
  },
  'gap-in-joint': {
    title: 'A gap in the butt joint',
    causes: ['Ends not parallel.', 'Springback after closing.'],
    now: ['Saw through the joint with both ends closed, close, repeat until they meet.'],
    nextTime: ['Pass the ends by each other before closing: they come to rest together.'],
  },
  'spinner-binds': {
    title: 'The spinner binds or falls off',
    causes: ['Too little clearance.', 'The flare is too small or uneven.'],
    now: ['Binds: sand the inside of the outer band. Falls off: flare both sides a little more.'],
    nextTime: ['0.3 mm clearance; flatten the edges before assembly.'],
  },
  'solder-did-not-flow': {
    title: 'The solder did not flow',
    causes: ['Dirty joint, or no flux.', 'Only one side hot.'],
    now: ['Pickle, clean, flux, heat both sides together and draw the solder with the flame.'],
    nextTime: ['A tight joint; heat the bigger part first.'],
  },
  'between-sizes': {
    title: 'The finger lies between two sizes',
    causes: ['Fingers change through the day; wide bands feel tighter.'],
    now: [
      'Take the larger for a wide band, the smaller for a narrow one.',
      'A knuckle more than 1½ sizes over the base: an open ring.',
    ],
    nextTime: ['Measure with a gauge as wide as the band, in the evening.'],
  },
};

export function remedyFor(symptom: Symptom): Remedy {
  return REMEDIES[symptom];
}
