/** Mends in plain words, the rest of the catalogue: edges bedded in, zones covered, doors, strands, and what is for tonight only. */
import type { CatalogueKind } from '@/core/mends/catalogue';

type Words = { readonly name: string; readonly steps: readonly string[] };

export const moreMendWords = {
  'kerb-along': {
    name: 'Bed a kerb along the sill',
    steps: [
      'Look under first: shut nothing in.',
      'Dig out a strip along the sill, a spade deep.',
      'Bed kerb stones tight against the sill and each other; pack behind them.',
    ],
  },
  'floor-mesh': {
    name: 'Lay a mesh floor under the earth',
    steps: [
      'Take a spade’s depth of earth off, right across.',
      'Lay 13 mm (½ in) welded mesh right across, strips lapped by a hand, turned up and fixed to every wall.',
      'Put the earth back: birds must not stand on wire.',
    ],
  },
  'line-welded-25': {
    name: 'Line with 25 mm (1 in) welded mesh',
    steps: [
      'Cut the mesh to cover the whole weak part with overlap on to wood all round.',
      'Fix with screws and washers, or under a batten. Staples alone draw out.',
    ],
  },
  'line-welded-25x50': {
    name: 'Line with stout 25 × 50 mm (1 × 2 in) mesh',
    steps: [
      'Cut the mesh to cover the whole weak part with overlap on to wood all round.',
      'Fix with screws and washers, or under a batten. Staples alone draw out.',
    ],
  },
  boarded: {
    name: 'Board it for good',
    steps: [
      'Leave vents and windows as they are.',
      'Screw sound boards over the whole of the weak part, edges tight, off the wet ground.',
    ],
  },
  'clip-edge': {
    name: 'Clip the edge for now',
    steps: ['Pull the mesh flat and tie it to the frame every hand’s breadth.'],
  },
  'hole-stuffed': {
    name: 'Wad the hole with wire mesh for now',
    steps: ['Crumple offcuts of welded mesh into the hole and jam them tight.'],
  },
  'wedge-shut': {
    name: 'Wedge it shut for now',
    steps: ['Drive a wedge where the corner gives. Take it out first thing in the morning.'],
  },
  'carabiner-on': {
    name: 'A screw-gate carabiner for now',
    steps: ['Put it through the latch or hasp and screw it shut.'],
  },
  'collar-plate': {
    name: 'Plate with a hole to fit the pipe',
    steps: [
      'Cut a plate that laps the hole by two fingers all round, with a hole no wider than the pipe.',
      'Slit it, put it round the pipe and screw it on.',
    ],
  },
  'lap-seam': {
    name: 'Lap the seam under a batten',
    steps: ['Pull both edges over each other by two fingers.', 'Screw a batten along the lap.'],
  },
  'screw-shut': {
    name: 'Screw the disused door shut',
    steps: [
      'See that another way out is left, for people and in a fire.',
      'Screw it to its frame all round.',
    ],
  },
  'spring-closer': {
    name: 'Two springs or weights that shut the door',
    steps: [
      'Fit two springs, or two weights, each on a cord of its own over a pulley: one is spare for the other.',
      'Where no latch on it catches by itself, fit one that does: what somebody has to hook or bolt is not on after a forgotten round.',
      'Let go from wide open and from a hand’s breadth: it must fall shut and latch both times.',
      'See that you can get out from inside.',
    ],
  },
  'light-door': {
    name: 'Drive that shuts the pop door at dusk',
    steps: [
      'See that the door runs freely by its own weight, with a rail to land in; a drive does not mend a door that jams.',
      'Take off what a hand fastens at night: the drive cannot undo it in the morning.',
      'Fix the drive above the door, its light cell where no lamp falls on it, and hang the door on it.',
      'Stay with it for the first evenings: every bird must be in before it shuts, and it must land all the way.',
      'Change its battery when you change the clocks, and look at it each dusk on the evening’s round.',
    ],
  },
  'flap-out': {
    name: 'Mesh flap that travels with the pen',
    steps: [
      'Lace ½ in mesh along the foot of the frame, so that it turns like a hinge.',
      'Let it lie flat on the grass, outward; lap the corners. Turn it up to move, and tie it.',
      'After each move walk round: it lies flat everywhere, and nothing holds it up.',
    ],
  },
  'mesh-under': {
    name: 'Mesh under the frame',
    steps: [
      'Turn or prop the pen with no bird in it.',
      'Screw mesh of 25 mm (1 in) across the whole underside, every hand’s breadth, edges turned in.',
      'Birds still graze through it. Bedding or boards where they lie; look at feet for sores.',
    ],
  },
  'frame-down': {
    name: 'Let the frame down on its ground',
    steps: [
      'Wheels or jacks up, skids flat. No foot or wing under the edge.',
      'Scrape off what it rides on; pack earth or a board under what still gapes. Again at each move.',
    ],
  },
  'door-braced': {
    name: 'Brace across the door',
    steps: [
      'Lift the free corner until the door hangs square; prop it there.',
      'Screw a batten across, from the foot of the hinge side up to the free corner.',
    ],
  },
  'edge-pegged': {
    name: 'Peg the bottom edge down',
    steps: [
      'Draw the edge tight along the ground, from one post to the next.',
      'Drive a peg through it every 300 mm (a foot), leaning away from the pull.',
    ],
  },
  'hinge-screws': {
    name: 'Longer screws in the hinges',
    steps: [
      'Prop the door so that it hangs free.',
      'Draw the old screws; drive longer ones of the same head into sound wood, or bolt through with a washer behind.',
      'Lift the free corner and pull at the hinge side: nothing may sag or give.',
    ],
  },
  'cover-screwed': {
    name: 'Screws and washers round the door’s cover',
    steps: ['Put a screw with a wide washer through the cover every hand’s breadth, all round.'],
  },
  'shut-nightly': {
    name: 'Shut it every night',
    steps: ['Put it on the evening round, with a name beside it for when you are away.'],
  },
  'shut-by-day': {
    name: 'Keep it shut by day',
    steps: [
      'Shut it behind you, and latch it as for the night; the birds have their own door.',
      'On hot days open a meshed window instead, and see that there is water on both sides.',
    ],
  },
  'overhang-out': {
    name: 'Overhang along the top edge',
    steps: [
      'Fix brackets to the posts, pointing outward.',
      'Stretch welded mesh over them, its inner edge screwed to the top of the wall.',
    ],
  },
  'roof-mesh': {
    name: 'Roof the run with welded mesh',
    steps: [
      'Run battens or wires across at every second post.',
      'Lay 25 mm (1 in) welded mesh over, strips lapped by a hand.',
      'Screw it to the top edge all round, with washers.',
    ],
  },
  'net-over': {
    name: 'Net over the run',
    steps: [
      'Run wires across to carry it.',
      'Stretch netting tight and fix it to the top edge all round, every hand’s breadth.',
    ],
  },
  'weight-on': {
    name: 'Weigh the frame down',
    steps: ['Lay slabs on the frame’s foot, spread over both ends, where birds do not stand.'],
  },
  'mesh-in-bare': {
    name: 'Fill it with 13 mm (½ in) welded mesh',
    steps: [
      'Cut the mesh to lap on to wood or mesh all round.',
      'Fix with screws and washers, or under a batten. Staples alone draw out.',
    ],
  },
  'strand-set': {
    name: 'More strands at the right heights',
    steps: [
      'Switch the fence off.',
      'Fix insulators at the heights given and strain the wire.',
      'Join it to the line; switch on; read the volts at the far end.',
    ],
  },
  'strand-clear': {
    name: 'Clear what touches the strand',
    steps: [
      'Switch the fence off.',
      'Set it off mesh and wood with longer insulators; hang up what is down, dig it out of snow, and put a new insulator where one is cracked.',
      'Switch on; read the volts at the far end.',
    ],
  },
  'fence-charge': {
    name: 'Put volts on the line',
    steps: [
      'Switch the fence off.',
      'Drive another earth stake in damp ground, as far as the energizer’s instructions ask; renew the battery and joints that spark.',
      'Switch on; read the volts at the far end.',
    ],
  },
  'strand-moved': {
    name: 'Hang a strand at the right height',
    steps: [
      'Switch the fence off.',
      'Move its insulators to the height given, and strain it again: it must not sag between the posts.',
      'Switch on; read the volts at the far end.',
    ],
  },
  'mown-under': {
    name: 'Mow under the strand',
    steps: [
      'Switch the fence off. Look for hedgehogs, toads and nests before you cut.',
      'Cut what grows under it, and a hand to either side; rake it off. It grows again: put it on the round.',
      'Switch on; read the volts at the far end.',
    ],
  },
  'earth-rods': {
    name: 'More earth rods',
    steps: [
      'Before you drive them: buried cables and pipes. Ask whoever marks them where you live. Switch the fence off.',
      'Drive rods of the same kind in damp ground, as far apart as they are long, 10 m and more from any other earth; clamp them all to one lead.',
      'Test the earth again: short the line far off, and read the stake against a probe of its own.',
    ],
  },
  'earth-return': {
    name: 'A second wire, to earth',
    steps: [
      'Switch the fence off.',
      'String a bare wire beside the live one, a hand above or below it, on insulators of its own; never touching it, not in wind either.',
      'Join it to the earth rods, not to the live terminal. Switch on; read the volts between the two at the far end.',
    ],
  },
  'line-joined': {
    name: 'Join the wire anew',
    steps: [
      'Switch off. Cut both ends back to bright metal.',
      'Steel wire: a line clamp or a proper knot drawn tight. Polywire and tape: a joiner that presses on the metal threads; a knot in them leads badly.',
      'Switch on, and read the volts at the far end.',
    ],
  },
  'battery-fresh': {
    name: 'Charge the battery, or put in a new one',
    steps: [
      'Switch the energizer off; take the battery off it before it is charged, in the open air and away from flame.',
      'Charge it full with a charger made for its kind; dry cells are not charged: put in new ones.',
      'Two hours off the charger read it at rest; join it, plus to plus; switch on, and read the line.',
    ],
  },
  'first-line': {
    name: 'A first electric line',
    steps: [
      'Clear a strip along the foot of the walls. Mow it from then on: grass drags the line down.',
      'Fix insulators at every post and each 2 m, at the heights given; strain the wires; a handle at every way in.',
      'Drive the earth rods in damp ground, 10 m and more from any other earth; hang the energizer and join all, by its own instructions.',
      'Put signs at every way in; switch on; read the volts at the far end.',
    ],
  },
} satisfies Partial<Record<CatalogueKind, Words>>;
