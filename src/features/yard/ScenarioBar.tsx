/** The four scenarios, each with how many ways in it has. Each is an address of its own. */
import { yardText } from '@/words/screens/yard';
import { Link } from 'expo-router';
import { memo } from 'react';
import { Pressable, StyleSheet, View } from 'react-native';
import { scenarios, type Scenario } from '@/core/score/scenario';
import type { Judgement } from '@/core/score/judge';
import type { Judgements } from '@/core/score/judge-all';
import { lookParams, type Look } from '@/features/look/use-look';
import { Txt } from '@/ui/controls/Txt';
import { color, space, touch } from '@/ui/theme/tokens';
import { headline } from '@/words/headline';
import { scenarioNames, scenarioNotes } from '@/words/scenario-words';

interface Props {
  readonly look: Look;
  readonly judgement: Judgement;
  readonly all: Judgements | undefined;
}

export function ScenarioBar({ look, judgement, all }: Props) {
  return (
    <View role="group" aria-label={yardText.scenario} style={styles.bar}>
      {scenarios.map((scenario) => {
        const judged = scenario === look.scenario ? judgement : all?.[scenario];
        return (
          <ScenarioLink
            key={scenario}
            look={look}
            scenario={scenario}
            sign={judged ? signOf(judged) : '…'}
            says={`${scenarioNames[scenario][1]}${judged ? `: ${saysOf(judged)}` : ''}`}
          />
        );
      })}
    </View>
  );
}

/** What is taken for granted in it; under the plan, so that the plan is seen the sooner. */
export function ScenarioNote({ scenario }: Pick<Look, 'scenario'>) {
  return (
    <Txt kind="small" tone="ink2" style={styles.note}>
      {scenarioNotes[scenario]}
    </Txt>
  );
}

interface LinkProps {
  readonly look: Look;
  readonly scenario: Scenario;
  readonly sign: string;
  readonly says: string;
}

/** Drawn anew only where its sign is another. */
const ScenarioLink = memo(function ScenarioLink({ look, scenario, sign, says }: LinkProps) {
  const here = scenario === look.scenario;
  const tone = here ? 'onChosen' : 'ink';
  return (
    <Link push href={{ pathname: '/', params: lookParams({ ...look, scenario }) }} asChild>
      <Pressable
        aria-label={says}
        {...(here && { 'aria-current': 'page' as const })}
        style={StyleSheet.flatten([styles.cell, here && styles.here])}
      >
        <Txt kind="figure" tone={tone}>
          {sign}
        </Txt>
        <Txt kind="small" tone={tone}>
          {scenarioNames[scenario][0]}
        </Txt>
      </Pressable>
    </Link>
  );
});

/** Ways in as a figure; a dash where no birds are there, "open" where they stand in the open. */
function signOf(judgement: Judgement): string {
  if (judgement.whereabouts.length === 0) return '–';
  return inTheOpen(judgement) ? 'open' : String(judgement.waysIn.length);
}

function saysOf(judgement: Judgement): string {
  if (judgement.whereabouts.length === 0) return yardText.noBirdsAreThere;
  return inTheOpen(judgement)
    ? headline(judgement).answer
    : yardText.waysIn(judgement.waysIn.length);
}

/** Nothing to get through stands between them and what comes. */
const inTheOpen = (judgement: Judgement): boolean =>
  judgement.waysIn.length === 0 && headline(judgement).tone === 'open';

const styles = StyleSheet.create({
  bar: {
    flexDirection: 'row',
    borderTopWidth: 1,
    borderBottomWidth: 1,
    borderColor: color.hairline,
    backgroundColor: color.paper,
  },
  cell: {
    flex: 1,
    minHeight: touch,
    alignItems: 'center',
    justifyContent: 'center',
    paddingVertical: space.xs,
  },
  here: { backgroundColor: color.chosen },
  note: { paddingHorizontal: space.l, paddingVertical: space.s },
});
