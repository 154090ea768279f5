package com.zestythumb.core.hearing;

import static org.assertj.core.api.Assertions.assertThat;

import com.zestythumb.core.analysis.Kind;
import com.zestythumb.core.chord.Chord;
import java.util.ArrayList;
import java.util.List;
import java.util.stream.Collectors;
import org.junit.jupiter.api.Test;

/** Pages of the public domain against what textbooks name in them; sources stand in pages.txt. */
class HeardPagesTest {

    private static final double WANTED = 0.90;
    private static final double SURE = 0.8;

    private static String said(Chord chord) {
        return chord.root().semitone() + " " + Kind.of(chord) + " "
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
            String name = chord.isSilent() ? "-" : said(chord.name());
            if (all.isEmpty() || !all.get(all.size() - 1).equals(name)) {
                all.add(name);
            }
        }
        return String.join(", ", all);
    }

    @Test
    void namesTheChordsOfPagesAsTextbooksDo() {
        int all = 0;
        int right = 0;
        int sure = 0;
        int surelyRight = 0;
        List<String> wrong = new ArrayList<>();
        for (Pages.Page page : Pages.read()) {
            List<List<HeardChord>> heard =
                    ChordHearing.hear(page.bars().stream().map(Pages.Bar::bar).toList());
            for (int i = 0; i < heard.size(); i++) {
                String said = said(heard.get(i));
                List<String> accepted = page.bars().get(i).accepted();
                boolean fits =
                        accepted.stream().map(HeardPagesTest::said).anyMatch(a -> a.equals(".") || a.equals(said));
                all++;
                right += fits ? 1 : 0;
                double confidence = heard.get(i).stream()
                        .mapToDouble(HeardChord::confidence)
                        .min()
                        .orElse(0);
                sure += confidence >= SURE ? 1 : 0;
                surelyRight += confidence >= SURE && fits ? 1 : 0;
                if (!fits) {
                    wrong.add(page.name().substring(0, 20) + " bar " + (i + 1) + ": "
                            + heard.get(i).stream()
                                    .map(h -> h.name() + String.format("%.2f", h.confidence()) + h.others())
                                    .collect(Collectors.joining(" "))
                            + " and not " + accepted);
                }
            }
        }
        System.out.println("bars of pages right: " + right + " of " + all + "; told with 80 % and right: " + surelyRight
                + " of " + sure);
        assertThat(all).isGreaterThanOrEqualTo(150);
        assertThat(wrong).hasSizeLessThanOrEqualTo((int) (all * (1 - WANTED)));
        assertThat((double) surelyRight / sure).isGreaterThanOrEqualTo(0.9);
    }
}
