package com.zestythumb.core.sheet;

import com.zestythumb.core.pitch.Pitch;
import java.util.ArrayList;
import java.util.Collection;
import java.util.Comparator;
import java.util.EnumSet;
import java.util.List;
import java.util.Map;
import java.util.Set;
import java.util.TreeSet;
import java.util.stream.Collectors;

/**
 * A note or rest as it stands in a voice of the sheet; notes struck together follow one another with one onset and length.
 *
 * @param pitch the pitch; null for a rest
 * @param onset quarter notes after the bar line
 * @param duration quarter notes that it sounds
 * @param tied whether it is tied to the next note
 * @param tuplet its place in a tuplet, or null
 * @param verses the syllables sung to it, verse by verse; an empty one where a verse has none, none behind the last
 * @param finger the finger written to it, 1 to 5; 0 where there is none
 * @param touch how its key is played
 * @param signs what else stands at it
 */
public record SheetNote(
        Pitch pitch,
        Fraction onset,
        Fraction duration,
        boolean tied,
        Tuplet tuplet,
        List<String> verses,
        int finger,
        Touch touch,
        Set<NoteSign> signs) {

    /** Rests first; of two names of one key the one that is written lower. */
    private static final Comparator<SheetNote> FROM_THE_LOWEST = Comparator.<SheetNote>comparingInt(
                    note -> note.isRest() ? 0 : note.pitch.midi())
            .thenComparingInt(note -> note.isRest() ? 0 : note.pitch.staffStep());

    public SheetNote {
        verses = withoutEmptyEnd(verses);
        signs = Set.copyOf(signs);
    }

    public SheetNote(Pitch pitch, Fraction onset, Fraction duration) {
        this(pitch, onset, duration, false, null, "");
    }

    /** A note with no finger written to it. */
    public SheetNote(Pitch pitch, Fraction onset, Fraction duration, boolean tied, Tuplet tuplet, String syllable) {
        this(pitch, onset, duration, tied, tuplet, List.of(syllable), 0, Touch.PLAIN, Set.of());
    }

    private static List<String> withoutEmptyEnd(List<String> verses) {
        int count = verses.size();
        while (count > 0 && verses.get(count - 1).isEmpty()) {
            count--;
        }
        return List.copyOf(verses.subList(0, count));
    }

    /** What is sung to it in a verse, from 0; empty where there is nothing. */
    public String syllable(int verse) {
        return verse < verses.size() ? verses.get(verse) : "";
    }

    public boolean isRest() {
        return pitch == null;
    }

    public Fraction end() {
        return onset.plus(duration);
    }

    /** How long it is written: a triplet eighth is an eighth. */
    public Fraction written() {
        return tuplet == null ? duration : tuplet.written(duration);
    }

    /** Whether another note lies on a key below it, or on the same one by another name. */
    private boolean isOver(SheetNote other) {
        return FROM_THE_LOWEST.compare(other, this) < 0;
    }

    /** Whether it is struck with another one of its voice. */
    public boolean isWith(SheetNote other) {
        return onset.equals(other.onset);
    }

    /** The notes of a voice by what is struck at one time. */
    public static List<List<SheetNote>> struckTogether(List<SheetNote> voice) {
        List<List<SheetNote>> struck = new ArrayList<>();
        for (int from = 0; from < voice.size(); ) {
            int to = from + 1;
            while (to < voice.size() && voice.get(to).isWith(voice.get(from))) {
                to++;
            }
            struck.add(voice.subList(from, to));
            from = to;
        }
        return struck;
    }

    /** Notes struck together from the lowest, with all their signs at the highest. */
    public static List<SheetNote> chord(List<SheetNote> notes) {
        List<SheetNote> chord = new ArrayList<>();
        notes.stream().sorted(FROM_THE_LOWEST).forEach(note -> chord.add(note.withSigns(Set.of())));
        chord.add(chord.remove(chord.size() - 1).withSigns(signs(notes)));
        return chord;
    }

    /** Of a voice the highest of those struck together. */
    public static List<SheetNote> highest(List<SheetNote> voice) {
        return struckTogether(voice).stream()
                .map(struck -> struck.get(struck.size() - 1))
                .toList();
    }

    /** Of a voice all but the highest of those struck together. */
    public static List<SheetNote> beneath(List<SheetNote> voice) {
        return struckTogether(voice).stream()
                .flatMap(struck -> struck.subList(0, struck.size() - 1).stream())
                .toList();
    }

    /** A tune with what is struck with its notes, as one voice; what finds no note at its time is left out. */
    public static List<SheetNote> merged(List<SheetNote> tune, List<SheetNote> with) {
        List<SheetNote> voice = new ArrayList<>();
        Map<Fraction, List<SheetNote>> byOnset = with.stream().collect(Collectors.groupingBy(SheetNote::onset));
        for (SheetNote note : tune) {
            byOnset.getOrDefault(note.onset, List.of()).stream()
                    .filter(other -> other.isWith(note) && !note.isRest() && note.isOver(other))
                    .map(other -> other.at(note.onset(), note.duration()).withTuplet(note.tuplet()))
                    .forEach(voice::add);
            voice.add(note);
        }
        return voice;
    }

    /** All that stands at some of them. */
    public static Set<NoteSign> signs(Collection<SheetNote> notes) {
        return notes.stream().flatMap(note -> note.signs.stream()).collect(Collectors.toCollection(TreeSet::new));
    }

    public SheetNote with(Pitch other) {
        return new SheetNote(other, onset, duration, tied, tuplet, verses, finger, touch, signs);
    }

    /** With the syllable of one verse, from 0. */
    public SheetNote withSyllable(int verse, String sung) {
        List<String> all = new ArrayList<>(verses);
        while (all.size() <= verse) {
            all.add("");
        }
        all.set(verse, sung);
        return withVerses(all);
    }

    public SheetNote withVerses(List<String> others) {
        return new SheetNote(pitch, onset, duration, tied, tuplet, others, finger, touch, signs);
    }

    public SheetNote withTie(boolean toNext) {
        return new SheetNote(pitch, onset, duration, toNext, tuplet, verses, finger, touch, signs);
    }

    public SheetNote withTuplet(Tuplet other) {
        return new SheetNote(pitch, onset, duration, tied, other, verses, finger, touch, signs);
    }

    public SheetNote withFinger(int other) {
        return new SheetNote(pitch, onset, duration, tied, tuplet, verses, other, touch, signs);
    }

    public SheetNote withTouch(Touch other) {
        return new SheetNote(pitch, onset, duration, tied, tuplet, verses, finger, other, signs);
    }

    public SheetNote withSigns(Set<NoteSign> others) {
        return new SheetNote(pitch, onset, duration, tied, tuplet, verses, finger, touch, others);
    }

    public SheetNote without(NoteSign sign) {
        return withSigns(signs.stream().filter(one -> one != sign).collect(Collectors.toSet()));
    }

    /** With some more of them. */
    public SheetNote plus(Set<NoteSign> more) {
        Set<NoteSign> all = EnumSet.noneOf(NoteSign.class);
        all.addAll(signs);
        more.forEach(sign -> NoteSign.add(sign, all));
        return withSigns(all);
    }

    /** The same at another time. */
    public SheetNote at(Fraction otherOnset, Fraction otherDuration) {
        return new SheetNote(pitch, otherOnset, otherDuration, tied, tuplet, verses, finger, touch, signs);
    }
}
