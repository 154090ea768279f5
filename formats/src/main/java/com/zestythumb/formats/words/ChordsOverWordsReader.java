package com.zestythumb.formats.words;

import com.zestythumb.core.chord.Chord;
import com.zestythumb.core.chord.ChordSyntaxException;
import com.zestythumb.core.pitch.Key;
import com.zestythumb.core.sheet.Fraction;
import com.zestythumb.core.sheet.Heading;
import com.zestythumb.core.sheet.Meter;
import com.zestythumb.core.stopping.StoppedException;
import com.zestythumb.formats.BroughtBar;
import com.zestythumb.formats.Hands;
import com.zestythumb.formats.ImportReport;
import com.zestythumb.formats.ImportReport.Fate;
import com.zestythumb.formats.Imported;
import com.zestythumb.formats.ScoreReader;
import com.zestythumb.formats.SheetBuilder;
import com.zestythumb.formats.Texts;
import com.zestythumb.formats.UnreadableFileException;
import com.zestythumb.formats.WordParts;
import java.util.ArrayList;
import java.util.List;
import java.util.Locale;
import java.util.Optional;
import java.util.regex.Matcher;
import java.util.regex.Pattern;

/** Reads text in which a line of chords stands over each line of words, as songs are shared in messages. */
public final class ChordsOverWordsReader implements ScoreReader {

    private static final Pattern WORD = Pattern.compile("\\S+");
    private static final Pattern SECTION = Pattern.compile(
            "(?:\\[([^\\]]+)]|((?i:verse|chorus|bridge|intro|outro|refrain|pre-chorus|coda|solo)[ \\w]*+):?)");
    private static final Pattern FACT = Pattern.compile("(?i)(title|key|time|meter|tempo|capo)\\s*+[:=]\\s*+(.+)");
    private static final double MOSTLY = 0.6;

    @Override
    public String format() {
        return "text";
    }

    @Override
    public boolean recognises(String name, byte[] file) {
        return Texts.isText(file);
    }

    @Override
    public List<Imported> read(byte[] file) {
        return List.of(new Song(Texts.decode(file).replace("\t", "    ").lines().toList()).read());
    }

    /** A chord and the column it stands in. */
    private record Placed(BroughtBar.Symbol symbol, int column) {}

    /** A line of chords without bar lines, over its words. */
    private record Line(List<Placed> chords, String words, String section) {

        int width() {
            return words.stripTrailing().length();
        }
    }

    /** Looks like a chord and is none: a letter with what stands behind chords, as in Cmajj7 or Gm77. */
    private static final Pattern MISSPELT =
            Pattern.compile("[A-H][#b♯♭]?(?:m|M|maj|min|dim|aug|sus|add|[\\d+\\-°ø#b♯♭(])[\\w#b♯♭+\\-°ø()/]*");

    /** The chords of a line, if that is what it mostly holds. */
    private static Optional<List<Placed>> chords(String line) {
        List<Placed> placed = new ArrayList<>();
        int others = 0;
        int right = 0;
        Matcher m = WORD.matcher(line);
        while (m.find()) {
            String word = bare(m.group());
            if (word.isEmpty() || word.matches("[-–/%*.x]|x\\d|\\d+x|N\\.?C\\.?")) {
                continue;
            }
            try {
                placed.add(new Placed(new BroughtBar.Symbol(Chord.parse(word)), m.start()));
                right++;
            } catch (ChordSyntaxException e) {
                boolean meant =
                        MISSPELT.matcher(word).matches() && !e.suggestions().isEmpty();
                if (meant) {
                    placed.add(new Placed(BroughtBar.Symbol.unread(word), m.start()));
                } else {
                    others++;
                }
            }
        }
        boolean mostly = placed.size() >= MOSTLY * (placed.size() + others) && right > others;
        return right == 0 || !mostly ? Optional.empty() : Optional.of(placed);
    }

    /** A word without bar lines, brackets and commas around it. */
    private static String bare(String word) {
        int from = 0;
        int to = word.length();
        while (from < to && "|(".indexOf(word.charAt(from)) >= 0) {
            from++;
        }
        while (from < to && "|),".indexOf(word.charAt(to - 1)) >= 0) {
            to--;
        }
        return word.substring(from, to);
    }

    /** A song while it is read. */
    private static final class Song {

