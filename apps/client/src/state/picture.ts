/** What of a drawing's look comes from the page around it. */
const LOOK = [
  'fill',
  'fill-opacity',
  'stroke',
  'stroke-width',
  'stroke-dasharray',
  'stroke-linecap',
  'stroke-linejoin',
  'opacity',
  'font-family',
  'font-size',
  'font-weight',
  'text-anchor',
] as const;

/** Room for a line that says what is shown. */
const CAPTION = 24;

const NAMESPACE = 'http://www.w3.org/2000/svg';

/** A drawing of the screen as a file of its own: its colours written into it, on the ground that it stands on, with its title below. */
export function svgText(drawn: SVGSVGElement, title: string): string {
  const copy = drawn.cloneNode(true) as SVGSVGElement;
  const from = [drawn, ...drawn.querySelectorAll('*')];
  const to = [copy, ...copy.querySelectorAll('*')];
  from.forEach((element, at) => {
    const look = getComputedStyle(element);
    const style = LOOK.map((name) => `${name}:${look.getPropertyValue(name)}`).join(';');
    to[at]!.setAttribute('style', style);
    to[at]!.removeAttribute('class');
  });
  const { width, height } = drawn.getBoundingClientRect();
  copy.setAttribute('xmlns', NAMESPACE);
  copy.setAttribute('width', String(Math.round(width)));
  const below = height + CAPTION;
  copy.setAttribute('height', String(Math.round(below)));
  copy.setAttribute('viewBox', `0 0 ${width} ${below}`);
  const ground = document.createElementNS(NAMESPACE, 'rect');
  ground.setAttribute('width', '100%');
  ground.setAttribute('height', '100%');
  ground.setAttribute('fill', getComputedStyle(document.body).backgroundColor || '#fff');
  const name = document.createElementNS(NAMESPACE, 'title');
  name.textContent = title;
  const caption = document.createElementNS(NAMESPACE, 'text');
  caption.textContent = title;
  caption.setAttribute('x', '4');
  caption.setAttribute('y', String(below - 7));
  caption.setAttribute('font-size', '13');
  caption.setAttribute('font-family', 'sans-serif');
  caption.setAttribute('fill', getComputedStyle(drawn).color || '#000');
  copy.prepend(name, ground);
  copy.append(caption);
  return new XMLSerializer().serializeToString(copy);
}

/** Sharp enough to be printed. */
const SCALE = 3;

/** The same as a picture of dots. */
export async function pngOf(svg: string): Promise<Blob> {
  const url = URL.createObjectURL(new Blob([svg], { type: 'image/svg+xml' }));
  try {
    const image = new Image();
    image.src = url;
    await image.decode();
    const canvas = document.createElement('canvas');
    canvas.width = image.naturalWidth * SCALE;
    canvas.height = image.naturalHeight * SCALE;
    canvas.getContext('2d')!.drawImage(image, 0, 0, canvas.width, canvas.height);
    return await new Promise((resolve, reject) =>
      canvas.toBlob(
        (blob) => (blob ? resolve(blob) : reject(new Error('The picture cannot be made'))),
        'image/png',
      ),
    );
  } finally {
    URL.revokeObjectURL(url);
  }
}
