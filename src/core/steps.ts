/** Long work cut into steps, so that whoever runs it may let others have a turn in between. The answer does not depend on it. */
export type Steps<T> = Generator<void, T, void>;

/** All of it at once. */
export function atOnce<T>(steps: Steps<T>): T {
  for (;;) {
    const { done, value } = steps.next();
    if (done) return value;
  }
}
