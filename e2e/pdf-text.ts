/** Text of a PDF, page by page, by a general library. */
import { getDocument } from 'pdfjs-dist/legacy/build/pdf.mjs';

export async function pdfText(bytes: Uint8Array): Promise<string[]> {
  const document = await getDocument({ data: new Uint8Array(bytes), verbosity: 0 }).promise;
  const pages: string[] = [];
  for (let number = 1; number <= document.numPages; number += 1) {
    const page = await document.getPage(number);
    const { items } = await page.getTextContent();
    pages.push(joined(items.filter((item) => 'str' in item)).replace(/\s+/g, ' '));
  }
  return pages;
}

interface Run {
  readonly str: string;
  readonly width: number;
  /** Where it stands: x and y are the last two of six. */
  readonly transform: readonly number[];
}

/** Runs that touch are one word: figures are set in a face of their own. */
function joined(runs: readonly Run[]): string {
  let text = '';
  let end: { readonly x: number; readonly y: number } | undefined;
  for (const { str, width, transform } of runs) {
    const [x = 0, y = 0] = transform.slice(4);
    const touches = end !== undefined && Math.abs(end.y - y) < 1 && Math.abs(x - end.x) < 1;
    text += touches ? str : ` ${str}`;
    end = { x: x + width, y };
  }
  return text;
}
