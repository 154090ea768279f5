package com.zestythumb.core.checking;

import com.zestythumb.core.arrangement.ArrangedChord;
import com.zestythumb.core.arrangement.Arrangement;
import com.zestythumb.core.checking.Mends.Way;
import com.zestythumb.core.chord.Chord;
import com.zestythumb.core.pitch.Pitch;
import com.zestythumb.core.pitch.PitchClass;
import com.zestythumb.core.pitch.Spelling;
import com.zestythumb.core.sheet.Bar;
import com.zestythumb.core.sheet.ChordEvent;
import com.zestythumb.core.sheet.LeadSheet;
import com.zestythumb.core.sheet.SheetNote;
import com.zestythumb.core.voicing.Member;
import java.util.ArrayList;
import java.util.HashMap;
import java.util.HashSet;
import java.util.List;
import java.util.Map;
import java.util.Set;
import java.util.function.Function;
import java.util.function.Predicate;

/**
 * Ways in which a chord of a page can be written otherwise, in its own rhythm: a note left out, an octave away, exchanged for
 * another one of the chord near by or called by its other name, the chord turned over, a key let go in time, other fingers.
 */
final class WrittenMends {

    private static final int LOWEST = 21;
    private static final int OCTAVE = 12;
    private static final int FOURTH = 5;

    private final Arrangement arrangement;
    private final ArrangedChord chord;
    private final List<Pitch> keys;
    private final List<Way> ways = new ArrayList<>();

    private WrittenMends(Arrangement arrangement, ArrangedChord chord) {
        this.arrangement = arrangement;
        this.chord = chord;
        this.keys = bar().allOfLeft().stream()
                .filter(note -> !note.isRest() && isHere(note))
                .map(SheetNote::pitch)
                .distinct()
                .sorted()
                .toList();
    }

    static List<Way> of(Arrangement arrangement, ArrangedChord chord) {
        WrittenMends mends = new WrittenMends(arrangement, chord);
        mends.addLetGo();
        mends.addTurned();
        mends.keys.forEach(mends::addOthers);
        mends.keys.forEach(mends::addLeftOut);
        mends.ways.add(new Way(
                "let the app find the fingers",
                List.of(),
                null,
                mends.written(note -> note.withFinger(0), note -> true)));
        return mends.ways;
    }

    private Bar bar() {
        return arrangement.sheet().bars().get(chord.event().bar());
    }

    private boolean isHere(SheetNote note) {
        ChordEvent event = chord.event();
        return note.onset().compareTo(event.start()) >= 0 && note.onset().compareTo(event.end()) < 0;
    }

    private void addLeftOut(Pitch key) {
        if (Mends.canGo(arrangement, chord, key)) {
            ways.add(new Way("leave out %s", List.of(key), null, written(this::silent, note -> is(note, key))));
        }
    }

    private void addOthers(Pitch key) {
        Chord symbol = chord.chord();
        Set<Integer> tried = new HashSet<>(keys.stream().map(Pitch::midi).toList());
        for (PitchClass tone : symbol.tones()) {
            for (int midi = Math.max(LOWEST, key.midi() - FOURTH); midi <= key.midi() + FOURTH; midi++) {
                boolean same = Math.floorMod(midi - tone.semitone(), OCTAVE) == 0;
                if (same && midi == key.midi() && !tone.equals(key.pitchClass())) {
                    exchange("write %s instead", key, Spelling.as(tone, midi));
                } else if (same && tried.add(midi)) {
                    exchange("play %s instead of " + key.pitchClass().pretty(), key, Spelling.as(tone, midi));
                }
            }
        }
        for (int octave : List.of(-OCTAVE, OCTAVE)) {
            if (key.midi() + octave >= LOWEST && tried.add(key.midi() + octave)) {
                exchange(
                        octave > 0 ? "play %s an octave higher" : "play %s an octave lower",
                        key,
                        Spelling.as(key.pitchClass(), key.midi() + octave));
            }
        }
    }

