package com.zestythumb.formats.chordpro;

import com.zestythumb.core.chord.Chord;
import com.zestythumb.core.pitch.Key;
import com.zestythumb.core.sheet.Bar;
import com.zestythumb.core.sheet.Chart;
import com.zestythumb.core.sheet.Credit;
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
import java.util.function.Function;
import java.util.regex.Matcher;
import java.util.regex.Pattern;
import java.util.stream.Collectors;

/**
 * Reads ChordPro 6: directives in braces, chords in brackets within the words, grids. Words tell no time, so
 * each chord over them is given a bar, and the report says so; a grid has its own bars and beats.
 */
public final class ChordProReader implements ScoreReader {

    private static final Pattern DIRECTIVE =
            Pattern.compile("\\{\\s*+([A-Za-z_]++)(-[A-Za-z_!]++)?(?:\\s*+[:\\s](.*))?}");

    /** Passages in another notation, and what is drawn. */
    private static final Pattern FOREIGN = Pattern.compile("start_of_(abc|ly|svg|textblock|musicxml)");

    /** Fonts, colours, columns, pages and diagrams say nothing of the music. */
    private static final Pattern LOOKS = Pattern.compile(
            "(chord|text|title|chorus|footer|grid|label|tab|toc|diagrams?)?(font|size|colou?r|f|s|c)|cf|cs|tf|ts|columns?|col|column_break|colb"
                    + "|new_?(physical_)?page|np?pp?|pagetype|define|chord|diagrams|grid|g|no_?grid|ng|titles|image|sorttitle|sortartist|x_.*");

    private static final Pattern KNOWN = Pattern.compile(
            "(?im)^[ \\t]*+\\{\\s*+(title|t|subtitle|st|key|artist|comment|c|soc|sov|sog|start_of_\\w+|capo|time|tempo|meta)(-[a-z]+)?\\b");
    private static final Pattern NEW_SONG = Pattern.compile("\\s*+\\{\\s*+(?:new_song|ns)\\s*+}\\s*+");
    private static final Pattern LABEL = Pattern.compile("label=\"([^\"]*)\"");
    private static final Pattern CHORD = Pattern.compile("\\[([^\\[\\]]*+)]");

    @Override
    public String format() {
        return "ChordPro";
    }

    @Override
    public boolean recognises(String name, byte[] file) {
        if (!Texts.isText(file)) {
            return false;
        }
        boolean named = name.endsWith(".cho")
                || name.endsWith(".chordpro")
                || name.endsWith(".chopro")
                || name.endsWith(".crd");
        return named || KNOWN.matcher(Texts.decode(file)).find() || hasChordsInWords(Texts.decode(file));
    }

    /** Brackets beside letters: {@code [G]morning}; a section name in brackets stands alone on its line. */
    private static boolean hasChordsInWords(String text) {
        return Pattern.compile("\\[[A-G][^\\]\\s]{0,10}][^\\s\\[]|\\w ?\\[[A-G][^\\]\\s]{0,10}]")
                .matcher(text)
                .find();
    }

    @Override
    public List<Imported> read(byte[] file) {
        List<Imported> songs = new ArrayList<>();
        Song song = new Song();
        for (String line : Texts.decode(file).lines().toList()) {
            StoppedException.ifInterrupted();
            if (NEW_SONG.matcher(line).matches()) {
                song.addTo(songs);
                song = new Song();
            } else {
                song.line(line);
            }
        }
        song.addTo(songs);
        if (songs.isEmpty()) {
            throw new UnreadableFileException("no chords were found; in ChordPro they stand in brackets, [C] or [Am7]");
        }
        return songs;
    }

    /** A song while it is read. */
    private static final class Song {

        private final ImportReport.Builder report = new ImportReport.Builder();
        private final SheetBuilder sheet = new SheetBuilder(Heading.USUAL, report);
        private final StringBuilder grid = new StringBuilder();
        private boolean inGrid;
        private boolean inTab;
        /** How the passage in another notation ends; null where none goes on. */
        private String foreign;

        private boolean keyGiven;
        private String section;
        private final StringBuilder wordsAhead = new StringBuilder();

        void line(String line) {
            Matcher directive = DIRECTIVE.matcher(line.strip());
            if (line.startsWith("#")) {
                return;
            }
            if (directive.matches()) {
                String name = directive.group(1).toLowerCase(Locale.ROOT);
                String value =
                        directive.group(3) == null ? "" : directive.group(3).strip();
                if (foreign == null || foreign.equals(name)) {
                    foreign = null;
                    directive(name, directive.group(2) != null, value);
                }
            } else if (foreign != null) {
                return;
            } else if (inTab) {
                report.add(Fate.LEFT_OUT, "tablature");
            } else if (inGrid) {
                grid.append(line.strip()).append('\n');
            } else if (!line.isBlank()) {
                words(line);
            }
        }

