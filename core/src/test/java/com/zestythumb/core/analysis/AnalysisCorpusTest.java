package com.zestythumb.core.analysis;

import static org.assertj.core.api.Assertions.assertThat;

import com.zestythumb.core.Corpus;
import com.zestythumb.core.pitch.Key;
import com.zestythumb.core.sheet.Chart;
import com.zestythumb.core.sheet.LeadSheet;
import com.zestythumb.core.sheet.Transposition;
import java.util.ArrayList;
import java.util.Arrays;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Locale;
import java.util.Map;
import java.util.function.BiFunction;
import java.util.stream.Collectors;
import org.junit.jupiter.api.Test;

/** Published progressions and pieces with the analysis textbooks give them; each names its source. */
class AnalysisCorpusTest {

    private record Piece(String name, Map<String, String> lines) {

        LeadSheet sheet() {
            String meter = lines.getOrDefault("meter", "4/4");
            return Chart.parse("key: " + lines.get("key") + "\nmeter: " + meter + "\n"
                    + lines.get("chart").replace("|~|", "|\n|"));
        }

        List<String> expected(String what) {
            return Arrays.asList(lines.get(what).split(what.equals("keys") ? ", " : " "));
        }
    }

    private static List<Piece> corpus() {
        List<Piece> pieces = new ArrayList<>();
        for (String line : Corpus.lines("progressions.txt")) {
            if (line.startsWith("= ")) {
                pieces.add(new Piece(line.substring(2), new LinkedHashMap<>()));
            } else if (line.contains(": ")) {
                int colon = line.indexOf(": ");
                pieces.get(pieces.size() - 1)
                        .lines()
                        .put(line.substring(0, colon), line.substring(colon + 2).strip());
            }
        }
        return pieces;
    }

    private static List<String> numerals(LeadSheet sheet, Analysis analysis) {
        return analysis.readings().stream().map(r -> r.numeral().toString()).toList();
    }

    private static List<String> keys(LeadSheet sheet, Analysis analysis) {
        return analysis.keys().stream().map(span -> span.key().toString()).toList();
    }

    private static List<String> roles(LeadSheet sheet, Analysis analysis) {
        return analysis.readings().stream().map(r -> r.role().name()).toList();
    }

    /** One for each phrase, - where it does not close. */
    private static List<String> cadences(LeadSheet sheet, Analysis analysis) {
        List<Integer> bars = new ArrayList<>();
        sheet.events().stream().filter(e -> !e.isSilent()).forEach(e -> bars.add(e.bar()));
        return Phrases.ends(sheet).stream()
                .map(end -> analysis.cadences().stream()
                        .filter(c -> bars.get(c.chord()).equals(end))
                        .map(c -> c.kind().name().toLowerCase(Locale.ROOT))
                        .findFirst()
                        .orElse("-"))
                .toList();
    }

    /** Prints how many are right; gives what is wrong. */
    private static List<String> judge(String what, BiFunction<LeadSheet, Analysis, List<String>> found) {
        int right = 0;
        int all = 0;
        List<String> wrong = new ArrayList<>();
        for (Piece piece : corpus()) {
            if (!piece.lines().containsKey(what)) {
                continue;
            }
            LeadSheet sheet = piece.sheet();
            List<String> expected = piece.expected(what);
            List<String> got = found.apply(sheet, Analysis.of(sheet));
            for (int i = 0; i < Math.max(expected.size(), got.size()); i++) {
                String want = i < expected.size() ? expected.get(i) : "nothing";
                String have = i < got.size() ? got.get(i) : "nothing";
                all++;
                if (Arrays.asList(want.split(",")).contains(have)) {
                    right++;
                } else {
                    wrong.add(piece.name() + ", " + what + " " + (i + 1) + ": " + have + " and not " + want);
                }
            }
        }
        System.out.println(what + " right: " + right + " of " + all);
        return wrong;
    }

    @Test
    void readsKeysAsTextbooksDo() {
        assertThat(judge("keys", AnalysisCorpusTest::keys)).isEmpty();
    }

    @Test
    void readsNumeralsAsTextbooksDo() {
        assertThat(judge("numerals", AnalysisCorpusTest::numerals)).isEmpty();
    }

    @Test
    void readsRolesAsTextbooksDo() {
        assertThat(judge("roles", AnalysisCorpusTest::roles)).isEmpty();
    }

    @Test
    void readsCadencesAsTextbooksDo() {
        assertThat(judge("cadences", AnalysisCorpusTest::cadences)).isEmpty();
    }

    /** Any textbook of jazz harmony: ii–V–I in all keys. */
    @Test
    void knowsTwoFiveOneInEveryKey() {
        for (String tonic : "C Db D Eb E F F# G Ab A Bb B".split(" ")) {
            LeadSheet major = Transposition.to(Key.parse(tonic), Chart.parse("| Dm7 | G7 | Cmaj7 | Cmaj7 |"));
            Analysis found = Analysis.of(major);
            assertThat(numerals(major, found)).as(tonic).containsExactly("ii7", "V7", "Imaj7", "Imaj7");
            assertThat(found.progressions()).extracting(Progression::name).contains("ii–V–I");
        }
        for (String tonic : "C C# D Eb E F F# G G# A Bb B".split(" ")) {
            LeadSheet minor =
                    Transposition.to(Key.parse(tonic + "m"), Chart.parse("key: C minor\n| Dm7b5 | G7 | Cm | Cm |"));
            Analysis found = Analysis.of(minor);
            assertThat(numerals(minor, found)).as(tonic).containsExactly("iiø7", "V7", "i", "i");
            assertThat(found.progressions()).extracting(Progression::name).contains("ii–V–i in minor");
        }
    }

    /** Any textbook of harmony: vi of the old key is ii of the new one. */
    @Test
    void namesThePivotOfAModulation() {
        LeadSheet sheet = Chart.parse("| C | F | G7 | C |\n| Am | D7 | G | D7 |\n| Em | Am D7 | G | G |");
        List<KeySpan> keys = Analysis.of(sheet).keys();
        assertThat(keys).extracting(span -> span.key().toString()).containsExactly("C major", "G major");
        assertThat(keys.get(1).pivot()).isEqualTo(4);
    }

    @Test
    void movingATuneChangesNoNumeral() {
        for (Piece piece : corpus()) {
            LeadSheet sheet = piece.sheet();
            String here = summary(sheet);
            boolean minor = Degrees.isMinor(sheet.key());
            for (String tonic : (minor ? "C C# D Eb E F F# G G# A Bb B" : "C Db D Eb E F F# G Ab A Bb B").split(" ")) {
                Key target = Key.parse(tonic + " " + sheet.key().mode());
                assertThat(summary(Transposition.to(target, sheet)))
                        .as(piece.name() + " in " + target)
                        .isEqualTo(here);
            }
        }
    }

    private static String summary(LeadSheet sheet) {
        Analysis analysis = Analysis.of(sheet);
        return numerals(sheet, analysis)
                + roles(sheet, analysis).toString()
                + analysis.cadences()
                + analysis.keys().stream()
                        .map(span -> span.from() + "-" + span.to() + span.key().mode())
                        .collect(Collectors.joining(" "));
    }
}
