/** The answer in one sentence, and the line under it. */
import { findBay } from '@/core/place/find';
import { outside, type Place } from '@/core/place/place';
import { causeOf } from '@/core/routes/way-cause';
import type { WayIn } from '@/core/routes/ways-in';
import type { Judgement, Range } from '@/core/score/judge';
import type { Scenario } from '@/core/score/scenario';
import type { AnimalId } from '@/core/tables/animals';
import { animalList, animalNames, capital, count } from './names';
import { spotWords } from './spot-words';

export interface Headline {
  /** The part that is coloured: "2 ways in". */
  readonly answer: string;
  readonly tone: 'open' | 'unread' | 'holds';
  /** "tonight" */
  readonly when: string;
  /** For whom, and what is left to look at. */
  readonly under: string;
}

/** `lookedAt`: whether there is more to go by than the shape; before that nothing is said to be open or shut tonight. */
export function headline(judgement: Judgement, lookedAt = true): Headline {
  const { waysIn, stops, found } = judgement;
  const slow =
    judgement.slowWays.length === 0
      ? ''
      : ` ${count(judgement.slowWays.length, 'slow way')} besides, an hour and more.`;
  const { accepted = [] } = found.place.setting;
  const odd = accepted.length === 0 ? '' : ` The odd bird to ${animalList(accepted)} is accepted.`;
  const unread =
    stops.unread === 0
      ? ''
      : ` ${count(stops.unread, 'reading')} not taken yet, and may hide more.`;
  if (found.place.setting.lives.length === 0) {
    return {
      answer: 'Nothing to keep out',
      tone: 'unread',
      when: 'yet',
      under: 'Say on the place page which animals live near you.',
    };
  }
  if (judgement.whereabouts.length === 0) {
    return {
      answer: 'No birds',
      tone: 'unread',
      when: scenarioWhen[judgement.scenario],
      under: 'No group is there in these hours.',
    };
  }
  if (!lookedAt) return notWalked(waysIn);
  const open = inTheOpen(judgement);
  if (open.birds > 0 && open.who.length > 0 && waysIn.length === 0) {
    return {
      answer: `${count(open.birds, 'bird')} in the open`,
      tone: 'open',
      when: scenarioWhen[judgement.scenario],
      under: `Nothing stands between them and ${animalList(open.who)}.${slow}${unread}`,
    };
  }
  if (waysIn.length > 0) {
    const birds = judgement.birds === 1 ? 'the bird' : 'the birds';
    const who = capital(animalList(quickestFirst(waysIn)));
    return {
      answer: count(waysIn.length, 'way in', 'ways in'),
      tone: 'open',
      when: scenarioWhen[judgement.scenario],
      under: `${who} can get to ${birds} ${scenarioDoors[judgement.scenario]}.${openWords(open.birds)}${slow}${unread}${odd}`,
    };
  }
  if (stops.unread > 0) {
    return {
      answer: 'No way in found',
      tone: 'unread',
      when: 'so far',
      under: `${count(stops.unread, 'reading')} of ${stops.all} not taken yet: what is not looked at may be open.${slow}${odd}`,
    };
  }
  return {
    answer: 'No way in',
    tone: 'holds',
    when: 'found',
    under: `Everything asked for was read, and nothing that lives here gets in within the hour.${slow}${odd}`,
  };
}

/** What the shape alone settles: how high, what is open above, where doors are. */
function notWalked(waysIn: readonly WayIn[]): Headline {
  const byShape =
    waysIn.length === 0
      ? 'Its shape alone lets nothing in.'
      : `By its shape alone ${animalList(quickestFirst(waysIn))} could get in.`;
  return {
    answer: 'Not walked',
    tone: 'unread',
    when: 'yet',
    under: `${byShape} What it is made of and how well it shuts, a walk has to read.`,
  };
}

/** Birds outside every wall, and who comes for them in these hours. */
function inTheOpen({ whereabouts, animals }: Judgement) {
  const there = whereabouts.filter(({ zone }) => zone === outside);
  const takes = (it: Judgement['animals'][number]): boolean =>
    it.presence === 'about' && it.groups.some(({ zone, weight }) => zone === outside && weight > 0);
  return {
    birds: there.reduce((sum, { group }) => sum + group.count, 0),
    who: animals.filter(takes).map(({ animal }) => animal),
  };
}

function openWords(birds: number): string {
  return birds === 0 ? '' : ` ${count(birds, 'bird')} besides in the open.`;
}

const scenarioWhen: Readonly<Record<Scenario, string>> = {
  'night-shut': 'tonight',
  'left-open': 'on a forgotten night',
  'day-run': 'by day',
  ranging: 'while ranging',
};

const scenarioDoors: Readonly<Record<Scenario, string>> = {
  'night-shut': 'with every door as you leave it',
  'left-open': 'with the evening round forgotten',
  'day-run': 'in the run',
  ranging: 'while they are out',
};

/** Animals that get in by any of these, quickest first, each once. */
function quickestFirst(ways: readonly WayIn[]): AnimalId[] {
  const routes = ways.flatMap((way) => way.by);
  const sorted = [...routes].sort((a, b) => a.route.minutes - b.route.minutes);
  return [...new Set(sorted.map(({ animal }) => animal))];
}

/** "Hold 46 of 100", or a range while something is unread. */
export function holdWords({ best, worst }: Range): string {
  if (best === null || worst === null) return 'No hold: nothing threatens';
  const [high, low] = [Math.round(best), Math.round(worst)];
  return high === low ? `Hold ${high} of 100` : `Hold ${low} to ${high} of 100`;
}

/** The figure alone: "46", "22–46", "–" where nothing threatens. */
export function holdFigure({ best, worst }: Range): string {
  if (best === null || worst === null) return '–';
  const [high, low] = [Math.round(best), Math.round(worst)];
  return high === low ? String(high) : `${low}–${high}`;
}

/** "Mink, stoats and rats · north 2, under the sill" */
export function wayTitle(place: Place, way: WayIn): string {
  const { by = [], others = [] } = causeOf(way) ?? {};
  const besides = others.length === 0 ? '' : ` (${animalList(others)} otherwise)`;
  return `${capital(animalList(by))} · ${wayWhere(place, way)}${besides}`;
}

export function wayWhere(place: Place, way: WayIn): string {
  const names = way.bays.map((id) => findBay(place, id)?.bay.name ?? id);
  const cause = causeOf(way);
  const bays = names.length > 2 ? `${names[0]} to ${names[names.length - 1]}` : names.join(' and ');
  return cause ? `${bays}, ${spotWords(place, cause.part)}` : bays;
}

/** "a mink walks in": how the quickest of them goes on from there. */
export function wayOnward(place: Place, way: WayIn): string {
  const quickest = way.by[0];
  if (!quickest) return '';
  const [, ...rest] = quickest.route.steps;
  if (rest.length === 0) return 'Straight in to the birds.';
  const then = rest.map(({ bay, by }) => `${bay.name}, ${spotWords(place, by)}`);
  return `Then ${then.join('; then ')}.`;
}

export function animalName(id: AnimalId): string {
  return capital(animalNames[id][0]);
}
