package com.zestythumb.core.exercise;

import com.zestythumb.core.arrangement.ArrangedChord;
import com.zestythumb.core.arrangement.Arrangement;
import com.zestythumb.core.exercise.Quiz.Item;
import com.zestythumb.core.exercise.Quiz.Judged;
import com.zestythumb.core.pitch.Pitch;
import com.zestythumb.core.sheet.Heading;
import java.util.ArrayList;
import java.util.List;

/** A word that is spelled in notes: each is heard, and found on the keys, in whatever octave. */
final class RiddleQuestions {

    private static final int KEYS = 12;
    private static final int NEAR = 2;

    private RiddleQuestions() {}

    static List<Item> of(Arrangement key, List<ArrangedChord> chords) {
        Heading heading = key.sheet().heading();
        List<Item> items = new ArrayList<>();
        for (ArrangedChord chord : chords) {
            Pitch right = chord.voicing().first().lowest();
            items.add(new Item(
                    Quiz.question(key, chord, "Note " + (items.size() + 1) + " of the word", List.of()),
                    given -> judge(Integer.parseInt(given), right, heading),
                    hints(
                            right,
                            items.isEmpty()
                                    ? null
                                    : chords.get(items.size() - 1)
                                            .voicing()
                                            .first()
                                            .lowest()),
                    String.valueOf(right.midi())));
        }
        return items;
    }

    private static List<String> hints(Pitch right, Pitch before) {
        int to = before == null ? 0 : right.midi() - before.midi();
        String which = to == 0 ? "as high as" : to > 0 ? "higher than" : "lower than";
        return List.of(
                "sing it before you look for it",
                before == null ? "it is a white key" : "it is " + which + " the note before",
                before == null
                        ? right.midi() % KEYS < 5 ? "it lies beside two black keys" : "it lies beside three black keys"
                        : Math.abs(to) <= 2 ? "it is no more than a step from there" : "it is a leap from there");
    }

    private static Judged judge(int given, Pitch right, Heading heading) {
        int above = Math.floorMod(right.midi() - given, KEYS);
        if (above == 0) {
            return Judged.right(heading.names().fromEnglish(right.pitchClass().pretty()));
        }
        boolean higher = above <= KEYS / 2;
        int away = higher ? above : KEYS - above;
        return Judged.wrong(
                away <= NEAR ? 2 : 0,
                "other-note",
                "listen once more: it lies " + (away <= NEAR ? "a little " : "") + (higher ? "higher" : "lower"));
    }
}
