/** A plan as plain lines for the command line. */
import type { PlanFindings } from '@/core/formats/plan-json';
import type { Place } from '@/core/place/place';
import { animalName } from './headline';
import { groupedBy } from '@/core/grouped-by';
import { leastOf } from '@/core/mends/plan/curve';
import {
  birdsWords,
  bySpotWords,
  clashWords,
  nightLeftWords,
  mendTitle,
  moneyOfPlan,
  moneyWords,
  timeWords,
  whereWords,
  whyNotWords,
} from './plan-words';
import { mendName } from './mend-words';
import { capital, count } from './names';
import { planText as planWords } from './screens/plan';

export function planText(place: Place, document: PlanFindings): string {
  const { answer, planning, limits, date, stopgaps } = document;
  const candidate = (id: string) => planning.candidates.find((it) => it.id === id);
  const title = (id: string): string => {
    const it = candidate(id);
    return it ? mendTitle(place, it.mend) : id;
  };
  const money = (cents: number) => moneyWords(place, cents);
  const within = [
    limits.cents === undefined ? 'money no object' : `with ${money(limits.cents)}`,
    limits.minutes === undefined ? 'as long as it takes' : `in ${timeWords(limits.minutes)}`,
  ].join(', ');
  const proved = answer.isProved
    ? 'No other set of these mends does better.'
    : 'Stopped early: there may be a better one.';
  return [
    `${place.name}, ${within}${date === undefined ? '' : `, on ${date}`}`,
    `Birds lost a year: ${birdsWords(answer.before)} expected as it stands, ${birdsWords(answer.after)} with the plan; several times less or more is possible. ${proved}`,
    ...(answer.overspent ? ['What must be made takes more than there is.'] : []),
    ...answer.clashes.map((it) => clashWords(it, title)),
    ...(answer.chosen.length === 0
      ? [leastLine(document, title, money)]
      : [
          `${count(answer.chosen.length, 'mend')}, ${moneyOfPlan(answer, money)}, ${timeWords(answer.minutes)} of work:`,
        ]),
    ...answer.chosen.map((id, index) => {
      const { cents = 0, minutes = 0 } = candidate(id) ?? {};
      return `  ${index + 1}. ${title(id)}: ${money(cents)} by the metre, ${timeWords(minutes)}`;
    }),
    ...enoughLines(document, money),
    ...answer.animals.map(
      ({ animal, before, after, nightAfter }) =>
        `  ${animalName(animal)}: ${birdsWords(before)} to ${birdsWords(after)}${nightLeftWords(nightAfter)}`,
    ),
    ...notLines(place, document, title),
    ...stopgaps.map(
      ({ mend, minutes }) => `  For tonight: ${mendTitle(place, mend)}: ${timeWords(minutes)}`,
    ),
    ...shutOutLines(place, document, title),
    'Prices that are not your own are round sums of ours. Rookle ranks and explains; it promises nothing.',
  ].join('\n');
}

/** Far less money that would do nearly as well. */
function enoughLines(
  { answer: { before, after }, enough, planning }: PlanFindings,
  money: (cents: number) => string,
): string[] {
  if (!enough) return [];
  if (enough.chosen.length === 0) return [planWords.hardlyAny(enough.after - after)];
  const minutes = planning.candidates
    .filter(({ id }) => enough.chosen.includes(id))
    .reduce((sum, it) => sum + it.minutes, 0);
  return [planWords.lessWouldDo(money(enough.cents), minutes, before, enough.after)];
}

/** What is left out, once for each reason; each mend with all places where it might be. */
function notLines(
  place: Place,
  { answer: { others }, planning }: PlanFindings,
  title: (id: string) => string,
): string[] {
  const mends = new Map(
    [...planning.candidates, ...planning.harmful].map(({ id, mend }) => [id, mend]),
  );
  const byReason = groupedBy(Object.entries(others), ([, why]) => whyNotWords(place, why, title));
  return [...byReason].map(([why, left]) => {
    const those = left.flatMap(([id]) => mends.get(id) ?? []);
    const named = [...groupedBy(those, mendName)].map(
      ([name, them]) => `${name}: ${them.map((it) => whereWords(place, it)).join('; ')}`,
    );
    return `  Not: ${named.join(' · ')}. ${why}`;
  });
}

function leastLine(
  { curve }: PlanFindings,
  title: (id: string) => string,
  money: (cents: number) => string,
): string {
  const least = leastOf(curve);
  if (!least) return 'No mend changes anything.';
  return `Nothing within that changes anything. The least that would: ${money(least.cents)}, ${least.chosen.map(title).join('; ')}.`;
}

function shutOutLines(
  place: Place,
  { shutOut, planning }: PlanFindings,
  title: (id: string) => string,
): string[] {
  if (!shutOut) return [];
  const { animal, result } = shutOut;
  const name = capital(animalName(animal));
  if (result.can) {
    const mends = result.chosen.map((it) => title(planning.candidates[it]?.id ?? ''));
    return [
      `${name} shut out at night, at the least by the metre: ${moneyOfPlan({ cents: result.cents, wholeCents: result.paid }, (it) => moneyWords(place, it))}, ${timeWords(result.minutes)}: ${mends.join('; ') || 'nothing to do'}.`,
    ];
  }
  return [
    `${name} cannot be shut out at night by these mends. Without a mend: ${result.stays.map((it) => bySpotWords(place, it)).join('; ')}.`,
  ];
}
