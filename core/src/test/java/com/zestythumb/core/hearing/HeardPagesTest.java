package com.zestythumb.core.hearing;

import static org.assertj.core.api.Assertions.assertThat;

import com.zestythumb.core.analysis.ChordKind;
import com.zestythumb.core.chord.Chord;
import java.util.ArrayList;
import java.util.List;
import java.util.stream.Collectors;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;

/** Pages of the public domain against what textbooks name in them; sources stand in the lists. */
class HeardPagesTest {

    private static final double WANTED = 0.90;
    private static final double SURE = 0.8;

    private static String said(Chord chord) {
        return chord.root().semitone() + " " + ChordKind.of(chord) + " "
                + chord.bass().semitone();
    }

    private static String said(String names) {
        return names.equals(".")
                ? "."
                : List.of(names.strip().split(" ")).stream()
                        .map(name -> said(Chord.parse(name)))
                        .collect(Collectors.joining(", "));
    }

    private static String said(List<HeardChord> chords) {
        List<String> all = new ArrayList<>();
        for (HeardChord chord : chords) {
            String name = chord.isNamed() ? said(chord.name()) : "-";
            if (all.isEmpty() || !all.get(all.size() - 1).equals(name)) {
                all.add(name);
            }
        }
        return String.join(", ", all);
    }

    /** What was heard of a list of pages; a bar is told surely where all its chords are. */
    private static final class Count {
        private int all;
        private int right;
        private int sure;
        private int surelyRight;
        private final List<String> wrong = new ArrayList<>();

        private void add(Pages.Page page) {
            List<List<HeardChord>> heard =
                    ChordHearing.hear(page.bars().stream().map(Pages.Bar::bar).toList());
            for (int i = 0; i < heard.size(); i++) {
                List<HeardChord> chords = heard.get(i);
                List<String> accepted = page.bars().get(i).accepted();
                boolean fits = accepted.stream()
                        .map(HeardPagesTest::said)
                        .anyMatch(names -> names.equals(".") || names.equals(said(chords)));
                boolean surely = chords.stream().allMatch(chord -> chord.confidence() >= SURE);
                all++;
                right += fits ? 1 : 0;
                sure += surely ? 1 : 0;
                surelyRight += surely && fits ? 1 : 0;
                if (!fits) {
                    wrong.add(page.name() + ", bar " + (i + 1) + ": " + chords + " and not " + accepted);
                }
            }
        }
    }

    /** The list on which the prices were weighed, and one on which nothing was. */
    @ParameterizedTest
    @CsvSource({"pages.txt, 150", "more-pages.txt, 80"})
    void namesTheChordsOfPagesAsTextbooksDo(String file, int bars) {
        Count count = new Count();
        Pages.read(file).forEach(count::add);
        System.out.println("bars of " + file + " right: " + count.right + " of " + count.all
                + "; told with 80 % and right: " + count.surelyRight + " of " + count.sure);
        assertThat(count.all).isGreaterThanOrEqualTo(bars);
        assertThat(count.wrong).hasSizeLessThanOrEqualTo((int) (count.all * (1 - WANTED)));
        assertThat((double) count.surelyRight / count.sure).isGreaterThanOrEqualTo(WANTED);
    }
}
