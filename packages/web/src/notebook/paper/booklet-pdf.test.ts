import { decodePDFRawStream, PDFDocument, PDFRawStream, PDFArray, type PDFPage } from 'pdf-lib';
import { expect, it } from 'vitest';
import { bookletPdf, type BookletDrink } from './booklet-pdf';

/** The words that a page draws, in their order (hex strings shown with Tj; PDF 1.7, 9.4.3). */
function wordsOf(page: PDFPage): string[] {
  const contents = page.node.Contents();
  const streams =
    contents instanceof PDFArray ? contents.asArray().map((ref) => page.doc.context.lookup(ref)) : [contents];
  const text = streams
    .map((s) =>
      s instanceof PDFRawStream ? new TextDecoder('latin1').decode(decodePDFRawStream(s).decode()) : '',
    )
    .join('\n');
  return [...text.matchAll(/<([0-9A-Fa-f]+)> Tj/g)].map((m) =>
    Buffer.from(m[1] ?? '', 'hex').toString('latin1'),
  );
}

it('the contents and the index of a booklet name the pages on which its drinks really stand', async () => {
  const drink = (name: string, parts: number): BookletDrink => ({
    name,
    under: '20 % vol',
    foot: 'Contains egg.',
    steps: ['Shake it with ice until it is cold.', 'Strain.'],
    parts: Array.from({ length: parts }, (_, i) => ({
      amount: `${i + 1} ml`,
      what: `Thing ${i}`,
      mine: 'small cup full',
    })),
  });
  const drinks = Array.from({ length: 90 }, (_, i) => drink(`Drink number ${i}`, 2 + (i % 5)));
  const bytes = await bookletPdf({
    title: 'The boathouse',
    under: '90 drinks',
    chapters: [
      { title: 'Sours', drinks: drinks.slice(0, 50) },
      { title: 'Flips', drinks: drinks.slice(50) },
    ],
    index: [{ name: 'Thing 0', drinks: drinks.map((d) => d.name) }],
  });
  const pages = (await PDFDocument.load(bytes)).getPages().map(wordsOf);
  expect(pages[0]).toContain('The boathouse');
  // The page that stands at the foot is the page that it is.
  pages.slice(1).forEach((words, i) => expect(words.at(-1)).toBe(String(i + 2)));
  const contents = pages.findIndex((words) => words.includes('Contents'));
  expect(contents).toBe(1);
  const body = pages.findIndex((words) => words.includes('20 % vol'));
  const listed = pages.slice(contents, body).flat();
  for (const { name } of drinks) {
    const stands = pages.findIndex((words, p) => p >= body && words.includes(name)) + 1;
    expect(listed[listed.indexOf(name) + 1], name).toBe(String(stands));
  }
  const index = pages
    .slice(pages.findIndex((words) => words.includes('By ingredient')))
    .flat()
    .join(' ');
  const last = pages.findIndex((words, p) => p >= body && words.includes('Drink number 89')) + 1;
  expect(index).toContain(`Drink number 89 ${last}`);
});
