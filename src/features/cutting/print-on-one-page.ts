/** Prints what is on the page, made as small as one page of A4 or Letter asks for. */

/** What both have room for inside their margins, px at 96 to the inch. */
const pageHeight = 930;

export function printOnOnePage(): void {
  const main = document.querySelector<HTMLElement>('[role=main]');
  if (!main) return;
  const content = main.querySelector<HTMLElement>('div > div') ?? main;
  const height = Math.max(content.scrollHeight, main.scrollHeight);
  main.style.setProperty('zoom', String(Math.min(1, pageHeight / height)));
  window.print();
  main.style.removeProperty('zoom');
}
