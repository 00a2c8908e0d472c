/** "The other lids are like this one": says of openings of the same kind what was said of this one. */
import { useState } from 'react';
import { makeDoorsAlike, othersOfItsKind } from '@/core/place/edit/alike-doors';
import type { Opening } from '@/core/place/place';
import { newId } from '@/store/ids';
import { Button } from '@/ui/controls/Button';
import { Txt } from '@/ui/controls/Txt';
import { bayText } from '@/words/screens/bay';
import type { BayParts } from './bay-edit';
import { Except } from './Except';

export function AlikeDoors({ place, opening, edit }: BayParts & { readonly opening: Opening }) {
  const others = othersOfItsKind(place, opening.id);
  const [open, setOpen] = useState(false);
  const [done, setDone] = useState(false);
  if (others.length === 0) return null;
  return (
    <>
      <Button
        look="plain"
        label={bayText.othersOfItsKind}
        selected={open}
        onPress={() => {
          setOpen(!open);
          setDone(false);
        }}
      />
      {open && (
        <>
          <Txt tone="ink2">{bayText.whatTheDoorsShare}</Txt>
          <Except
            all={others.map(
              ({ bay, opening: { id, name } }) => [id, bayText.doorAt(name, bay.name)] as const,
            )}
            make={bayText.makeDoorsLikeThisOne}
            onMake={async (ids) => {
              const made = edit.change('doors-alike', (it) =>
                makeDoorsAlike(it, opening, ids, newId),
              );
              setOpen(false);
              // Not said before it is stored: the page may be left at that word.
              setDone(await made);
            }}
          />
        </>
      )}
      {done && (
        <Txt tone="holds" live>
          {bayText.saidOfTheOthersToo}
        </Txt>
      )}
    </>
  );
}
