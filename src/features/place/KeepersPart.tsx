/** Who keeps the place, and how two phones keep it together. */
import { useQuery } from '@tanstack/react-query';
import type { Place } from '@/core/place/place';
import { TextField } from '@/features/edit/TextField';
import { useEdit } from '@/features/edit/use-edit';
import { now } from '@/store/ids';
import { thisPhone } from '@/store/phone';
import { Notice } from '@/ui/controls/Notice';
import { FoldedPart } from '@/ui/controls/FoldedPart';
import { Txt } from '@/ui/controls/Txt';
import { capital, listOf } from '@/words/names';
import { placeText } from '@/words/screens/place';

export function KeepersPart({ place }: { readonly place: Place }) {
  const { trouble, change } = useEdit();
  const { data: phone } = useQuery({
    queryKey: ['phone'],
    queryFn: async () => (await thisPhone()).id,
    staleTime: Infinity,
    networkMode: 'always',
  });
  const keepers = place.keepers ?? [];
  const others = keepers.filter((it) => it.phone !== phone).map(({ name }) => name);
  const rename = (name: string) => {
    if (phone === undefined) return;
    void change('whose-phone', (it) => ({
      ...it,
      keepers: [
        ...(it.keepers ?? []).filter((one) => one.phone !== phone),
        ...(name === '' ? [] : [{ phone, name, at: now() }]),
      ],
    }));
  };
  return (
    <FoldedPart
      title={placeText.keepers}
      closed={
        keepers.length === 0
          ? placeText.oneOrTwoPhones
          : capital(listOf(keepers.map(({ name }) => name)))
      }
    >
      <TextField
        label={placeText.whatYouAreCalled}
        text={keepers.find((it) => it.phone === phone)?.name ?? ''}
        most={80}
        optional
        onChange={rename}
      />
      {trouble && <Notice>{trouble}</Notice>}
      {others.length > 0 && <Txt>{placeText.keepersAre(listOf(others))}</Txt>}
      <Txt tone="ink2">{placeText.twoPhones}</Txt>
    </FoldedPart>
  );
}
