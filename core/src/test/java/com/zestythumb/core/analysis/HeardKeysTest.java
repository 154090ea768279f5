package com.zestythumb.core.analysis;

import static org.assertj.core.api.Assertions.assertThat;

import com.zestythumb.core.analysis.HeardSongs.Song;
import java.util.ArrayList;
import java.util.Arrays;
import java.util.List;
import java.util.Set;
import java.util.stream.Collectors;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;

/** Songs whose key nobody wrote down; every line of the lists names its source. */
class HeardKeysTest {

    private static final double WANTED_KEYS = 0.95;
    private static final double WANTED_CHANGES = 0.90;
    private static final int NEAR = 2;

    /** The list on which the prices were weighed, and one on which nothing was. */
    @ParameterizedTest
    @CsvSource({"keys.txt, 150", "more-keys.txt, 60"})
    void hearsTheKeyOfASong(String file, int count) {
        List<Song> songs = HeardSongs.read(file);
        List<String> wrong = songs.stream()
                .filter(song -> !isHeard(song))
                .map(song -> said(song) + " and not " + song.heard() + ": " + song.source() + " "
                        + song.sheet().events().stream()
                                .map(e -> e.chord().toString())
                                .collect(Collectors.joining(" ")))
                .toList();
        System.out.println("keys of " + file + " right: " + (songs.size() - wrong.size()) + " of " + songs.size());
        assertThat(songs).hasSizeGreaterThanOrEqualTo(count);
        assertThat(wrong).hasSizeLessThanOrEqualTo((int) (songs.size() * (1 - WANTED_KEYS)));
    }

    /** The profiles of Krumhansl and Kessler (1982), held against the tones of all chords, are the baseline. */
    @Test
    void hearsMoreThanKeyProfilesDo() {
        List<Song> songs = HeardSongs.read("keys.txt");
        long byProfile = songs.stream()
                .filter(song -> {
                    double[] tones = new double[12];
                    song.sheet()
                            .events()
                            .forEach(e -> e.chord()
                                    .tones()
                                    .forEach(tone -> tones[tone.semitone()] +=
                                            e.duration().toDouble()));
                    String found = byProfile(tones);
                    return Arrays.asList(song.heard().split(" / ")).contains(found);
                })
                .count();
        long bySearch = songs.stream().filter(HeardKeysTest::isHeard).count();
        System.out.println("keys of songs right by key profiles: " + byProfile + ", by the search: " + bySearch);
        assertThat(bySearch).isGreaterThan(byProfile);
    }

    private static String byProfile(double[] tones) {
        int best = 0;
        for (int key = 1; key < KeyState.PLAIN; key++) {
            best = likeness(tones, key) > likeness(tones, best) ? key : best;
        }
        return KeyState.key(best, Set.of(), 0).toString();
    }

    private static double likeness(double[] tones, int key) {
        return KeyProfiles.likeness(tones, KeyState.tonic(key), KeyState.isMinor(key));
    }

    private static boolean isHeard(Song song) {
        List<KeySpan> keys = Analysis.of(song.sheet()).keys();
        String[] wanted = song.heard().split(" / ");
        String first = keys.get(0).key().toString();
        boolean tossUp = keys.get(0).others().stream()
                .limit(1)
                .anyMatch(other -> Arrays.asList(wanted).contains(other.key().toString()));
        return keys.size() == 1
                && (first.equals(wanted[0]) || tossUp && Arrays.asList(wanted).contains(first));
    }

    private static String said(Song song) {
        return Analysis.of(song.sheet()).keys().stream()
                .map(span -> span.key() + " " + span.others())
                .collect(Collectors.joining(", "));
    }

    @Test
    void hearsWhereAKeyChanges() {
        List<Song> songs = HeardSongs.read("key-changes.txt");
        int all = 0;
        List<String> wrong = new ArrayList<>();
        for (Song song : songs) {
            List<Integer> bars =
                    song.sheet().events().stream().map(e -> e.bar() + 1).toList();
            List<KeySpan> keys = Analysis.of(song.sheet()).keys();
            String said = keys.stream()
                    .map(span -> span.key() + " " + bars.get(span.from()))
                    .collect(Collectors.joining(", "));
            String[] wanted = song.heard().split(", ");
            for (int i = 1; i < wanted.length; i++) {
                all++;
                int space = wanted[i].lastIndexOf(' ');
                String key = wanted[i].substring(0, space);
                int first = bars.indexOf(Integer.parseInt(wanted[i].substring(space + 1)));
                boolean heard = keys.stream()
                        .skip(1)
                        .anyMatch(span -> span.key().toString().equals(key) && Math.abs(span.from() - first) <= NEAR);
                if (!heard || keys.size() > wanted.length) {
                    wrong.add(wanted[i] + " in " + song.heard() + ": " + said);
                }
            }
        }
        System.out.println("changes of key right: " + (all - wrong.size()) + " of " + all);
        assertThat(songs).hasSizeGreaterThanOrEqualTo(30);
        assertThat(wrong).hasSizeLessThanOrEqualTo((int) (all * (1 - WANTED_CHANGES)));
    }
}
