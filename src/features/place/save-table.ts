import type { Table } from '@/core/formats/table';
import { saveAs } from './save-as';

/** Hands a table to the browser's own download as CSV. What writes it is loaded only then: few ever ask for it. */
export async function saveTable(name: string, table: Table): Promise<void> {
  const { csvOf } = await import('@/core/formats/csv');
  saveAs(`${name}.csv`, csvOf(table), 'text/csv');
}
