import reading from '@expo-google-fonts/atkinson-hyperlegible-next/400Regular/AtkinsonHyperlegibleNext_400Regular.ttf?url';
import readingBold from '@expo-google-fonts/atkinson-hyperlegible-next/600SemiBold/AtkinsonHyperlegibleNext_600SemiBold.ttf?url';
import titles from '@expo-google-fonts/fraunces/400Regular/Fraunces_400Regular.ttf?url';
import titlesBold from '@expo-google-fonts/fraunces/600SemiBold/Fraunces_600SemiBold.ttf?url';
import arabic from '@expo-google-fonts/noto-sans-arabic/400Regular/NotoSansArabic_400Regular.ttf?url';
import hebrew from '@expo-google-fonts/noto-sans-hebrew/400Regular/NotoSansHebrew_400Regular.ttf?url';
import korean from '@expo-google-fonts/noto-sans-kr/400Regular/NotoSansKR_400Regular.ttf?url';
import chinese from '@expo-google-fonts/noto-sans-sc/400Regular/NotoSansSC_400Regular.ttf?url';
import thai from '@expo-google-fonts/noto-sans-thai/400Regular/NotoSansThai_400Regular.ttf?url';
import others from '@expo-google-fonts/noto-sans/400Regular/NotoSans_400Regular.ttf?url';
import { jsPDF } from 'jspdf';
import { ON_THE_PAGE, otherFonts, type Family, type Letters, type Run } from './letters';

interface Font {
  url: string;
  family: Family;
  style: 'normal' | 'bold';
}

const FONTS: Font[] = [
  { url: reading, family: 'Reading', style: 'normal' },
  { url: readingBold, family: 'Reading', style: 'bold' },
  { url: titles, family: 'Titles', style: 'normal' },
  { url: titlesBold, family: 'Titles', style: 'bold' },
];
/** For scripts that the page's own fonts have not: each is fetched where a text has one of its letters. */
const OTHERS: { url: string; family: string; letters: RegExp }[] = [
  { url: hebrew, family: 'Hebrew', letters: /\p{Script=Hebrew}/u },
  { url: arabic, family: 'Arabic', letters: /\p{Script=Arabic}/u },
  { url: thai, family: 'Thai', letters: /\p{Script=Thai}/u },
  { url: korean, family: 'Korean', letters: /\p{Script=Hangul}/u },
  {
    url: chinese,
    family: 'Chinese and Japanese',
    letters: /\p{Script=Han}|\p{Script=Hiragana}|\p{Script=Katakana}/u,
  },
  {
    url: others,
    family: 'Other scripts',
    letters: /[^\p{Script=Latin}\p{Script=Common}]/u,
  },
];
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

/** The library takes letters as they stand on the page; these come as they are read, some from right to left. */
const AS_READ = {
  isInputVisual: false,
  isInputRtl: false,
  isOutputVisual: true,
  isOutputRtl: false,
};
jsPDF.API.events.push([
  'preProcessText',
  (text: { options: object }) => Object.assign(text.options, AS_READ),
]);

async function measureBy(url: string, family: string) {
  const name = `${family} on paper`;
  if (otherFonts.includes(name)) return;
  document.fonts.add(await new FontFace(name, `url(${url})`).load());
  otherFonts.push(name);
}

/** Puts the page's own fonts into a PDF, and others that these texts need; it keeps the letters that are used. */
export async function embedFonts(pdf: jsPDF, texts: string): Promise<Letters> {
  const needed = OTHERS.filter(({ letters }) => letters.test(texts));
  const embed = async (url: string, family: string, styles: string[]) => {
    const file = `${family}-${styles[0]}.ttf`;
    pdf.addFileToVFS(file, await base64(url));
    styles.forEach((style) => pdf.addFont(file, family, style));
  };
  await Promise.all([
    ...FONTS.map(({ url, family, style }) => embed(url, family, [style])),
    ...needed.map(({ url, family }) => embed(url, family, ['normal', 'bold'])),
    ...needed.map(({ url, family }) => measureBy(url, family)),
  ]);
  const has = (family: string, run: Run) => {
    pdf.setFont(family, styleOf(run));
    const { metadata } = pdf.getFont() as unknown as { metadata: Metadata };
    return [...run.text].every((letter) => metadata.characterToGlyph(letter.codePointAt(0)!) > 0);
  };
  return (run) =>
    [run.family, ...needed.map(({ family }) => family)].find((family) => has(family, run));
}

/** The fonts of these texts as a style sheet that a picture carries with it, so that it looks alike wherever it is opened. */
export async function carriedFonts(runs: Run[]): Promise<string> {
  const used = FONTS.filter(({ family, style }) =>
    runs.some((run) => run.family === family && styleOf(run) === style),
  );
  const faces = used.map(async ({ url, family, style }) => {
    const [name] = ON_THE_PAGE[family].split(',');
    const source = `data:font/ttf;base64,${await base64(url)}`;
    return `@font-face{font-family:${name};font-weight:${style};src:url(${source})}`;
  });
  return (await Promise.all(faces)).join('');
}