        private final List<String> lines;
        private final ImportReport.Builder report = new ImportReport.Builder();
        private final SheetBuilder sheet = new SheetBuilder(Heading.USUAL, report);
        private final List<Line> verse = new ArrayList<>();
        private String section;
        private boolean keyGiven;
        private boolean titled;

        Song(List<String> lines) {
            this.lines = lines;
        }

        Imported read() {
            for (int i = 0; i < lines.size(); i++) {
                StoppedException.ifInterrupted();
                String line = lines.get(i);
                if (!line.isBlank() && sheet.isFull()) {
                    break;
                }
                Matcher sectionName = SECTION.matcher(line.strip());
                Matcher fact = FACT.matcher(line.strip());
                Optional<List<Placed>> chords = chords(line);
                if (chords.isPresent()) {
                    boolean wordsFollow = i + 1 < lines.size() && isWords(lines.get(i + 1));
                    String words = wordsFollow ? lines.get(++i) : "";
                    if (hasBarLines(line)) {
                        endVerse();
                        bars(line, chords.get(), words);
                    } else {
                        verse.add(new Line(chords.get(), words, section));
                        section = null;
                    }
                    continue;
                }
                endVerse();
                if (fact.matches()) {
                    fact(fact.group(1).toLowerCase(Locale.ROOT), fact.group(2));
                } else if (sectionName.matches()) {
                    section = sectionName.group(1) != null
                            ? sectionName.group(1)
                            : sectionName.group(2).strip();
                } else if (!line.isBlank()) {
                    loose(line.strip());
                }
            }
            endVerse();
            if (sheet.bars().isEmpty()) {
                throw new UnreadableFileException(
                        "no chords were found; write them in a line over the words, or as bars: | C | F | G7 | C |");
            }
            report.add(Fate.GUESSED, "one bar for each chord, where no bar lines tell otherwise");
            if (!keyGiven) {
                sheet.keyIsUnknown();
            }
            return sheet.build("text", Hands.NONE);
        }

        private static boolean isWords(String line) {
            return !line.isBlank()
                    && chords(line).isEmpty()
                    && !SECTION.matcher(line.strip()).matches()
                    && !FACT.matcher(line.strip()).matches();
        }

        private void loose(String line) {
            if (!titled && sheet.bars().isEmpty()) {
                sheet.setHeading(sheet.heading().withTitle(line.length() > 80 ? line.substring(0, 80) : line));
                titled = true;
            } else {
                report.add(
                        Fate.LEFT_OUT,
                        "words without chords: \"" + (line.length() > 40 ? line.substring(0, 40) + "…" : line) + "\"");
            }
        }

        private void fact(String name, String value) {
            try {
                switch (name) {
                    case "title" -> {
                        sheet.setHeading(sheet.heading().withTitle(value));
                        titled = true;
                    }
                    case "key" -> {
                        sheet.setHeading(sheet.heading().withKey(Key.parse(value)));
                        keyGiven = true;
                    }
                    case "time", "meter" -> sheet.setHeading(sheet.heading().withMeter(Meter.parse(value)));
                    case "tempo" -> {
                        int tempo = Integer.parseInt(value.replaceAll("\\D", ""));
                        sheet.setHeading(sheet.heading().withTempo(Math.max(20, Math.min(300, tempo))));
                    }
                    default ->
                        report.add(
                                Fate.LEFT_OUT,
                                "capo " + value
                                        + ": the chords stay as written; move the tune up to sound as recorded");
                }
            } catch (IllegalArgumentException e) {
                report.add(Fate.LEFT_OUT, name + " \"" + value + "\", which is not known here");
            }
        }

        private static boolean hasBarLines(String line) {
            return line.strip().startsWith("|")
                    || line.chars().filter(c -> c == '|').count() > 1;
        }

        /** Bars by their lines. */
        private void bars(String line, List<Placed> chords, String words) {
            List<Integer> inBars = new ArrayList<>();
            for (int i = 0; i < chords.size(); i++) {
                boolean same = i > 0
                        && !line.substring(
                                        chords.get(i - 1).column(),
                                        chords.get(i).column())
                                .contains("|");
                if (same) {
                    inBars.set(inBars.size() - 1, inBars.get(inBars.size() - 1) + 1);
                } else {
                    inBars.add(1);
                }
            }
            bars(chords, words, inBars);
        }

