package com.zestythumb.core.exercise;

import com.zestythumb.core.analysis.TuneNote;
import com.zestythumb.core.analysis.TuneNote.Standing;
import com.zestythumb.core.analysis.TuneNotes;
import com.zestythumb.core.arrangement.ArrangedChord;
import com.zestythumb.core.arrangement.Arrangement;
import com.zestythumb.core.exercise.Quiz.Item;
import com.zestythumb.core.exercise.Quiz.Judged;
import com.zestythumb.core.pitch.PitchClass;
import com.zestythumb.core.sheet.Bar;
import com.zestythumb.core.sheet.ChordEvent;
import com.zestythumb.core.sheet.LeadSheet;
import com.zestythumb.core.sheet.SheetNote;
import com.zestythumb.core.voiceleading.Voice;
import java.util.ArrayList;
import java.util.Comparator;
import java.util.EnumMap;
import java.util.HashSet;
import java.util.List;
import java.util.Locale;
import java.util.Map;
import java.util.Set;

/** What a note is that is none of its chord, in whatever part it stands; one is asked at each chord. */
final class NonChordQuestions {

    /** What there is to choose from, with how each is come to and left (common practice). */
    private static final Map<Standing, String> WAYS = new EnumMap<>(Map.of(
            Standing.PASSING, "it goes on by step from one note of the harmony to another",
            Standing.NEIGHBOUR, "it steps away and comes back",
            Standing.SUSPENSION, "it is held over from the chord before and steps down",
            Standing.APPOGGIATURA, "it is come to by leap and left by step",
            Standing.ANTICIPATION, "it comes before its chord",
            Standing.ESCAPE, "it is come to by step and left by leap"));

    private static final List<String> NAMES =
            WAYS.keySet().stream().map(NonChordQuestions::name).toList();
    private static final int MOST_PARTS = 5;

    private NonChordQuestions() {}

    private static String name(Standing kind) {
        return switch (kind) {
            case PASSING -> "passing note";
            case ESCAPE -> "escape note";
            default -> kind.name().toLowerCase(Locale.ROOT);
        };
    }

    static List<Item> of(Arrangement key, List<ArrangedChord> chords) {
        LeadSheet sheet = key.sheet();
        int upper = most(sheet, true);
        int left = most(sheet, false);
        List<Item> items = new ArrayList<>();
        Set<Integer> asked = new HashSet<>();
        for (int voice = 0; voice < upper + left; voice++) {
            int number = voice;
            LeadSheet line = sheet.mapBars(bar ->
                    alone(bar, number < upper ? bar.upper() : bar.left(), number < upper ? number : number - upper));
            boolean parts = upper + left > 1 && upper + left <= MOST_PARTS;
            String part = parts
                    ? "the "
                            + Voice.sung(upper + left - 1 - voice, upper + left).words() + "'s "
                    : "";
            for (TuneNote note : TuneNotes.of(line)) {
                SheetNote written = line.bars().get(note.bar()).melody().get(note.place());
                if (WAYS.containsKey(note.kind())) {
                    chords.stream()
                            .filter(chord -> isOver(chord.event(), note.bar(), written))
                            .filter(chord -> asked.add(chord.index()))
                            .forEach(chord -> items.add(item(key, chord, part, written, note.kind())));
                }
            }
        }
        items.sort(Comparator.comparingInt(item -> item.question().chord()));
        return items;
    }

    private static int most(LeadSheet sheet, boolean upper) {
        return sheet.bars().stream()
                .mapToInt(bar -> (upper ? bar.upper() : bar.left()).size())
                .max()
                .orElse(0);
    }

    /** One voice where the tune would stand; of chords its highest notes. */
    private static Bar alone(Bar bar, List<List<SheetNote>> voices, int which) {
        List<List<SheetNote>> one = which < voices.size() ? List.of(SheetNote.highest(voices.get(which))) : List.of();
        return bar.withUpper(one).withLeft(List.of());
    }

    private static boolean isOver(ChordEvent event, int bar, SheetNote note) {
        return event.bar() == bar
                && !event.start().isAfter(note.onset())
                && note.onset().isBefore(event.end());
    }

    private static Item item(Arrangement key, ArrangedChord chord, String part, SheetNote note, Standing kind) {
        PitchClass called = note.pitch().pitchClass();
        String right = name(kind);
        String what = part + key.sheet().heading().names().fromEnglish(called.pretty());
        String asks = (what.startsWith("the") ? what : "the " + what) + " is none of "
                + key.sheet().heading().print(chord.chord()) + ". What is it?";
        return new Item(
                Quiz.question(key, chord, asks, NAMES),
                given -> given.equals(right)
                        ? Judged.right(WAYS.get(kind))
                        : Judged.wrong(0, "wrong-non-chord", "not that: look how it is come to, and how it is left"),
                List.of(
                        "look at the notes before and behind it in its part",
                        kind == Standing.APPOGGIATURA
                                ? "it is come to by leap"
                                : kind == Standing.SUSPENSION || kind == Standing.ANTICIPATION
                                        ? "its key is struck or held twice"
                                        : "it is come to by step",
                        WAYS.get(kind)),
                right);
    }
}