        /** One that is for some instrument or singer alone is told, not done: nobody said which this is. */
        private void directive(String name, boolean isForSome, String value) {
            if (isForSome) {
                report.add(Fate.LEFT_OUT, "{" + name + "} for some players alone");
            } else if (FOREIGN.matcher(name).matches()) {
                foreign = name.replace("start_of", "end_of");
                report.add(Fate.LEFT_OUT, "a passage in " + name.replace("start_of_", ""));
            } else {
                directive(name, value);
            }
        }

        private void directive(String name, String value) {
            switch (name) {
                case "title", "t" ->
                    sheet.setHeading(sheet.heading().withTitle(value.isEmpty() ? Heading.NAMELESS : value));
                case "composer", "lyricist", "arranger", "copyright" ->
                    sheet.setHeading(sheet.heading().with(Credit.valueOf(name.toUpperCase(Locale.ROOT)), value));
                case "artist" -> sheet.setHeading(sheet.heading().with(Credit.COMPOSER, value));
                case "key" -> {
                    sheet.setHeading(sheet.heading()
                            .withKey(value(
                                    "key", value, Key::parse, sheet.heading().key())));
                    keyGiven = true;
                }
                case "time" ->
                    sheet.setHeading(sheet.heading()
                            .withMeter(value(
                                    "meter",
                                    value,
                                    Meter::parse,
                                    sheet.heading().meter())));
                case "tempo" -> {
                    long tempo = value.matches("\\d{2,3}(\\.\\d{1,3})?") ? Math.round(Double.parseDouble(value)) : 0;
                    if (tempo >= 20 && tempo <= 300) {
                        sheet.setHeading(sheet.heading().withTempo((int) tempo));
                    } else {
                        report.add(Fate.LEFT_OUT, "the tempo \"" + value + "\"");
                    }
                }
                case "meta" -> {
                    String[] parts = value.split("\\s+", 2);
                    if (parts.length == 2 && !parts[0].equals("meta")) {
                        directive(parts[0].toLowerCase(Locale.ROOT), parts[1]);
                    }
                }
                case "comment", "c", "ci", "cb", "comment_italic", "comment_box" -> section = value;
                case "feel" -> sheet.setHeading(sheet.heading().withFeel(value));
                case "start_of_chorus", "soc" -> section = label(value, "Chorus");
                case "start_of_verse", "sov" -> section = label(value, "Verse");
                case "start_of_bridge", "sob" -> section = label(value, "Bridge");
                case "start_of_grid", "sog" -> inGrid = true;
                case "end_of_grid", "eog" -> endGrid();
                case "start_of_tab", "sot" -> inTab = true;
                case "end_of_tab", "eot" -> inTab = false;
                case "capo" ->
                    report.add(
                            Fate.LEFT_OUT,
                            "capo " + value + ": the chords stay as written; move the tune up to sound as recorded");
                case "transpose" -> {
                    if (!value.matches("[+-]?0?")) {
                        report.add(
                                Fate.LEFT_OUT,
                                "transpose " + value
                                        + ": the chords stay as written; move the tune by so many half steps");
                    }
                }
                case "chorus" -> report.add(Fate.LEFT_OUT, "\"chorus again\", for you to set as a repeat");
                default -> {
                    if (!LOOKS.matcher(name).matches() && !name.startsWith("end_of_") && !name.matches("eo[a-z]")) {
                        report.add(Fate.LEFT_OUT, "{" + name + "}" + (value.isEmpty() ? "" : ", " + value));
                    }
                }
            }
        }

        /** {@code Verse 1} or {@code label="Verse 1"}. */
        private static String label(String value, String otherwise) {
            Matcher quoted = LABEL.matcher(value);
            String label = quoted.find() ? quoted.group(1) : value;
            return label.isBlank() ? otherwise : label;
        }

        private <T> T value(String what, String text, Function<String, T> parser, T otherwise) {
            try {
                return parser.apply(text);
            } catch (IllegalArgumentException e) {
                report.add(Fate.REPAIRED, "the " + what + " \"" + text + "\", not known here, read as " + otherwise);
                return otherwise;
            }
        }

