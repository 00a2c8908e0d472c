/** The day that is looked at: today, or the middle of any month to come. Boards go on and off, animals come and go. */
import { yardText } from '@/words/screens/yard';
import { useRouter } from 'expo-router';
import { lookParams, type Look } from '@/features/look/use-look';
import { Picker } from '@/ui/controls/Picker';
import { dayWords, fullMonths } from '@/words/day-words';

export function DayChoice({ look }: { readonly look: Look }) {
  const router = useRouter();
  const { day, today } = look;
  const options: (readonly [string, string])[] = [
    [today, yardText.today(today)],
    ...monthsFrom(today),
  ];
  return (
    <Picker
      label={yardText.judgedFor}
      options={options.some(([it]) => it === day) ? options : [...options, [day, dayWords(day)]]}
      value={day}
      none={dayWords(day)}
      onChange={(chosen) =>
        router.push({ pathname: '/', params: lookParams({ ...look, day: chosen }) })
      }
    />
  );
}

/** The fifteenth of each of the next twelve months. */
function monthsFrom(today: string): (readonly [string, string])[] {
  const [year = 2001, month = 1] = today.split('-').map(Number);
  return Array.from({ length: 12 }, (_, index) => {
    const at = month + index;
    const [inYear, of] = [year + Math.floor(at / 12), at % 12];
    const day = `${inYear}-${String(of + 1).padStart(2, '0')}-15`;
    return [day, `${fullMonths[of]} ${inYear}`] as const;
  });
}