    private static boolean is(SheetNote note, Pitch key) {
        return !note.isRest() && note.pitch().equals(key);
    }

    private void exchange(String what, Pitch key, Pitch other) {
        ways.add(new Way(
                what, List.of(other), null, written(note -> note.with(other).withTie(false), note -> is(note, key))));
    }

    /** Its lowest note on top, or its highest at the bottom, once and twice. */
    private void addTurned() {
        boolean plain = keys.stream().noneMatch(key -> Member.of(chord.chord(), key.pitchClass()) == Member.FOREIGN);
        for (int turns = 1; plain && keys.size() > 2 && turns < keys.size(); turns++) {
            Map<Pitch, Pitch> up = new HashMap<>();
            Map<Pitch, Pitch> down = new HashMap<>();
            for (int i = 0; i < keys.size(); i++) {
                Pitch key = keys.get(i);
                up.put(key, moved(key, i < turns ? OCTAVE : 0));
                down.put(key, moved(key, i >= keys.size() - turns ? -OCTAVE : 0));
            }
            for (Map<Pitch, Pitch> turned : List.of(up, down)) {
                List<Pitch> laid = turned.values().stream().sorted().toList();
                if (laid.get(0).midi() >= LOWEST) {
                    ways.add(new Way(
                            "play it as %s",
                            laid,
                            null,
                            written(note -> note.with(turned.get(note.pitch())).withTie(false), note -> true)));
                }
            }
        }
    }

    private static Pitch moved(Pitch key, int by) {
        return by == 0 ? key : Spelling.as(key.pitchClass(), key.midi() + by);
    }

    /** What is held over into the chord is let go where it begins. */
    private void addLetGo() {
        keys.stream()
                .filter(key -> Member.of(chord.chord(), key.pitchClass()) == Member.FOREIGN)
                .forEach(key -> ways.add(new Way(
                        "let go of %s in time", List.of(key), null, written(this::silent, note -> is(note, key)))));
    }

    private SheetNote silent(SheetNote note) {
        return new SheetNote(null, note.onset(), note.duration(), false, note.tuplet(), "");
    }

    /** The page with the notes of this chord changed; what was tied to them is tied no longer. */
    private LeadSheet written(Function<SheetNote, SheetNote> change, Predicate<SheetNote> which) {
        return arrangement
                .sheet()
                .mapBars(bar -> bar.index() != chord.event().bar()
                        ? bar
                        : bar.withLeft(bar.left().stream()
                                .map(voice -> clean(voice.stream()
                                        .map(note -> !note.isRest() && isHere(note) && which.test(note)
                                                ? change.apply(note)
                                                : note)
                                        .toList()))
                                .toList()));
    }

    /** No rest beside notes that are struck with it, the notes of a chord from the lowest, and no tie to another key. */
    private static List<SheetNote> clean(List<SheetNote> voice) {
        List<SheetNote> clean = new ArrayList<>();
        for (List<SheetNote> struck : SheetNote.struckTogether(voice)) {
            List<SheetNote> notes =
                    struck.stream().filter(note -> !note.isRest()).toList();
            Map<Integer, SheetNote> each = new HashMap<>();
            notes.forEach(note -> each.putIfAbsent(note.pitch().midi(), note));
            clean.addAll(
                    notes.isEmpty()
                            ? struck.subList(0, 1)
                            : each.values().stream()
                                    .sorted((one, other) -> Integer.compare(
                                            one.pitch().midi(), other.pitch().midi()))
                                    .toList());
        }
        List<SheetNote> mended = new ArrayList<>();
        for (SheetNote note : clean) {
            boolean goesOn =
                    clean.stream().anyMatch(other -> other.onset().equals(note.end()) && is(other, note.pitch()));
            boolean inBar = clean.stream().anyMatch(other -> other.onset().equals(note.end()));
            mended.add(note.tied() && inBar && !goesOn ? note.withTie(false) : note);
        }
        return mended;
    }
}
