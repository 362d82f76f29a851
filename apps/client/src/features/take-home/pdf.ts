import { AtkinsonHyperlegibleNext_400Regular } from '@expo-google-fonts/atkinson-hyperlegible-next/400Regular';
import { AtkinsonHyperlegibleNext_600SemiBold } from '@expo-google-fonts/atkinson-hyperlegible-next/600SemiBold';
import { BarlowCondensed_600SemiBold } from '@expo-google-fonts/barlow-condensed/600SemiBold';
import { Asset } from 'expo-asset';
import PDFDocument from 'pdfkit';
import type { DrawnFigure } from '../../parts/body/drawn-figure';
import { partsOf, type Page } from './page';

/** Paper is white whichever theme the screen has: the light palette. */
const INK = '#16201b';
const SLATE = '#505c55';
const MOSS = '#2c5e45';
const MARIGOLD = '#f0b429';

/** A4, points. */
const MARGIN = 56;
const WIDTH = 595.28 - 2 * MARGIN;
const HEIGHT = 841.89 - 2 * MARGIN;
const STILL = { width: 220, height: 220 };

type Doc = PDFKit.PDFDocument;

/** A font that ships with the app, as bytes: kept for use without network with the rest of it. */
async function fontBytes(font: number): Promise<ArrayBuffer> {
  const response = await fetch(Asset.fromModule(font).uri);
  if (!response.ok) throw new Error('A font of the page cannot be read');
  return response.arrayBuffer();
}

/** Room for so much below, else a new page. */
function keepTogether(doc: Doc, height: number): void {
  if (doc.y + height > MARGIN + HEIGHT) doc.addPage();
}

/** What is only decoration is told to nobody. */
function decoration(doc: Doc, draw: () => void): void {
  doc.markContent('Artifact', { type: 'Layout' });
  draw();
  doc.endMarkedContent();
}

/** Whose page it is, of which day, and the ground line below. */
function writeHead(doc: Doc, root: PDFKit.PDFStructureElement, page: Page, size: number): void {
  root.add(
    doc.struct('H1', {}, () => {
      doc
        .font('figure')
        .fontSize(size * 2.2)
        .fillColor(INK)
        .text(page.name, MARGIN, MARGIN);
    }),
  );
  root.add(
    doc.struct('P', {}, () => {
      doc.font('text').fontSize(size).fillColor(SLATE).text(`${page.day} · ${page.studio}`);
    }),
  );
  decoration(doc, () => {
    const y = doc.y + size * 0.4;
    doc
      .moveTo(MARGIN, y)
      .lineTo(MARGIN + WIDTH, y)
      .lineWidth(2.5)
      .stroke(INK);
    doc.y = y + size;
  });
}

/** The body at the position that the cue is about. */
function drawFigure(
  doc: Doc,
  { limbs, head, bar, foot, width }: DrawnFigure,
  x: number,
  y: number,
) {
  doc.save().translate(x, y);
  doc.moveTo(foot.x, 8).lineTo(foot.x, foot.y).dash(4, { space: 5 }).lineWidth(1).stroke(SLATE);
  doc.undash();
  for (const limb of limbs) {
    doc.path(limb.d).lineWidth(limb.width).lineCap('round').lineJoin('round').stroke(MOSS);
  }
  doc.circle(head.x, head.y, 8).fill(MOSS);
  doc.circle(bar.x, bar.y, 7).lineWidth(1.5).fillAndStroke(MARIGOLD, INK);
  const floor = foot.y + 5;
  doc.moveTo(0, floor).lineTo(width, floor).lineWidth(2).stroke(INK);
  doc.restore();
}

/** The sections of a page; the figure stands beside the cue. */
function writeParts(doc: Doc, root: PDFKit.PDFStructureElement, page: Page, size: number): void {
  for (const { title, lines } of partsOf(page)) {
    const figure = title === 'Think of this' ? page.figure : null;
    keepTogether(doc, figure?.height ?? size * 5);
    const from = doc.y;
    const width = figure ? WIDTH - figure.width - 16 : WIDTH;
    root.add(
      doc.struct('H2', {}, () => {
        doc
          .font('figure')
          .fontSize(size * 1.35)
          .fillColor(MOSS)
          .text(title, MARGIN, doc.y, { width });
      }),
    );
    const list = doc.struct('L');
    root.add(list);
    for (const line of lines) {
      keepTogether(doc, size * 2.5);
      list.add(
        doc.struct('LI', {}, [
          doc.struct('LBody', {}, () => {
            doc
              .font(title === 'Think of this' ? 'strong' : 'text')
              .fontSize(title === 'Think of this' ? size * 1.2 : size)
              .fillColor(INK)
              .text(line, MARGIN, doc.y + size * 0.2, { width, lineGap: size * 0.15 });
          }),
        ]),
      );
    }
    list.end();
    if (figure) {
      root.add(
        doc.struct('Figure', { alt: `${page.cue?.lift}: ${figure.says}` }, () =>
          drawFigure(doc, figure, MARGIN + WIDTH - figure.width, from),
        ),
      );
      doc.y = Math.max(doc.y, from + figure.height);
    }
    doc.y += size * 0.9;
  }
}

