/** The work of a plan in days of so many hours, in its order. */

/** Each day's part of the list. One that takes longer than a day begins one and goes on; what comes after it begins another. */
export function inDays<Job extends { readonly minutes: number }>(
  jobs: readonly Job[],
  minutesADay: number,
): Job[][] {
  const days: Job[][] = [];
  let left = 0;
  for (const job of jobs) {
    const today = days.at(-1);
    if (today && job.minutes <= left) {
      today.push(job);
      left -= job.minutes;
      continue;
    }
    days.push([job]);
    left = minutesADay - job.minutes;
  }
  return days;
}
