import fc from 'fast-check';
import { heapOf } from './heap';

test('gives back in order whatever was put in, also where some are taken out between', () => {
  fc.assert(
    fc.property(fc.array(fc.oneof(fc.integer(), fc.constant('pop' as const))), (moves) => {
      const heap = heapOf<number>((a, b) => a < b);
      const kept: number[] = [];
      for (const move of moves) {
        if (move === 'pop') {
          kept.sort((a, b) => a - b);
          expect(heap.peek()).toBe(kept[0]);
          expect(heap.pop()).toBe(kept.shift());
        } else {
          heap.push(move);
          kept.push(move);
        }
        expect(heap.size).toBe(kept.length);
      }
    }),
  );
});
