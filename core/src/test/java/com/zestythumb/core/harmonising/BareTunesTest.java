package com.zestythumb.core.harmonising;

import static org.assertj.core.api.Assertions.assertThat;

import com.zestythumb.core.chord.Chord;
import com.zestythumb.core.harmonising.BareTunes.BareTune;
import com.zestythumb.core.pitch.Key;
import com.zestythumb.core.sheet.Bar;
import com.zestythumb.core.sheet.ChordEvent;
import com.zestythumb.core.sheet.SheetNote;
import java.util.ArrayList;
import java.util.Arrays;
import java.util.List;
import java.util.stream.Collectors;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;
import org.junit.jupiter.params.provider.EnumSource;

/** Tunes of the public domain against the chords customarily played to them; see tunes.txt. */
class BareTunesTest {

    private static final double WANTED = 0.92;

    /** Root and third; sevenths are left aside. */
    private static String said(Chord chord) {
        return chord.root() + (chord.quality().hasMinorThird() ? "m" : "");
    }

    private static String said(Bar bar) {
        List<String> said = new ArrayList<>();
        for (ChordEvent event : bar.events()) {
            String name = event.isSilent() ? "." : said(event.chord());
            if (said.isEmpty() || !said.get(said.size() - 1).equals(name)) {
                said.add(name);
            }
        }
        return String.join(" ", said);
    }

    /** The list on which the prices were weighed, and one on which nothing was. */
    @ParameterizedTest
    @CsvSource({"tunes.txt, 40", "more-tunes.txt, 5"})
    void proposesTheChordsThatPeoplePlay(String file, int count) {
        List<BareTune> tunes = BareTunes.read(file);
        List<String> wrong = new ArrayList<>();
        int all = 0;
        for (BareTune tune : tunes) {
            List<Bar> bars =
                    Harmoniser.propose(tune.told(), Level.USUAL).sheet().bars();
            for (int i = 0; i < bars.size(); i++) {
                String said = said(bars.get(i));
                List<String> accepted = tune.accepted().get(i);
                boolean fits = accepted.stream()
                        .map(names -> names.equals(".")
                                ? "."
                                : Arrays.stream(names.split(" "))
                                        .map(name -> said(Chord.parse(name)))
                                        .collect(Collectors.joining(" ")))
                        .anyMatch(names -> names.equals(".") || names.equals(said));
                all++;
                if (!fits) {
                    wrong.add(tune.name() + " bar " + (i + 1) + ": " + said + " and not " + accepted);
                }
            }
        }
        System.out.println("bars of " + file + " right: " + (all - wrong.size()) + " of " + all);
        assertThat(tunes).hasSizeGreaterThanOrEqualTo(count);
        assertThat(wrong).hasSizeLessThanOrEqualTo((int) (all * (1 - WANTED)));
    }

    private static List<BareTune> tunes() {
        List<BareTune> tunes = new ArrayList<>(BareTunes.read("tunes.txt"));
        tunes.addAll(BareTunes.read("more-tunes.txt"));
        return tunes;
    }

    /** The tune alone tells the key, by its scale and where it comes to rest. */
    @Test
    void hearsTheKeyOfABareTune() {
        List<BareTune> tunes = tunes();
        List<String> wrong = tunes.stream()
                .filter(tune -> !HomeKey.likeliest(tune.untold()).equals(Key.parse(tune.key())))
                .map(tune -> tune.name() + ": " + HomeKey.likeliest(tune.untold()) + " and not " + tune.key())
                .toList();
        System.out.println("keys of bare tunes right: " + (tunes.size() - wrong.size()) + " of " + tunes.size());
        // Three of them are halves of tunes, which do not come to rest on their keynote.
        assertThat(wrong).hasSizeLessThanOrEqualTo(4);
    }

    /** Common practice: a strong note belongs to its chord or resolves by step, whatever the level. */
    @ParameterizedTest
    @EnumSource(Level.class)
    void leavesNoStrongNoteForeignThatDoesNotResolveByStep(Level level) {
        for (BareTune tune : tunes()) {
            List<Bar> bars = Harmoniser.propose(tune.told(), level).sheet().bars();
            List<SheetNote> line = bars.stream()
                    .flatMap(bar -> bar.melody().stream())
                    .filter(note -> !note.isRest())
                    .toList();
            int at = 0;
            for (Bar bar : bars) {
                for (SheetNote note : bar.melody()) {
                    if (note.isRest()) {
                        continue;
                    }
                    int behind = at + 1;
                    while (behind < line.size() && line.get(behind - 1).tied()) {
                        behind++;
                    }
                    SheetNote next = behind < line.size() ? line.get(behind) : null;
                    at++;
                    int step = next == null
                            ? 0
                            : Math.abs(next.pitch().midi() - note.pitch().midi());
                    for (ChordEvent event : bar.events()) {
                        boolean under = !event.isSilent()
                                && !event.start().isAfter(note.onset())
                                && event.end().isAfter(note.onset());
                        boolean foreign = under
                                && event.chord().tones().stream()
                                        .noneMatch(tone ->
                                                tone.soundsLike(note.pitch().pitchClass()));
                        boolean strong = bar.isStrong(note.onset());
                        assertThat(foreign && strong && step != 1 && step != 2)
                                .as(tune.name() + " bar " + bar.number() + ": " + note.pitch() + " over "
                                        + event.chord())
                                .isFalse();
                    }
                }
            }
        }
    }
}
