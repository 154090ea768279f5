import reading from '@expo-google-fonts/atkinson-hyperlegible-next/400Regular/AtkinsonHyperlegibleNext_400Regular.ttf?url';
import readingBold from '@expo-google-fonts/atkinson-hyperlegible-next/600SemiBold/AtkinsonHyperlegibleNext_600SemiBold.ttf?url';
import titles from '@expo-google-fonts/fraunces/400Regular/Fraunces_400Regular.ttf?url';
import titlesBold from '@expo-google-fonts/fraunces/600SemiBold/Fraunces_600SemiBold.ttf?url';
import others from '@expo-google-fonts/noto-sans/400Regular/NotoSans_400Regular.ttf?url';
import type { jsPDF } from 'jspdf';
import { ON_THE_PAGE, type Family, type Letters, type Run } from './letters';

interface Font {
  url: string;
  family: Family | 'Others';
  style: 'normal' | 'bold';
}

const FONTS: Font[] = [
  { url: reading, family: 'Reading', style: 'normal' },
  { url: readingBold, family: 'Reading', style: 'bold' },
  { url: titles, family: 'Titles', style: 'normal' },
  { url: titlesBold, family: 'Titles', style: 'bold' },
];
/** For alphabets that the page's own have not: Greek, Cyrillic, Devanagari. */
const OTHERS: Font = { url: others, family: 'Others', style: 'normal' };
const styleOf = ({ bold }: Run) => (bold ? 'bold' : 'normal');

async function base64(url: string): Promise<string> {
  const bytes = new Uint8Array(await (await fetch(url)).arrayBuffer());
  let text = '';
  for (let i = 0; i < bytes.length; i += 0x8000) {
    text += String.fromCharCode(...bytes.subarray(i, i + 0x8000));
  }
  return btoa(text);
}

/** What the library knows of an embedded font. */
interface Metadata {
  characterToGlyph: (code: number) => number;
}

/** Puts the page's own fonts into a PDF, of which it keeps the letters that are used. */
export async function embedFonts(pdf: jsPDF): Promise<Letters> {
  const fonts = [...FONTS, OTHERS];
  const files = await Promise.all(fonts.map(({ url }) => base64(url)));
  fonts.forEach(({ family, style }, i) => {
    const file = `${family}-${style}.ttf`;
    pdf.addFileToVFS(file, files[i]!);
    pdf.addFont(file, family, style);
    if (family === 'Others') pdf.addFont(file, family, 'bold');
  });
  const has = (family: string, run: Run) => {
    pdf.setFont(family, styleOf(run));
    const { metadata } = pdf.getFont() as unknown as { metadata: Metadata };
    return [...run.text].every((letter) => metadata.characterToGlyph(letter.codePointAt(0)!) > 0);
  };
  return (run) => [run.family, 'Others'].find((family) => has(family, run));
}

/** The fonts of these texts as a style sheet that a picture carries with it, so that it looks alike wherever it is opened. */
export async function carriedFonts(runs: Run[]): Promise<string> {
  const used = FONTS.filter(({ family, style }) =>
    runs.some((run) => run.family === family && styleOf(run) === style),
  );
  const faces = used.map(async ({ url, family, style }) => {
    const [name] = ON_THE_PAGE[family as Family].split(',');
    const source = `data:font/ttf;base64,${await base64(url)}`;
    return `@font-face{font-family:${name};font-weight:${style};src:url(${source})}`;
  });
  return (await Promise.all(faces)).join('');
}