/** Stills two beside each other, each with its line below. */
function writeStills(
  doc: Doc,
  root: PDFKit.PDFStructureElement,
  stills: readonly { bytes: ArrayBuffer; text: string }[],
  size: number,
): void {
  stills.forEach(({ bytes, text }, at) => {
    const isLeft = at % 2 === 0;
    if (isLeft) keepTogether(doc, STILL.height + size * 3);
    const x = MARGIN + (isLeft ? 0 : WIDTH / 2 + 8);
    const { y } = doc;
    root.add(
      doc.struct('Figure', { alt: text || 'A still of a set' }, () => {
        doc.image(bytes as unknown as string, x, y, { fit: [STILL.width, STILL.height] });
      }),
    );
    if (text !== '') {
      root.add(
        doc.struct('P', {}, () => {
          doc
            .font('text')
            .fontSize(size * 0.8)
            .fillColor(SLATE)
            .text(text, x, y + STILL.height + 4, { width: STILL.width });
        }),
      );
    }
    const isLast = at === stills.length - 1;
    doc.y = isLeft && !isLast ? y : y + STILL.height + size * 3;
  });
}

/** For everybody's readers (PDF/UA, ISO 14289-1); the package knows it, its types do not. */
const UNIVERSAL = { subset: 'PDF/UA' } as unknown as object;

/** Text sizes, points: the first with which all stands on one page, else the last. Large print takes the pages it needs. */
const SIZES = { usual: [13, 12, 11], large: [20] };

type Stills = readonly { bytes: ArrayBuffer; text: string }[];
type Fonts = Record<'text' | 'strong' | 'figure', ArrayBuffer>;

/** Writes the page in one size; answers how many pages it took. */
function write(
  page: Page,
  stills: Stills,
  fonts: Fonts,
  size: number,
): Promise<{ pdf: Blob; pages: number }> {
  const doc = new PDFDocument({
    size: 'A4',
    margin: MARGIN,
    pdfVersion: '1.7',
    tagged: true,
    lang: 'en',
    displayTitle: true,
    info: { Title: `${page.name}, ${page.day}`, Author: page.studio },
    font: fonts.text as unknown as string,
    ...UNIVERSAL,
  });
  const parts: Uint8Array<ArrayBuffer>[] = [];
  let pages = 1;
  doc.on('pageAdded', () => {
    pages += 1;
  });
  const whole = new Promise<{ pdf: Blob; pages: number }>((resolve, reject) => {
    doc.on('data', (part: Uint8Array<ArrayBuffer>) => parts.push(part));
    doc.on('end', () => resolve({ pdf: new Blob(parts, { type: 'application/pdf' }), pages }));
    doc.on('error', reject);
  });
  for (const [name, bytes] of Object.entries(fonts)) {
    doc.registerFont(name, bytes as unknown as string);
  }
  const root = doc.struct('Document');
  doc.addStructure(root);
  writeHead(doc, root, page, size);
  writeParts(doc, root, page, size);
  writeStills(doc, root, stills, size);
  root.end();
  doc.end();
  return whole;
}

/**
 * A page to take home as a PDF: tagged, its language and title said, its fonts embedded. Made on the device, with nothing but
 * what the device has.
 */
export async function takeHomePdf(page: Page, stills: Stills, large: boolean): Promise<Blob> {
  const fonts = {
    text: await fontBytes(AtkinsonHyperlegibleNext_400Regular),
    strong: await fontBytes(AtkinsonHyperlegibleNext_600SemiBold),
    figure: await fontBytes(BarlowCondensed_600SemiBold),
  };
  let written: Blob | null = null;
  for (const size of large ? SIZES.large : SIZES.usual) {
    const { pdf, pages } = await write(page, stills, fonts, size);
    written = pdf;
    if (pages === 1) break;
  }
  return written!;
}