        /** A grid's cells are slots of the bar: {@code | C . G7 . |}. */
        private void endGrid() {
            inGrid = false;
            String bars = grid.toString().lines().map(Grid::bars).collect(Collectors.joining("\n"));
            grid.setLength(0);
            Heading heading = sheet.heading();
            Chart chart = Chart.read("key: " + heading.key() + "\nmeter: " + heading.meter() + "\n" + bars);
            chart.problems().forEach(problem -> report.add(Fate.LEFT_OUT, "in the grid, " + problem));
            for (var bar : chart.sheet().bars()) {
                BroughtBar draft = newBar();
                draft.startsRepeat = bar.startsRepeat();
                draft.timesPlayed = bar.timesPlayed();
                draft.ending = bar.signs().ending();
                draft.endsDouble = bar.signs().endsDouble();
                draft.marks.addAll(bar.signs().marks());
                draft.beginsLine = bar.index() > 0
                        && line(bar) != line(chart.sheet().bars().get(bar.index() - 1));
                bar.events().forEach(e -> draft.symbols.put(e.start(), new BroughtBar.Symbol(e.chord(), e.unread())));
            }
        }

        private static int line(Bar bar) {
            return bar.text().span().line();
        }

        private BroughtBar newBar() {
            BroughtBar bar =
                    new BroughtBar(sheet.heading().key(), sheet.heading().meter());
            bar.section = section == null || section.isBlank() ? null : section.replaceAll("[\\[\\]]", "");
            section = null;
            sheet.add(bar);
            return bar;
        }

        private void words(String line) {
            if (sheet.isFull()) {
                return;
            }
            Matcher m = CHORD.matcher(line);
            int from = 0;
            BroughtBar bar = null;
            boolean first = true;
            boolean hasChords = m.find();
            m.reset();
            if (!hasChords && wordsAhead.isEmpty() && !sheet.bars().isEmpty()) {
                // Words without a chord are sung to the last one.
                addWords(sheet.bars().get(sheet.bars().size() - 1), " " + line);
                return;
            }
            while (m.find()) {
                addWords(bar, line.substring(from, m.start()));
                boolean isWithinAWord = bar != null && isLetter(line, m.start() - 1) && isLetter(line, m.end());
                from = m.end();
                String symbol = m.group(1).strip();
                if (symbol.startsWith("*") || symbol.isEmpty()) {
                    continue;
                }
                if (isWithinAWord && !canPart(line, m.start(), m.end())) {
                    addWithin(bar, symbol(symbol));
                } else {
                    if (isWithinAWord) {
                        addWords(bar, "-");
                    }
                    bar = newBar();
                    bar.beginsLine = first;
                    first = false;
                    bar.symbols.put(Fraction.ZERO, symbol(symbol));
                    report.add(Fate.GUESSED, "one bar for each chord, for the words tell no time");
                    addWords(bar, wordsAhead.toString().stripLeading());
                    wordsAhead.setLength(0);
                }
            }
            addWords(bar, line.substring(from));
        }

        private static boolean isLetter(String line, int at) {
            return at >= 0 && at < line.length() && Character.isLetter(line.charAt(at));
        }

        /** Whether the letters before a chord and behind it are syllables of their own. */
        private static boolean canPart(String line, int end, int begin) {
            int from = end;
            while (isLetter(line, from - 1)) {
                from--;
            }
            int to = begin;
            while (isLetter(line, to)) {
                to++;
            }
            return WordParts.canPart(line.substring(from, end), line.substring(begin, to));
        }

        /** A chord within a syllable parts the bar of that word, which stays whole. */
        private static void addWithin(BroughtBar bar, BroughtBar.Symbol symbol) {
            List<BroughtBar.Symbol> all = new ArrayList<>(bar.symbols.values());
            all.add(symbol);
            bar.symbols.clear();
            Fraction count = bar.meter.countLength();
            long counts = bar.length.dividedBy(count).floor();
            for (int i = 0; i < all.size(); i++) {
                bar.symbols.put(count.times(i * counts / all.size()), all.get(i));
            }
        }

        private void addWords(BroughtBar bar, String words) {
            if (bar == null) {
                wordsAhead.append(' ').append(words);
            } else {
                bar.words = (bar.words + words).replaceAll("\\s+", " ").stripLeading();
            }
        }

        /** A chord, silence, or what can be read as neither and stays as it was written. */
        private BroughtBar.Symbol symbol(String text) {
            if (text.matches("(?i)n\\.?c\\.?")) {
                return new BroughtBar.Symbol(null);
            }
            try {
                return new BroughtBar.Symbol(Chord.parse(text));
            } catch (IllegalArgumentException e) {
                report.add(Fate.REPAIRED, "[" + text + "], no chord known here: it stays, marked, to be fixed");
                return BroughtBar.Symbol.unread(text);
            }
        }

        /** A song without a chord is none. */
        void addTo(List<Imported> songs) {
            if (inGrid) {
                endGrid();
            }
            if (sheet.bars().isEmpty()) {
                return;
            }
            sheet.bars().forEach(bar -> bar.words = bar.words.strip());
            if (!keyGiven) {
                sheet.keyIsUnknown();
            }
            songs.add(sheet.build("ChordPro", Hands.NONE));
        }
    }
}
