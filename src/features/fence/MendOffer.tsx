/** A mend of the line on offer: a button that puts it on the list, or where it stands once it is on it. */
import { useState } from 'react';
import type { Proposal } from '@/core/mends/propose';
import type { Mend } from '@/core/records/mend';
import { useRouterHere } from '@/features/frame/use-router-here';
import { useChanges } from '@/store/use-changes';
import { Button } from '@/ui/controls/Button';
import { LinkRow } from '@/ui/controls/LinkRow';
import { Notice } from '@/ui/controls/Notice';
import { Txt } from '@/ui/controls/Txt';
import { mendStateWords, mendWords } from '@/words/mend-words';
import { notSavedWords } from '@/words/not-saved-words';
import { kitText } from '@/words/screens/kit';

interface Props {
  readonly proposal: Proposal;
  readonly mends: readonly Mend[];
}

export function MendOffer({ proposal, mends }: Props) {
  const router = useRouterHere();
  const { planMend } = useChanges();
  const [trouble, setTrouble] = useState<string>();
  const { kind } = proposal.mend;
  const inHand = mends.find((it) => it.kind === kind && it.state !== 'held');
  const { name } = mendWords[kind];
  const plan = () => {
    planMend(proposal)
      .then((id) => router.push({ pathname: '/mends/[id]', params: { id } }))
      .catch((error: unknown) => setTrouble(notSavedWords(error)));
  };
  if (!inHand) {
    return (
      <>
        {trouble && <Notice>{trouble}</Notice>}
        <Button label={kitText.plan} says={kitText.planIt(name)} onPress={plan} />
      </>
    );
  }
  const says = kitText.onTheList(name, mendStateWords[inHand.state]);
  return (
    <LinkRow href={{ pathname: '/mends/[id]', params: { id: inHand.id } }} says={says}>
      <Txt kind="strong" tone="holds">
        {says}
      </Txt>
    </LinkRow>
  );
}
