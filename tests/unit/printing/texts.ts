import { getDocument } from 'pdfjs-dist/legacy/build/pdf.mjs';

/** A text on a page: its box, points from the left and the foot. */
export interface Placed {
  text: string;
  left: number;
  right: number;
  foot: number;
  head: number;
}

/** The texts of each page of a PDF, as they are printed. */
export async function textsOf(pdf: Uint8Array): Promise<Placed[][]> {
  const file = await getDocument({ data: pdf, verbosity: 0 }).promise;
  return Promise.all(
    Array.from({ length: file.numPages }, async (_, i) => {
      const { items } = await (await file.getPage(i + 1)).getTextContent();
      return items.flatMap((item): Placed[] => {
        if (!('transform' in item) || item.str.trim() === '') return [];
        const [, , , size, left, foot] = item.transform as [
          number,
          number,
          number,
          number,
          number,
          number,
        ];
        return [{ text: item.str, left, right: left + item.width, foot, head: foot + size * 0.7 }];
      });
    }),
  );
}
