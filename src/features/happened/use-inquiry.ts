/** What is known of a loss, and what an answer does to it: every answer is kept in the record at once. */
import { useMemo, useState } from 'react';
import type { Sign } from '@/core/records/found-signs';
import type { Culprit, Loss, Suspect } from '@/core/records/sighting';
import { inquire, type Inquiry } from '@/core/signs/inquiry';
import { kindOf, questionsFor } from '@/core/signs/questions';
import { isAnimal } from '@/core/signs/suspicion';
import { suspicionsOf } from '@/core/signs/suspicions';
import type { SignAnswer, SignQuestion } from '@/core/tables/signs';
import type { Yard } from '@/store/records';
import { useChanges } from '@/store/use-changes';
import { notSavedWords } from '@/words/not-saved-words';

export interface InquiryAt {
  readonly inquiry: Inquiry;
  readonly signs: readonly Sign[];
  /** What is asked now; `undefined` where nothing more is worth a tap. */
  readonly question: SignQuestion | undefined;
  /** Questions answered or passed over, without what the count said. */
  readonly asked: number;
  readonly busy: boolean;
  readonly trouble: string | undefined;
  readonly answer: (question: SignQuestion, answer: SignAnswer) => void;
  readonly pass: (question: SignQuestion) => void;
  readonly takeBack: (question: SignQuestion) => void;
  /** `undefined`: not known after all. */
  readonly settle: (culprit: Culprit | undefined) => void;
}

export function useInquiry({ place, walks, sightings }: Yard, loss: Loss): InquiryAt {
  const { changeEntry } = useChanges();
  const [passed, setPassed] = useState<readonly SignQuestion[]>([]);
  const [busy, setBusy] = useState(false);
  const [trouble, setTrouble] = useState<string>();
  const { date, group, birds, dead = 0, hurt = 0 } = loss;
  // As it stood that night: what was walked since was not known, and may have been mended.
  const suspicions = useMemo(() => {
    const then = walks.filter((it) => it.date <= date);
    return suspicionsOf(place, then, sightings, {
      date,
      gone: birds - dead,
      dead,
      ...(group !== undefined && { group }),
    });
  }, [place, walks, sightings, date, group, birds, dead]);
  const signs = loss.signs ?? noSigns;
  const open = questionsFor({ gone: birds - dead, dead, hurt }, kindOf(place, group)).filter(
    (it) => !passed.includes(it) && !signs.some(({ question }) => question === it),
  );
  const inquiry = inquire(suspicions, signs, open);
  const keep = (made: 'what-was-found' | 'who-it-was', work: (loss: Loss) => Loss) => {
    setBusy(true);
    setTrouble(undefined);
    changeEntry(made, loss.id, (it) => (it.what === 'loss' ? work(it) : it))
      .catch((error: unknown) => setTrouble(notSavedWords(error)))
      .finally(() => setBusy(false));
  };
  const isSettled = loss.animal !== undefined || loss.cause !== undefined;
  /** What was found of anything but this question stays, and then this. */
  const answered = (question: SignQuestion, answer?: SignAnswer) =>
    keep('what-was-found', (it) => {
      const others = (it.signs ?? noSigns).filter((sign) => sign.question !== question);
      const next = answer ? [...others, { question, answer }] : others;
      const thought = isSettled ? it.thought : suspectsOf(inquire(suspicions, next, []));
      return { ...it, signs: next, ...(thought && { thought }) };
    });
  return {
    inquiry,
    signs,
    question: inquiry.next,
    asked: signs.filter(({ question }) => question !== 'toll').length + passed.length,
    busy,
    trouble,
    answer: answered,
    pass: (question) => setPassed([...passed, question]),
    takeBack: (question) => answered(question),
    settle: (culprit) => {
      const who =
        culprit === undefined ? {} : isAnimal(culprit) ? { animal: culprit } : { cause: culprit };
      keep('who-it-was', ({ animal: _animal, cause: _cause, ...others }) => ({
        ...others,
        ...who,
      }));
    },
  };
}

const noSigns: readonly Sign[] = [];

/** What is worth keeping of a ranking. */
const leastKept = 0.005;

function suspectsOf({ who }: Inquiry): Suspect[] {
  return who
    .filter(({ share }) => share >= leastKept)
    .map(({ culprit, share }) => ({ culprit, share: Math.round(share * 1000) / 1000 }));
}
