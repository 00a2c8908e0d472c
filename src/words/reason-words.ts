/** A reason as a sentence: the reading, the figure it met, and by how much. */
import { isFallenShut } from '@/core/effort/reason';
import type {
  DigReason,
  OpeningReason,
  LatchVerdict,
  LiftReason,
  OverReason,
  PartEffort,
  ReachReason,
  Reason,
  TearReason,
  TimberReason,
} from '@/core/effort/reason';
import type { Doors } from '@/core/effort/when';
import type { Place } from '@/core/place/place';
import type { Fixing } from '@/core/tables/fixings';
import { lengthWords, wireWords } from './length-words';
import type { EnoughAgainstClimbing } from '@/core/tables/climbing';
import {
  anAnimal,
  capital,
  conditionNames,
  latchNames,
  listOf,
  meshNames,
  motionNames,
  soilNames,
  unitIndex,
} from './names';

const habitWords = {
  'every-night': 'shut every night',
  'cold-or-storms': 'shut only in cold or storms',
  never: 'never shut at night',
} as const;

const doorsWords: Readonly<Record<Doors, string>> = {
  'as-habit': 'as habit leaves it',
  'round-forgotten': 'left open by a forgotten round',
  'by-day': 'open by day',
  ranging: 'open while the birds are out',
};

const latchVerdicts: Readonly<Record<LatchVerdict, (animal: string, motions: string) => string>> = {
  'unlatched-dropped': () => 'It drops open when let go, and nothing holds it up.',
  'unlatched-pushed': (animal) => `Nothing holds it shut, and ${animal} pushes.`,
  'unlatched-nosed': (animal) => `Nothing holds it shut: ${animal} noses or claws it open in time.`,
  'unlatched-left-alone': (animal) => `No latch, but ${animal} does not open it so.`,
  'unlatched-moved': (animal, motions) =>
    `Nothing holds it shut but one motion (${motions}): ${animal} works that out.`,
  'motion-unknown': (animal, motions) => `${capital(animal)} does not work ${motions}.`,
  'too-stiff': (animal) => `Too stiff for ${animal}.`,
  'two-different-motions': (animal, motions) =>
    `Two different motions (${motions}): ${animal} works each, and is at it all night.`,
  'one-motion': (animal, motions) => `One motion (${motions}): ${animal} works that out.`,
  'same-motion-twice': (animal, motions) =>
    `The same motion twice (${motions}): ${animal} learns one after the other.`,
  forced: (animal) => `${capital(animal)} tears it off, screws and all.`,
};

export function reasonWords(place: Place, part: PartEffort): string {
  const said = reasonSentence(part.reason, anAnimal(part.animal), place);
  return isLostByMoving(part) ? `${said} What takes all night is lost: the pen moves on.` : said;
}

function reasonSentence(reason: Reason, animal: string, place: Place): string {
  const { units } = place;
  switch (reason.kind) {
    case 'opening':
      return openingSentence(reason, animal, place);
    case 'out-of-reach':
      return `${lengthWords(reason.height, units)} up: out of ${animal}’s reach.`;
    case 'stands-open':
      return reason.doors === 'as-habit'
        ? `${capital(habitWords[reason.habit])}.`
        : `${capital(doorsWords[reason.doors])}.`;
    case 'no-cover':
      return 'Nothing covers it.';
    case 'tear':
      return tearSentence(reason, animal, place);
    case 'reach':
      return reachSentence(reason, animal, place);
    case 'over':
      return overSentence(reason, animal, place);
    case 'lift':
      return liftSentence(reason, animal, place);
    case 'dig':
      return digSentence(reason, animal, place);
    case 'hinges':
      return reason.force.value > reason.gives.value
        ? `Loose hinges: ${animal} draws it off them.`
        : `Loose hinges, but not for ${animal}.`;
    case 'timber':
      return timberSentence(reason, animal);
    case 'latches':
      return latchVerdicts[reason.verdict](
        animal,
        listOf(reason.motions.map((motion) => motionNames[motion])),
      );
  }
}