        /** The lines of a verse are of equal length: what most of them have is a chord to a bar. */
        private void endVerse() {
            int usual = LineOfBars.usual(
                    verse.stream().map(one -> one.chords().size()).toList());
            int usualWidth = verse.stream()
                    .filter(one -> one.chords().size() == usual)
                    .mapToInt(Line::width)
                    .sorted()
                    .findFirst()
                    .orElse(0);
            for (Line line : verse) {
                section = line.section();
                List<Integer> columns =
                        line.chords().stream().map(Placed::column).toList();
                List<Integer> inBars = LineOfBars.parted(columns, line.width(), usual, usualWidth);
                if (inBars.size() < columns.size()) {
                    report.add(
                            Fate.GUESSED,
                            "which chords share a bar in lines that have more than the others, by where they stand");
                }
                if (inBars.size() > columns.size()) {
                    report.add(
                            Fate.GUESSED,
                            "which chords last longer in lines that have fewer than the others, by where they stand");
                }
                bars(line.chords(), line.words(), inBars);
            }
            verse.clear();
        }

        /** So many chords begin in each bar; words by the columns they stand in, evenly while a chord is held. */
        private void bars(List<Placed> chords, String words, List<Integer> inBars) {
            int at = 0;
            int from = 0;
            for (int i = 0; i < inBars.size(); i++) {
                int count = inBars.get(i);
                BroughtBar bar = newBar(i == 0);
                place(
                        chords.subList(at, at + count).stream()
                                .map(Placed::symbol)
                                .toList(),
                        bar);
                at += count;
                int end = at < chords.size() ? chords.get(at).column() : Math.max(words.length(), from);
                int held = 1;
                while (i + held < inBars.size() && inBars.get(i + held) == 0) {
                    held++;
                }
                int next = from + (end - from) / held;
                bar.words = cut(words, from, next);
                from = next;
            }
        }

        private BroughtBar newBar(boolean beginsLine) {
            BroughtBar bar =
                    new BroughtBar(sheet.heading().key(), sheet.heading().meter());
            bar.beginsLine = beginsLine;
            bar.section = section;
            section = null;
            sheet.add(bar);
            return bar;
        }

        /** Two chords share a bar in halves, more have a count each, the last one the rest. */
        private void place(List<BroughtBar.Symbol> chords, BroughtBar bar) {
            Fraction step = bar.length.dividedBy(Fraction.of(Math.max(1, chords.size())));
            boolean even = bar.meter.slotCounts().contains(chords.size());
            Fraction each = even ? step : bar.meter.countLength();
            for (int i = 0; i < chords.size(); i++) {
                Fraction at = each.times(i);
                if (at.isBefore(bar.length)) {
                    bar.symbols.put(at, chords.get(i));
                    reportUnread(chords.get(i));
                }
            }
        }

        private void reportUnread(BroughtBar.Symbol symbol) {
            if (!symbol.unread().isEmpty()) {
                report.add(
                        Fate.REPAIRED,
                        "\"" + symbol.unread() + "\", no chord known here: it stays, marked, to be fixed");
            }
        }

        /** A word that a chord stands in the middle of is parted there by a hyphen. */
        private static String cut(String words, int from, int to) {
            int begin = beginning(words, from);
            int end = beginning(words, to);
            boolean parted = isInside(words, end);
            return words.substring(begin, Math.max(begin, end)).strip() + (parted ? "-" : "");
        }

        /**
         * A chord that is off a word's beginning or end by one letter is meant to stand there, and so is one that would
         * part a word where no syllable can end.
         */
        private static int beginning(String words, int column) {
            int at = Math.min(column, words.length());
            if (isInside(words, at) && !isInside(words, at - 1)) {
                return at - 1;
            }
            if (!isInside(words, at)) {
                return at;
            }
            int from = at;
            while (isInside(words, from)) {
                from--;
            }
            int to = at;
            while (isInside(words, to)) {
                to++;
            }
            boolean syllables = from < at
                    && at < to
                    && WordParts.canPart(words.substring(Math.max(0, from - 1), at), words.substring(at, to));
            return syllables && to > at + 1 ? at : at - from <= to - at ? from : to;
        }

        private static boolean isInside(String words, int at) {
            return at > 0
                    && at < words.length()
                    && Character.isLetter(words.charAt(at))
                    && Character.isLetter(words.charAt(at - 1));
        }
    }
}
