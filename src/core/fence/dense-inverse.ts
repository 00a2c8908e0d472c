/** Imported for what it does: lines can be judged from then on (`inverse.ts`). */
import { inverse, Matrix } from 'ml-matrix';
import { giveInverse } from './inverse';

giveInverse((matrix) => {
  const all = inverse(new Matrix(matrix.map((row) => [...row])));
  return (row, column) => all.get(row, column);
});