function openingSentence(
  { opening, used, strict, passes, verdict }: Extract<Reason, { kind: 'opening' }>,
  animal: string,
  { units }: Place,
): string {
  const figure = lengthWords(used.value, units);
  // A cover of which nobody knows what it is may be none.
  if (!Number.isFinite(opening))
    return `With no cover ${animal} is through: ${figure} shuts it out.`;
  const words = lengthWords(opening, units);
  // In sixteenths two that differ may read alike.
  const isAlike = words === figure && opening !== used.value;
  const read = isAlike ? `${words} (${lengthWords(opening, 'metric')})` : words;
  const shuts = isAlike ? `${figure} (${lengthWords(used.value, 'metric')})` : figure;
  if (verdict === 'passes') return `${read} lets ${animal} by: ${figure} shuts it out.`;
  if (verdict === 'squeezes') {
    return `${read} is more than the ${shuts} that shuts ${animal} out, and less than the ${lengthWords(passes, units)} it is known to pass.`;
  }
  const under =
    opening === used.value
      ? `${read}: just what shuts ${animal} out`
      : `${read}; under the ${shuts} that shuts ${animal} out`;
  return verdict === 'stopped'
    ? `${under}.`
    : `${under}, but over the stricter figure of ${lengthWords(strict.value, units)}.`;
}

const notHeld: Readonly<Record<Fixing | 'unread', (state: string) => string>> = {
  'screws-washers': (state) => `${state}screws and washers do not hold`,
  batten: (state) => `a ${state}batten does not hold`,
  lacing: (state) => `${state}wire lacing does not hold`,
  staples: (state) => `${state}staples do not hold`,
  ties: (state) => `${state}ties do not hold`,
  unread: (state) => `${state}fixings do not hold`,
};

function tearSentence(
  { how, mesh, wire, condition, fixing }: TearReason,
  animal: string,
  place: Place,
): string {
  const state = condition === 'sound' ? '' : `${conditionNames[condition][0]} `;
  const made = wire === undefined ? '' : ` of ${wireWords(wire, place.units)} wire`;
  const name = `${state}${meshNames[mesh][unitIndex(place)]}${made}`;
  if (how === 'gnaws') return `${capital(animal)} gnaws through ${name}.`;
  if (how === 'breaks') return `${capital(animal)} goes through ${name}.`;
  return `${capital(animal)} pulls it off: ${notHeld[fixing ?? 'unread'](state)} against it.`;
}

function timberSentence({ state, how }: TimberReason, animal: string): string {
  if (how === 'holds') {
    return state === 'sound'
      ? 'Sound timber along the ground.'
      : `The timber along the ground is no longer sound, but ${animal} makes nothing of it.`;
  }
  const timber = state === 'soft' ? 'soft timber' : 'rotten timber';
  return how === 'gnaws'
    ? `${capital(animal)} gnaws through ${timber} along the ground.`
    : `${capital(animal)} goes through ${timber} along the ground.`;
}

function reachSentence(
  { opening, used, verdict, distance, length }: ReachReason,
  animal: string,
  { units }: Place,
): string {
  const gap = lengthWords(opening, units);
  if (verdict !== 'passes') {
    return `${gap}: ${animal} reaches in from ${lengthWords(used.value, units)}.`;
  }
  return `${gap} lets ${animal} reach ${lengthWords(length.value, units)} in, and birds come to ${lengthWords(distance, units)}.`;
}

function overSentence(
  { how, height, overhang, enough, ratio, leap }: OverReason,
  animal: string,
  { units }: Place,
): string {
  if (how === 'fly') return `Open above: ${animal} flies in.`;
  const edge = `${lengthWords(height, units)}${overhang > 0 ? ` with ${lengthWords(overhang, units)} overhang` : ''}`;
  if (ratio >= 1) return `${capital(edge)}: enough against ${animal}.`;
  const able =
    how === 'jump'
      ? `${capital(animal)} leaps ${lengthWords(leap.value, units)}; this is ${edge}.`
      : `${capital(animal)} climbs over ${edge}.`;
  return enough
    ? `${able} ${overWords(enough, units)} would be enough.`
    : `${able} Only a roof is enough.`;
}

