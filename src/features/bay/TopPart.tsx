/** What the wall ends in at its top. */
import { bayText } from '@/words/screens/bay';
import type { TopEdge } from '@/core/place/place';
import { LengthField } from '@/features/edit/LengthField';
import { NumberField } from '@/features/edit/NumberField';
import { Choice } from '@/ui/controls/Choice';
import { FoldedPart } from '@/ui/controls/FoldedPart';
import { topNames } from '@/words/edit-words';
import { capital } from '@/words/names';
import type { BayParts } from './bay-edit';

const kinds = Object.keys(topNames) as TopEdge['kind'][];
const widest = 2000;
/** What an edge that leans out usually measures, mm and degrees (assumption of ours, to be set right). */
const usual = { width: 300, tilt: 30 } as const;

export function TopPart({ place, bay, change }: BayParts) {
  const { top } = bay;
  const set = (work: (top: TopEdge) => TopEdge) =>
    change('top-edge', (it) => ({ ...it, top: work(it.top) }));
  const choose = (kind: TopEdge['kind']) =>
    set(({ width = usual.width, tilt = usual.tilt }) => {
      if (kind === 'overhang' || kind === 'hood') return { kind, width };
      return kind === 'tilt' ? { kind, tilt } : { kind };
    });
  return (
    <FoldedPart title={bayText.topEdge} closed={capital(topNames[top.kind])}>
      <Choice
        label={bayText.aboveItIs}
        options={kinds.map((it) => [it, topNames[it]] as const)}
        value={top.kind}
        onChange={choose}
      />
      {(top.kind === 'overhang' || top.kind === 'hood') && (
        <LengthField
          label={bayText.howFarItReachesOut}
          mm={top.width}
          units={place.units}
          longest={widest}
          onChange={({ mm }) => set((it) => ({ ...it, width: mm }))}
        />
      )}
      {top.kind === 'tilt' && (
        <NumberField
          label={bayText.degreesOutwardFromUpright}
          value={top.tilt}
          least={0}
          most={90}
          onChange={(tilt) =>
            set((it) => (tilt === undefined ? { kind: 'tilt' } : { ...it, tilt }))
          }
        />
      )}
    </FoldedPart>
  );
}
