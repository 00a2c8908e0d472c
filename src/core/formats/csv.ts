/**
 * Tables as CSV (RFC 4180), for any spreadsheet. What a text begins with may make a spreadsheet work it out as a formula; such texts
 * get an apostrophe before them. Numbers are written as numbers, with a point.
 */
import Papa from 'papaparse';
import type { Table } from './table';

/** The table as CSV (RFC 4180); text that a spreadsheet would run as a formula is made inert. */
export function csvOf({ head, rows }: Table): string {
  const inert = rows.map((row) =>
    row.map((cell) => (typeof cell === 'string' ? inertText(cell) : cell)),
  );
  return `${Papa.unparse({ fields: [...head], data: inert }, { newline: '\r\n' })}\r\n`;
}

/** Also where blanks or line ends stand before it, or a full-width sign does the same. */
const formula = /^[\s\u00a0]*[=+\-@\uff0b\uff0d\uff1d\uff20]|^[\t\r\n]/;

function inertText(text: string): string {
  return formula.test(text) ? `'${text}` : text;
}
