/** Icons of the main places, drawn for Rookle: a run's outline, a lap of posts, a batten with its screws, a peg. */
import Svg, { Path } from 'react-native-svg';

export type NavIconName = 'yard' | 'walk' | 'mends' | 'place';

const paths: Readonly<Record<NavIconName, string>> = {
  yard: 'M4 5h16v9h-7v6H4z M14 8h3v3h-3z',
  walk: 'M2 18h20 M5 18V8 M12 18V8 M19 18V8 M5 11h14',
  mends: 'M3 15L15 3l6 6L9 21z M9.5 14.5h.01 M14.5 9.5h.01',
  place: 'M12 3v18 M12 4h8l-3 3.5 3 3.5h-8 M7 21h10',
};

export function NavIcon({ name, stroke }: { readonly name: NavIconName; readonly stroke: string }) {
  return (
    <Svg width={24} height={24} viewBox="0 0 24 24" aria-hidden>
      <Path
        d={paths[name]}
        fill="none"
        stroke={stroke}
        strokeWidth={2}
        strokeLinejoin="round"
        strokeLinecap="round"
      />
    </Svg>
  );
}
