/** Mesh, fixing, state, pull test and holes of a bay; its top edge, and birds at roost beside it. */
import { standsOnEarth } from '@/core/place/ground-line';
import { findBay, findItem } from '@/core/place/find';
import { isFixed } from '@/core/place/opening-cover';
import type { Place } from '@/core/place/place';
import { lengthWords } from '../length-words';
import { conditionNames, fixingNames } from '../names';
import type { AllWords, Asked, Spotted } from './attribute-words';
import { coverWords } from './cover-words';

const shut = 'tie or clip it shut, or screw a board over it.';
const over = 'a board or small mesh over it, tied on all round.';
const blocked = 'block it with what lies about.';

const layerGivesWay = ({ layer, isTorn }: Spotted): string =>
  isTorn ? `by tearing the ${layer}` : `through the ${layer}`;

export const wallWords = {
  'layer.mesh': {
    ask: (asked, place) => ({
      title: asked.opening
        ? isDoor(asked, place)
          ? `What is the ${asked.opening} made of?`
          : `What is in the ${asked.opening}?`
        : isSeasonal(asked, place)
          ? 'The seasonal cover: on?'
          : 'What is this?',
      todo: isSeasonal(asked, place)
        ? `It is on at this time of year. Say what is there; “nothing” where it is off. ${bandWords(asked, place)}`
        : bandWords(asked, place),
      short: asked.opening
        ? isDoor(asked, place)
          ? `what the ${asked.opening} is made of`
          : `mesh in the ${asked.opening}`
        : 'mesh',
    }),
    answers: coverWords,
    sort: 'mesh',
    givesWay: layerGivesWay,
    tonight: over,
  },
  'layer.clear': {
    ask: (asked, place) => ({
      title: 'Clear opening',
      todo: `Wire edge to wire edge, the smaller way. ${bandWords(asked, place)}`,
      short: 'clear opening',
    }),
    sort: 'mesh',
    givesWay: layerGivesWay,
    tonight: over,
  },
  'layer.wire': {
    ask: {
      title: 'Thickness of the wire',
      todo: 'One wire across, with a calliper or a wire gauge, clean of its zinc lumps.',
      short: 'thickness of the wire',
    },
    sort: 'mesh',
    givesWay: layerGivesWay,
    tonight: over,
  },
  'layer.fixing': {
    ask: ({ opening = 'mesh' }) => ({
      title: `What holds the cover of the ${opening} on?`,
      todo: 'The weakest kind of fixing anywhere on it. Boards that are its frame: screws.',
      short: `fixing of the ${opening}`,
    }),
    answers: fixingNames,
    sort: 'fixings',
    givesWay: layerGivesWay,
    tonight: shut,
  },
  'layer.condition': {
    ask: ({ opening = 'mesh' }) => ({
      title: `What state is the ${opening} in?`,
      todo: 'Boards, mesh and fixings, at their worst spot. Press the lower edge with a thumb.',
      short: `condition of the ${opening}`,
    }),
    answers: conditionNames,
    sort: 'fixings',
    givesWay: layerGivesWay,
    tonight: over,
  },
  'bay.fixing': {
    ask: {
      title: 'What holds it on?',
      todo: 'The weakest kind of fixing anywhere on this bay’s mesh or board.',
      short: 'fixing',
    },
    answers: fixingNames,
    sort: 'fixings',
    tonight: shut,
  },
  'bay.condition': {
    ask: {
      title: 'What state is it in?',
      todo: 'Mesh, board and fixings, at their worst spot.',
      short: 'condition',
    },
    answers: conditionNames,
    sort: 'its state',
    tonight: shut,
  },
  'bay.panelPulled': {
    ask: ({ section }) => ({
      title: 'Pull test',
      todo:
        section === 'overhead'
          ? 'Its edge all round, seams and ties: take hold and pull. Read the widest gap that opens.'
          : 'Take hold at staples, seams, ties and corners and pull. Read the widest gap that opens.',
      short: 'pull test',
    }),
    sort: 'pull tests',
    givesWay: () => 'where the panel pulls away',
    tonight: shut,
  },
  'bay.largestHole': {
    ask: (asked, place) => ({
      title: 'Largest hole',
      todo: standsOnAFloor(asked, place)
        ? 'Look the whole wall over, its corners and the floor along it too: rot, chewed wood, knots. Read the largest hole.'
        : 'Look the whole bay over: rust, chewed wood, knots, torn wire. Read the largest hole.',
      short: 'largest hole',
    }),
    sort: 'holes',
    givesWay: () => 'through a hole',
    tonight: shut,
  },
  'bay.roost': {
    ask: ({ bay, from }, place) => ({
      title:
        from === undefined || bay === undefined
          ? 'How near do birds roost?'
          : `How near do birds roost to ${findBay(place, bay)?.bay.name ?? bay}?`,
      todo: 'From the perch or nest to this wall’s nearest opening, as a bird sits.',
      short: 'nearest roost',
    }),
    sort: 'roosts',
    tonight: 'a board between the perch and the mesh; leave the vents free.',
  },
  'top.kind': {
    ask: {
      title: 'How does the top edge end?',
      todo: 'Joined to a roof all along, or free? Pull at it from below.',
      short: 'top edge',
    },
    answers: {
      roof: ['joined to a roof', 'nothing gets over it'],
      hood: ['under a hood', 'smooth, reaching out'],
      overhang: ['an overhang', 'mesh or boards reaching out'],
      tilt: ['leaning outward', ''],
      open: ['free', 'climbers and leapers get over it'],
    },
    sort: 'top edges',
    tonight: blocked,
  },
  'top.width': {
    ask: {
      title: 'How wide is the overhang?',
      todo: 'From the wall outward, at its narrowest. From the ground with a long tape, or a ladder that someone holds.',
      short: 'width of the overhang',
    },
    sort: 'top edges',
    tonight: blocked,
  },
} satisfies Partial<AllWords>;

/** A wall of a house that has a floor of its own: what is wrong with that along the wall is read with it. */
function standsOnAFloor({ bay: id }: Asked, place: Place): boolean {
  const at = id === undefined ? undefined : findBay(place, id);
  if (!at || at.face.kind === 'roof' || at.face.kind === 'floor') return false;
  return !standsOnEarth(at.bay.ground) && at.bay.base === undefined;
}

/** Whether the layer asked about is of something that opens, rather than of a vent or window. */
function isDoor({ item }: Asked, place: Place): boolean {
  const found = findItem(place, item);
  if (found?.kind !== 'layer') return false;
  const opening = found.bay.openings.find((it) => it.cover?.includes(found.layer));
  return opening !== undefined && !isFixed(opening);
}

function bandWords({ band, opening }: Asked, { units }: Place): string {
  if (opening || !band) return 'Look close: what covers it?';
  const [from, to] = band;
  if (from === to) return 'Overhead, the whole cover.';
  return from === 0
    ? `From the ground up to ${lengthWords(to, units)}.`
    : `From ${lengthWords(from, units)} up to ${lengthWords(to, units)}.`;
}

/** A layer that is taken off for part of the year; off season it is asked for by a check of its own. */
function isSeasonal({ item }: Asked, place: Place): boolean {
  const found = findItem(place, item);
  return found?.kind === 'layer' && found.layer.on !== undefined;
}
