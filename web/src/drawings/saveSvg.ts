/** What of its style a drawing keeps when it leaves the page. */
const KEPT = [
  'fill',
  'fill-opacity',
  'stroke',
  'stroke-width',
  'stroke-dasharray',
  'opacity',
  'font-family',
  'font-size',
  'font-weight',
];

/** A drawing by itself, with the tones that the page gave it: it looks the same without the page. */
export function standingAlone(svg: SVGSVGElement): string {
  const copy = svg.cloneNode(true) as SVGSVGElement;
  const from = [svg, ...svg.querySelectorAll('*')];
  [copy, ...copy.querySelectorAll('*')].forEach((element, i) => {
    const seen = from[i];
    if (seen) {
      const style = getComputedStyle(seen);
      for (const name of KEPT) {
        const value = style.getPropertyValue(name);
        if (value !== '') {
          element.setAttribute(name, value);
        }
      }
    }
    element.removeAttribute('class');
  });
  copy.setAttribute('xmlns', 'http://www.w3.org/2000/svg');
  return new XMLSerializer().serializeToString(copy);
}

/** Hands a drawing to the browser as a file. */
export function saveSvg(svg: SVGSVGElement, name: string): void {
  const url = URL.createObjectURL(new Blob([standingAlone(svg)], { type: 'image/svg+xml' }));
  const link = document.createElement('a');
  link.href = url;
  link.download = `${name.replaceAll(/[^\p{L}\p{N}]+/gu, '-')}.svg`;
  link.click();
  URL.revokeObjectURL(url);
}
