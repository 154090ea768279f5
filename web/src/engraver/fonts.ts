import reading from '@expo-google-fonts/atkinson-hyperlegible-next/400Regular/AtkinsonHyperlegibleNext_400Regular.ttf?url';
import readingBold from '@expo-google-fonts/atkinson-hyperlegible-next/600SemiBold/AtkinsonHyperlegibleNext_600SemiBold.ttf?url';
import titles from '@expo-google-fonts/fraunces/400Regular/Fraunces_400Regular.ttf?url';
import titlesBold from '@expo-google-fonts/fraunces/600SemiBold/Fraunces_600SemiBold.ttf?url';
import type { jsPDF } from 'jspdf';
import type { Family, Letters } from './letters';

const FONTS: { url: string; family: Family; style: 'normal' | 'bold' }[] = [
  { url: reading, family: 'Reading', style: 'normal' },
  { url: readingBold, family: 'Reading', style: 'bold' },
  { url: titles, family: 'Titles', style: 'normal' },
  { url: titlesBold, family: 'Titles', style: 'bold' },
];

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
  const files = await Promise.all(FONTS.map(({ url }) => base64(url)));
  FONTS.forEach(({ family, style }, i) => {
    const file = `${family}-${style}.ttf`;
    pdf.addFileToVFS(file, files[i]!);
    pdf.addFont(file, family, style);
  });
  return {
    family: (family) => family,
    has(text, { family, bold }) {
      pdf.setFont(family, bold ? 'bold' : 'normal');
      const { metadata } = pdf.getFont() as unknown as { metadata: Metadata };
      return [...text].every((letter) => metadata.characterToGlyph(letter.codePointAt(0)!) > 0);
    },
  };
}
