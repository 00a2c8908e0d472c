/** Light, dusk, or as the device has it. */
import { placeText } from '@/words/screens/place';
import { useQuery, useQueryClient } from '@tanstack/react-query';
import { appearanceKey, keepAppearance, readAppearance } from '@/store/appearance';
import { signalKinds, type Signal } from '@/store/signal';
import { useSignal } from '@/features/frame/use-feedback';
import { Choice } from '@/ui/controls/Choice';
import { FoldedPart } from '@/ui/controls/FoldedPart';
import { appearances, type Appearance } from '@/ui/theme/theme-css';

const names: Readonly<Record<Appearance, string>> = {
  device: placeText.asTheDevice,
  light: 'light',
  sunlight: 'sunlight',
  dusk: 'dusk',
};

const signals: Readonly<Record<Signal, string>> = {
  none: 'nothing',
  vibration: placeText.aTremble,
  sound: placeText.aClick,
};

export function AppearancePart() {
  const client = useQueryClient();
  const { data } = useQuery({ queryKey: appearanceKey, queryFn: readAppearance });
  const choose = (next: Appearance) => {
    client.setQueryData(appearanceKey, next);
    // It is shown all the same where it cannot be kept.
    keepAppearance(next).catch(() => undefined);
  };
  const { signal, setSignal } = useSignal();
  const look = appearances.find((it) => it === data) ?? 'device';
  return (
    <FoldedPart
      title={placeText.looksAndSignals}
      closed={placeText.looksNow(names[look], signals[signal])}
    >
      <Choice
        label={placeText.duskSparesNightSightSunlight}
        options={appearances.map((it) => [it, names[it]] as const)}
        value={look}
        onChange={choose}
      />
      <Choice
        label={placeText.whenAReadingIsSaved}
        options={signalKinds.map((it) => [it, signals[it]] as const)}
        value={signal}
        onChange={setSignal}
      />
    </FoldedPart>
  );
}
