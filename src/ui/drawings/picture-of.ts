/** A drawing on the page as an SVG file that opens elsewhere: colours written out, light, with a page of its own. */
import { palettes } from '../theme/tokens';

/** The file's text; `undefined` where no such drawing is on the page. */
export function pictureOf(id: string): string | undefined {
  const drawing = document.getElementById(id);
  if (!(drawing instanceof SVGSVGElement)) return undefined;
  const [width, height] = [drawing.getAttribute('width'), drawing.getAttribute('height')];
  const copy = drawing.cloneNode(true) as SVGSVGElement;
  copy.setAttribute('viewBox', `0 0 ${width} ${height}`);
  copy.removeAttribute('style');
  const text = new XMLSerializer().serializeToString(copy);
  return ['<?xml version="1.0" encoding="UTF-8"?>', withColours(text), ''].join('\n');
}

/** Properties of the page mean nothing outside it. */
export function withColours(svg: string): string {
  const { light } = palettes;
  return svg.replace(/var\(--(\w+)\)/g, (all, name: string) =>
    name in light ? light[name as keyof typeof light] : all,
  );
}
