package com.zestythumb.core.exercise;

import com.zestythumb.core.arrangement.ArrangedChord;
import com.zestythumb.core.arrangement.Arrangement;
import com.zestythumb.core.chord.Chord;
import com.zestythumb.core.exercise.Quiz.Item;
import com.zestythumb.core.exercise.Quiz.Judged;
import com.zestythumb.core.pitch.Key;
import com.zestythumb.core.pitch.Pitch;
import com.zestythumb.core.pitch.PitchClass;
import com.zestythumb.core.sheet.Heading;
import com.zestythumb.core.sheet.SheetNote;
import com.zestythumb.core.voicing.ChordContext;
import com.zestythumb.core.voicing.ChordTone;
import java.util.List;

/**
 * A chord for a tune: right is whatever holds every note of the tune that counts there and belongs to the key, the teacher's own
 * in any case (common practice: the strong notes of the tune are chord tones). Where there is a bass and no tune, the bass counts.
 */
final class HarmonyQuestions {

    private static final int OF_ANOTHER_KEY = 3;
    private static final int DOMINANT_SEVENTH = 10;

    private HarmonyQuestions() {}

    static List<Item> of(Arrangement key, List<ArrangedChord> chords) {
        Heading heading = key.sheet().heading();
        boolean overBass = isOverBass(key);
        return chords.stream()
                .map(chord -> {
                    ChordContext around = key.leftHand().task().around(chord.index());
                    List<Pitch> sung = around.strong().isEmpty() ? around.tune() : around.strong();
                    List<Pitch> strong =
                            overBass ? List.of(chord.voicing().first().lowest()) : sung;
                    String line = overBass ? "bass" : "tune";
                    Key here = key.sheet().bars().get(chord.event().bar()).key();
                    return new Item(
                            Quiz.question(key, chord, "Which chord fits the " + line + " here?", List.of()),
                            Quiz.ofChord(heading, said -> judge(said, chord.chord(), strong, here, heading, line)),
                            List.of(
                                    strong.isEmpty()
                                            ? "listen to the chords before and behind"
                                            : "which chords of the key hold "
                                                    + (overBass ? "the bass?" : "the strong notes of the tune?"),
                                    chord.chord().quality().hasMinorThird()
                                            ? "a minor chord fits well"
                                            : "a major chord fits well",
                                    "try the chord on "
                                            + heading.names()
                                                    .fromEnglish(
                                                            chord.chord().root().pretty())),
                            heading.print(chord.chord()));
                })
                .toList();
    }

    /** Whether somebody wrote a bass, one note at a time, and no tune. */
    static boolean isOverBass(Arrangement key) {
        return !key.sheet().hasMelody()
                && key.sheet().bars().stream()
                        .allMatch(bar -> bar.left().size() == 1
                                && SheetNote.struckTogether(bar.left().get(0)).stream()
                                        .allMatch(struck -> struck.size() == 1));
    }

    private static Judged judge(Chord said, Chord own, List<Pitch> strong, Key key, Heading heading, String line) {
        if (said.root().soundsLike(own.root())
                && said.tones().size() >= own.tones().size()
                && fits(said, strong) == strong.size()) {
            return Judged.right("right: " + heading.print(said));
        }
        long fits = fits(said, strong);
        if (fits < strong.size()) {
            Pitch out = strong.stream()
                    .filter(note -> isForeign(said, note))
                    .findFirst()
                    .orElseThrow();
            int points = strong.isEmpty() ? 0 : (int) (2 * fits / strong.size());
            return Judged.wrong(
                    points,
                    "tune-not-in-chord",
                    heading.names().fromEnglish(out.pitchClass().pretty()) + " of the " + line + " is not in "
                            + heading.print(said));
        }
        boolean inKey = said.tones().stream().allMatch(tone -> isOfKey(tone, said, key));
        return inKey
                ? Judged.right("this fits as well; your teacher has " + heading.print(own))
                : Judged.wrong(
                        OF_ANOTHER_KEY,
                        "out-of-key",
                        heading.print(said) + " holds the " + line + " and comes from another key");
    }

    private static long fits(Chord said, List<Pitch> strong) {
        return strong.stream().filter(note -> !isForeign(said, note)).count();
    }

    private static boolean isForeign(Chord said, Pitch note) {
        return ChordTone.of(said, note.pitchClass()) == ChordTone.FOREIGN;
    }

    /** The raised seventh of minor belongs to its dominant. */
    private static boolean isOfKey(PitchClass tone, Chord said, Key key) {
        PitchClass leading = ChordContext.leadingTone(key);
        boolean dominant =
                said.quality().numbered(7) == null || said.quality().numbered(7).semitones() == DOMINANT_SEVENTH;
        return key.contains(tone) || dominant && leading != null && tone.soundsLike(leading);
    }
}
