import { AtkinsonHyperlegibleNext_400Regular } from '@expo-google-fonts/atkinson-hyperlegible-next/400Regular';
import { AtkinsonHyperlegibleNext_600SemiBold } from '@expo-google-fonts/atkinson-hyperlegible-next/600SemiBold';
import { BarlowCondensed_600SemiBold } from '@expo-google-fonts/barlow-condensed/600SemiBold';
import dejaVu from 'dejavu-fonts-ttf/ttf/DejaVuSans.ttf';
import { Asset } from 'expo-asset';
import PDFDocument from 'pdfkit';
import type { DrawnFigure } from '../../parts/body/drawn-figure';
import { partsOf, type Page } from './page';
import { boxed, inPlace, missingIn } from './set-text';

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

const markup = (text: string) =>
  text.replaceAll('&', '&amp;').replaceAll('<', '&lt;').replaceAll('>', '&gt;');

/** A document whose title and author may hold any letter: the package writes both into its XML as they are. */
class Paper extends PDFDocument {
  _addInfo(): void {
    const { info } = this;
    this.info = { ...info, Title: markup(info.Title ?? ''), Author: markup(info.Author ?? '') };
    try {
      // The package has it, its types do not.
      (PDFDocument.prototype as unknown as { _addInfo(): void })._addInfo.call(this);
    } finally {
      this.info = info;
    }
  }
}

type Stills = readonly { bytes: ArrayBuffer; text: string }[];
/** The fonts of a page; the one of many scripts only where another lacks a letter. */
type Fonts = Record<'text' | 'strong' | 'figure', ArrayBuffer> & { wide?: ArrayBuffer };

/** A page that is being written. */
interface Sheet {
  doc: Doc;
  root: PDFKit.PDFStructureElement;
  /** Whether the font of many scripts is there. */
  hasWide: boolean;
  /** Letters that could not be set. */
  missing: Set<string>;
}

/** Whether the font that is chosen has a letter. */
const hasLetter = (doc: Doc) => (codePoint: number) =>
  (
    doc as unknown as { _font: { font: { hasGlyphForCodePoint(point: number): boolean } } }
  )._font.font.hasGlyphForCodePoint(codePoint);

/** Chooses the font for a line, or the one of many scripts where that lacks a letter; answers the line as it is set. */
function inFont({ doc, hasWide, missing }: Sheet, font: keyof Fonts, line: string): string {
  doc.font(font);
  const lacks = missingIn(line, hasLetter(doc));
  if (lacks.length === 0) return line;
  if (!hasWide) {
    lacks.forEach((letter) => missing.add(letter));
    return line;
  }
  doc.font('wide');
  const unknown = missingIn(line, hasLetter(doc));
  unknown.forEach((letter) => missing.add(letter));
  return inPlace(boxed(line, unknown));
}

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
function writeHead(sheet: Sheet, page: Page, size: number): void {
  const { doc, root } = sheet;
  root.add(
    doc.struct('H1', {}, () => {
      const name = inFont(sheet, 'figure', page.name);
      doc
        .fontSize(size * 2.2)
        .fillColor(INK)
        .text(name, MARGIN, MARGIN);
    }),
  );
  root.add(
    doc.struct('P', {}, () => {
      const where = inFont(sheet, 'text', `${page.day} · ${page.studio}`);
      doc.fontSize(size).fillColor(SLATE).text(where);
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
function writeParts(sheet: Sheet, page: Page, size: number): void {
  const { doc, root } = sheet;
  for (const { title, lines, isCue } of partsOf(page)) {
    const figure = isCue ? page.figure : null;
    keepTogether(doc, figure?.height ?? size * 5);
    const from = doc.y;
    const width = figure ? WIDTH - figure.width - 16 : WIDTH;
    root.add(
      doc.struct('H2', {}, () => {
        const heading = inFont(sheet, 'figure', title);
        doc
          .fontSize(size * 1.35)
          .fillColor(MOSS)
          .text(heading, MARGIN, doc.y, { width });
      }),
    );
    const list = doc.struct('L');
    root.add(list);
    for (const line of lines) {
      keepTogether(doc, size * 2.5);
      list.add(
        doc.struct('LI', {}, [
          doc.struct('LBody', {}, () => {
            const words = inFont(sheet, isCue ? 'strong' : 'text', line);
            doc
              .fontSize(isCue ? size * 1.2 : size)
              .fillColor(INK)
              .text(words, MARGIN, doc.y + size * 0.2, { width, lineGap: size * 0.15 });
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
function writeStills(sheet: Sheet, stills: Stills, size: number): void {
  const { doc, root } = sheet;
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
          const words = inFont(sheet, 'text', text);
          doc
            .fontSize(size * 0.8)
            .fillColor(SLATE)
            .text(words, x, y + STILL.height + 4, { width: STILL.width });
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

interface Written {
  pdf: Blob;
  pages: number;
  missing: string[];
}

/** Writes the page in one size; answers how many pages it took, and the letters that could not be set. */
function write(page: Page, stills: Stills, fonts: Fonts, size: number): Promise<Written> {
  const doc = new Paper({
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
  const missing = new Set<string>();
  const whole = new Promise<Written>((resolve, reject) => {
    doc.on('data', (part: Uint8Array<ArrayBuffer>) => parts.push(part));
    doc.on('end', () =>
      resolve({ pdf: new Blob(parts, { type: 'application/pdf' }), pages, missing: [...missing] }),
    );
    doc.on('error', reject);
  });
  for (const [name, bytes] of Object.entries(fonts)) {
    doc.registerFont(name, bytes as unknown as string);
  }
  const root = doc.struct('Document');
  doc.addStructure(root);
  const sheet: Sheet = { doc, root, hasWide: fonts.wide !== undefined, missing };
  writeHead(sheet, page, size);
  writeParts(sheet, page, size);
  writeStills(sheet, stills, size);
  root.end();
  doc.end();
  return whole;
}

/**
 * A page to take home as a PDF: tagged, its language and title said, its fonts embedded. Made on the device, with nothing but
 * what the device has. `missing`: letters that no font here has; a box stands for each.
 */
export async function takeHomePdf(
  page: Page,
  stills: Stills,
  large: boolean,
): Promise<{ pdf: Blob; missing: string[] }> {
  const fonts: Fonts = {
    text: await fontBytes(AtkinsonHyperlegibleNext_400Regular),
    strong: await fontBytes(AtkinsonHyperlegibleNext_600SemiBold),
    figure: await fontBytes(BarlowCondensed_600SemiBold),
  };
  let written: Written | null = null;
  for (const size of large ? SIZES.large : SIZES.usual) {
    written = await write(page, stills, fonts, size);
    if (written.missing.length > 0 && !fonts.wide) {
      fonts.wide = await fontBytes(dejaVu);
      written = await write(page, stills, fonts, size);
    }
    if (written.pages === 1) break;
  }
  return written!;
}
