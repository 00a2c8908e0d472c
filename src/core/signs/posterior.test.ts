/** The rules of chance: against brute force on small tables, and over random stories. */
import fc from 'fast-check';
import '../tests/setup';
import type { Sign } from '../records/found-signs';
import { animalIds } from '../tables/animals';
import { otherCauses, signAnswers, signChance, signColumns, signQuestions } from '../tables/signs';
import { byCulprit, entropy, expectedInformation, nextQuestion, posterior } from './posterior';
import { likelihood, type Suspicion } from './suspicion';

const culprits = [...animalIds, ...otherCauses];
const suspicions: fc.Arbitrary<Suspicion[]> = fc.uniqueArray(
  fc.record({
    culprit: fc.constantFrom(...culprits),
    prior: fc.double({ min: 0.001, max: 1, noNaN: true }),
  }),
  { selector: ({ culprit }) => culprit, minLength: 2, maxLength: 8 },
);
const question = fc.constantFrom(...signQuestions);
const sign: fc.Arbitrary<Sign> = question.chain((it) =>
  fc.constantFrom(...signAnswers[it]).map((answer) => ({ question: it, answer })),
);
const signs = fc.uniqueArray(sign, { selector: (it) => it.question, maxLength: 6 });

test('of every culprit the answers to a question add up to one', () => {
  for (const it of signQuestions) {
    for (const column of signColumns) {
      const sum = signAnswers[it].reduce((all, answer) => all + signChance(it, answer, column), 0);
      expect(sum).toBeCloseTo(1, 12);
    }
  }
});

test('the order of answers never changes who it was', () => {
  fc.assert(
    fc.property(
      suspicions,
      signs.chain((all) =>
        fc.tuple(fc.constant(all), fc.shuffledSubarray(all, { minLength: all.length })),
      ),
      (all, [told, shuffled]) => {
        const [a, b] = [posterior(all, told), posterior(all, shuffled)];
        a.forEach((share, index) => expect(b[index]).toBeCloseTo(share, 10));
      },
    ),
  );
});

test('the posterior is prior times likelihood, by the joint table written out', () => {
  fc.assert(
    fc.property(suspicions, sign, (all, told) => {
      const joint = all.map((it) => it.prior * likelihood(it, told));
      const sum = joint.reduce((a, b) => a + b, 0);
      posterior(all, [told]).forEach((share, index) =>
        expect(share).toBeCloseTo((joint[index] ?? 0) / sum, 12),
      );
    }),
  );
});

test('what an answer is expected to tell is the mutual information of the joint table', () => {
  fc.assert(
    fc.property(suspicions, signs, question, (all, told, asked) => {
      const shares = posterior(all, told);
      const who = [...byCulprit(all, shares)];
      let information = 0;
      for (const answer of signAnswers[asked]) {
        const of = (culprit: string) =>
          all.reduce(
            (sum, it, index) =>
              it.culprit === culprit
                ? sum + (shares[index] ?? 0) * likelihood(it, { question: asked, answer })
                : sum,
            0,
          );
        const chance = who.reduce((sum, [culprit]) => sum + of(culprit), 0);
        for (const [culprit, share] of who) {
          const joint = of(culprit);
          if (joint > 0) information += joint * Math.log2(joint / (share * chance));
        }
      }
      expect(expectedInformation(all, shares, asked)).toBeCloseTo(Math.max(0, information), 9);
    }),
  );
});

test('the next question is the one that tells most; where one is sure already there is none', () => {
  fc.assert(
    fc.property(suspicions, signs, (all, told) => {
      const open = signQuestions.filter((it) => !told.some((sign) => sign.question === it));
      const shares = posterior(all, told);
      const next = nextQuestion(all, told, open);
      const most = Math.max(0, ...open.map((it) => expectedInformation(all, shares, it)));
      if (next === undefined) expect(most).toBeLessThan(0.03);
      else expect(expectedInformation(all, shares, next)).toBeCloseTo(most, 12);
    }),
  );
  const one: Suspicion[] = [{ culprit: 'red-fox', prior: 1 }];
  expect(nextQuestion(one, [], signQuestions)).toBeUndefined();
  expect(entropy([1])).toBe(0);
});