/** "1800 mm with a 600 mm overhang" */
export function overWords(
  { height, overhang, tilt }: EnoughAgainstClimbing,
  units: Place['units'],
): string {
  const out = overhang.value > 0 ? ` with a ${lengthWords(overhang.value, units)} overhang` : '';
  const lean = tilt ? `, leaning ${tilt.value}° outward` : '';
  return `${lengthWords(height.value, units)}${out}${lean}`;
}

function liftSentence(
  { weight, needs, force, pegs, pegsHoldFrom }: LiftReason,
  animal: string,
  { units }: Place,
): string {
  const edge = `${weight} kg: an edge takes ${Math.round(needs)} N, and ${animal} has ${force.value} N.`;
  if (!pegsHoldFrom) return `${edge} Pegs cannot go in here.`;
  return `${edge} Pegs of ${lengthWords(pegs, units)}; ${lengthWords(pegsHoldFrom.value, units)} hold here.`;
}

/** Nothing but the moving keeps it out: it has less against it than would. */
const isLostByMoving = ({ reason, minutes }: PartEffort): boolean =>
  reason.kind === 'dig' &&
  minutes === null &&
  reason.nights === 1 &&
  reason.ratio < 1 &&
  !reason.floor &&
  !['rock', 'hard-surface'].includes(reason.soil);

function digSentence(
  { soil, enough, ratio, floor, through }: DigReason,
  animal: string,
  place: Place,
): string {
  const { units } = place;
  if (soil === 'rock' || soil === 'hard-surface')
    return `${capital(soilNames[soil][0])}: nothing digs there.`;
  if (floor === 'unread')
    return `Mesh or boards right across the floor would end it: nobody has looked.`;
  if (floor)
    return `${capital(meshNames[floor][unitIndex({ units })])} right across the floor ends it.`;
  const need = skirtWords(enough.depth.value, enough.outward.value, units);
  if (through) {
    return `${capital(animal)} digs down to the mesh and ${throughWords(through, place)}. ${capital(need)}, of mesh that stops it, keeps it out.`;
  }
  return ratio >= 1
    ? `Enough to keep ${animal} from digging (${need}).`
    : `${capital(animal)} is kept from digging by ${need}.`;
}

/** What it does with mesh that lies in the ground and does not stop it. */
function throughWords(through: OpeningReason | TearReason, place: Place): string {
  if (through.kind === 'tear') {
    const name = meshNames[through.mesh][unitIndex(place)];
    return through.how === 'gnaws' ? `gnaws through ${name}` : `tears through ${name}`;
  }
  const openings = `openings of ${lengthWords(through.opening, place.units)}`;
  return through.verdict === 'passes'
    ? `is through its ${openings}`
    : `may squeeze through its ${openings}`;
}

/** What stands there, said once for all whom it stops or not; `undefined` where each reason says it itself. */
export function foundWords({ units }: Place, { reason }: PartEffort): string | undefined {
  if (isFallenShut(reason)) {
    return `Fallen shut, with nobody to fasten it (${listOf(reason.unfastened.map((id) => latchNames[id]))}).`;
  }
  if (reason.kind !== 'dig') return undefined;
  const { soil, depth, outward } = reason;
  return `Mesh ${lengthWords(depth, units)} down, ${lengthWords(outward, units)} out, in ${soilNames[soil][0]}.`;
}

/** "450 mm out", "305 mm down and 305 mm out" */
export function skirtWords(depth: number, outward: number, units: Place['units']): string {
  return [
    ...(depth > 0 ? [`${lengthWords(depth, units)} down`] : []),
    ...(outward > 0 ? [`${lengthWords(outward, units)} out, tied`] : []),
  ].join(' and ');
}

export function latchListWords(reason: Extract<Reason, { kind: 'latches' }>): string {
  return reason.latches.length === 0
    ? latchNames.none
    : listOf(reason.latches.map((id) => latchNames[id]));
}
