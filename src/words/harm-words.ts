/** Tools, skill and harm in plain words. */
import type { Handiwork, Skill, Tool } from '@/core/mends/catalogue/handiwork';
import type { Harm, HarmCheck } from '@/core/mends/catalogue/harm';
import { cautionWords } from './mend-words';

export const toolNames: Readonly<Record<Tool, string>> = {
  tape: 'tape',
  driver: 'screwdriver',
  saw: 'saw',
  snips: 'wire snips',
  gloves: 'gloves',
  spade: 'spade',
  mallet: 'mallet',
  hammer: 'hammer',
  drill: 'drill',
  pliers: 'pliers',
  ladder: 'ladder',
  'fence-tester': 'fence tester',
};

const skillNames: Readonly<Record<Skill, string>> = {
  anyone: 'Anyone can do it with care',
  handy: 'For someone who has sawn and screwed before',
  skilled: 'For someone who has built such a thing before',
};

export function handiworkWords({ tools, skill }: Handiwork): string {
  const names = tools.map((tool) => toolNames[tool]);
  return `${skillNames[skill]}. ${names.length > 0 ? `Tools: ${names.join(', ')}.` : 'No tools.'}`;
}

const harmNames: Readonly<Record<Harm, string>> = {
  air: 'air',
  shade: 'heat and shade',
  fire: 'fire',
  'keeper-shut-in': 'keeper shut in',
  'animal-inside': 'animal or young shut in',
  entangling: 'entangling',
  drainage: 'drainage',
  snow: 'snow load',
};

/** "Air: takes 17 % of what comes through. Never block the house’s air …" */
export function harmWords({ harm, share }: HarmCheck): string {
  const name = harmNames[harm];
  const taken =
    share === undefined ? '' : `it takes ${Math.round(100 * share)} % of what comes through here. `;
  return `${name.charAt(0).toUpperCase()}${name.slice(1)}: ${taken}${cautionWords[harm]}`;
}

export function noHarmWords(checks: readonly HarmCheck[]): string {
  return checks.length === 0
    ? ''
    : `None seen by ${checks.map(({ harm }) => harmNames[harm]).join(', ')}.`;
}
