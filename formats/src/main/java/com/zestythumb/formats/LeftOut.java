package com.zestythumb.formats;

import com.zestythumb.core.arrangement.ArrangedChord;
import com.zestythumb.core.arrangement.Arrangement;
import com.zestythumb.core.sheet.Bar;
import com.zestythumb.core.sheet.ChordEvent;
import com.zestythumb.core.sheet.ChordEvent.Timing;
import java.util.List;
import java.util.Set;
import java.util.function.Predicate;

/** What a tune has that a format has no place for, as the table in docs/formats.md has it. */
public final class LeftOut {

    private static final String MUSICXML = "musicxml";
    private static final String MIDI = "mid";
    private static final String ABC = "abc";
    private static final String CHORDPRO = "cho";

    private static final String FOUND = "the left hand as the app finds it";

    private record Part(String name, Set<String> noPlaceIn, Predicate<Arrangement> isIn) {}

    private static final List<Part> PARTS = List.of(
            new Part("the tune", Set.of(CHORDPRO), tune -> tune.sheet().hasMelody()),
            new Part(
                    FOUND, Set.of(ABC, CHORDPRO), tune -> tune.chords().stream().anyMatch(chord -> !chord.isWritten())),
            new Part(
                    "the left hand as it is written",
                    Set.of(CHORDPRO),
                    tune -> tune.chords().stream().anyMatch(ArrangedChord::isWritten)),
            new Part("chord symbols", Set.of(MIDI), tune -> !tune.chords().isEmpty()),
            new Part("repeats as signs; they are played out", Set.of(MIDI), LeftOut::hasForm),
            new Part("repeats and jumps", Set.of(CHORDPRO), tune -> tune.sheet().verses() > 0 && hasForm(tune)),
            new Part(
                    "pickups and short bars",
                    Set.of(CHORDPRO),
                    any(bar -> !bar.length().equals(bar.meter().barLength()))),
            new Part("fingers", Set.of(MIDI), tune -> !tune.chords().isEmpty()),
            new Part(
                    "the marks of held and pushed chords",
                    Set.of(MUSICXML, MIDI, ABC, CHORDPRO),
                    event(event -> event.timing() != Timing.PLAIN)),
            new Part(
                    "words over bars",
                    Set.of(CHORDPRO),
                    any(bar -> !bar.text().notes().isEmpty())),
            new Part(
                    "words of bars without a tune",
                    Set.of(MUSICXML, MIDI, ABC),
                    any(bar -> !bar.text().words().isEmpty())),
            new Part(
                    "who made it",
                    Set.of(MIDI),
                    tune -> !tune.sheet().heading().credits().isEmpty()),
            new Part(
                    "the question marks of guessed chords",
                    Set.of(MUSICXML, MIDI, ABC, CHORDPRO),
                    event(ChordEvent::isGuess)));

    private LeftOut() {}

    /**
     * What of a tune is not in a file of it; nothing where all of it is.
     *
     * @param extension the format's usual ending, such as {@code "abc"}
     * @param bothHands whether what the app finds was written into the tune
     */
    public static List<String> of(Arrangement tune, String extension, boolean bothHands) {
        return PARTS.stream()
                .filter(part -> !bothHands || !part.name().equals(FOUND))
                .filter(part ->
                        part.noPlaceIn().contains(extension) && part.isIn().test(tune))
                .map(Part::name)
                .toList();
    }

    private static Predicate<Arrangement> any(Predicate<Bar> which) {
        return tune -> tune.sheet().bars().stream().anyMatch(which);
    }

    private static Predicate<Arrangement> event(Predicate<ChordEvent> which) {
        return any(bar -> bar.events().stream().anyMatch(which));
    }

    private static boolean hasForm(Arrangement tune) {
        int bars = tune.sheet().bars().size();
        return tune.sheet().playingOrder().size() != bars;
    }
}
