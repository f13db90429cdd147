const PAINTED = [
  'fill',
  'stroke',
  'stroke-width',
  'stroke-dasharray',
  'stroke-linejoin',
  'paint-order',
  'font-size',
  'font-weight',
  'font-family',
  'text-anchor',
];

/** A drawing as a file of its own: what the style sheet paints is written into it. */
export function asSvg(svg: SVGElement): string {
  const copy = svg.cloneNode(true) as SVGElement;
  const from = svg.querySelectorAll<SVGElement>('*');
  copy.querySelectorAll<SVGElement>('*').forEach((to, i) => {
    const painted = from[i] && window.getComputedStyle(from[i]);
    for (const name of PAINTED) {
      const value = painted?.getPropertyValue(name);
      if (value) to.style.setProperty(name, value);
    }
    to.removeAttribute('class');
  });
  const ground = window.getComputedStyle(document.body).backgroundColor;
  copy.style.background = ground;
  copy.setAttribute('xmlns', 'http://www.w3.org/2000/svg');
  return new XMLSerializer().serializeToString(copy);
}
