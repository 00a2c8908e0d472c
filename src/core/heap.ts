/** The open ends of a search, the most promising first: a binary heap (Williams 1964, recalled from memory). */
export interface Heap<T> {
  readonly size: number;
  push(item: T): void;
  pop(): T | undefined;
  peek(): T | undefined;
}

/** `before`: whether the first comes out before the second. */
export function heapOf<T>(before: (a: T, b: T) => boolean): Heap<T> {
  const items: T[] = [];
  const at = (index: number): T => items[index] as T;
  const swap = (a: number, b: number): void => {
    [items[a], items[b]] = [at(b), at(a)];
  };
  return {
    get size() {
      return items.length;
    },
    peek: () => items[0],
    push: (item) => {
      items.push(item);
      let index = items.length - 1;
      while (index > 0) {
        const parent = (index - 1) >> 1;
        if (!before(at(index), at(parent))) break;
        swap(index, parent);
        index = parent;
      }
    },
    pop: () => {
      const first = items[0];
      const last = items.pop();
      if (items.length === 0 || last === undefined) return first;
      items[0] = last;
      let index = 0;
      for (;;) {
        const [left, right] = [2 * index + 1, 2 * index + 2];
        let least = index;
        if (left < items.length && before(at(left), at(least))) least = left;
        if (right < items.length && before(at(right), at(least))) least = right;
        if (least === index) return first;
        swap(index, least);
        index = least;
      }
    },
  };
}
