/** Hands a file to the browser to be saved. */
export function save(name: string, content: BlobPart, type: string): void {
  const url = URL.createObjectURL(new Blob([content], { type }));
  const link = document.createElement('a');
  link.href = url;
  link.download = name;
  link.click();
  setTimeout(() => URL.revokeObjectURL(url), 1000);
}

/** An SVG element as a file of its own: without handles, and with the theme's colours and fonts written out, since no style
 * sheet goes with it. */
export function svgText(svg: SVGSVGElement): string {
  const style = getComputedStyle(document.documentElement);
  const copy = svg.cloneNode(true) as SVGSVGElement;
  copy.querySelectorAll('[role="slider"]').forEach((handle) => handle.remove());
  return new XMLSerializer()
    .serializeToString(copy)
    .replace(/var\((--[a-z0-9-]+)\)/g, (_, name: string) => style.getPropertyValue(name).trim())
    .replace('font-family="inherit"', '')
    .replace('<svg ', '<svg font-family="sans-serif" ');
}

/** An SVG element as a PNG at twice its size, on paper. */
export async function savePng(name: string, svg: SVGSVGElement): Promise<void> {
  const { width, height } = svg.viewBox.baseVal;
  const image = new Image();
  const url = URL.createObjectURL(new Blob([svgText(svg)], { type: 'image/svg+xml' }));
  await new Promise((resolve, reject) => {
    image.onload = resolve;
    image.onerror = reject;
    image.src = url;
  });
  const canvas = document.createElement('canvas');
  canvas.width = width * 2;
  canvas.height = height * 2;
  const context = canvas.getContext('2d')!;
  context.fillStyle = getComputedStyle(document.documentElement).getPropertyValue('--paper');
  context.fillRect(0, 0, canvas.width, canvas.height);
  context.drawImage(image, 0, 0, canvas.width, canvas.height);
  URL.revokeObjectURL(url);
  const blob = await new Promise<Blob | null>((resolve) => canvas.toBlob(resolve, 'image/png'));
  if (blob) save(name, blob, 'image/png');
}
