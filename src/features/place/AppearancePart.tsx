/** Light, dusk, or as the device has it. */
import { useQuery, useQueryClient } from '@tanstack/react-query';
import { appearanceKey, keepAppearance, readAppearance } from '@/store/appearance';
import { Choice } from '@/ui/controls/Choice';
import { Part } from '@/ui/controls/Part';
import { appearances, type Appearance } from '@/ui/theme/theme-css';

const names: Readonly<Record<Appearance, string>> = {
  device: 'as the device',
  light: 'light',
  dusk: 'dusk',
};

export function AppearancePart() {
  const client = useQueryClient();
  const { data } = useQuery({ queryKey: appearanceKey, queryFn: readAppearance });
  const choose = (next: Appearance) => {
    client.setQueryData(appearanceKey, next);
    // It is shown all the same where it cannot be kept.
    keepAppearance(next).catch(() => undefined);
  };
  return (
    <Part title="Looks">
      <Choice
        label="Dusk spares night sight"
        options={appearances.map((it) => [it, names[it]] as const)}
        value={appearances.find((it) => it === data) ?? 'device'}
        onChange={choose}
      />
    </Part>
  );
}
