package com.zestythumb.formats;

import com.zestythumb.core.chord.Chord;
import com.zestythumb.core.hearing.Sounding;
import com.zestythumb.core.pitch.Key;
import com.zestythumb.core.pitch.Pitch;
import com.zestythumb.core.sheet.ChordEvent;
import com.zestythumb.core.sheet.Fraction;
import com.zestythumb.core.sheet.Mark;
import com.zestythumb.core.sheet.Meter;
import com.zestythumb.core.sheet.SheetNote;
import java.util.ArrayList;
import java.util.EnumSet;
import java.util.List;
import java.util.Set;
import java.util.TreeMap;
import java.util.function.Function;
import java.util.stream.Stream;

/** A bar while a file is read: whatever the format tells of it, in the file's own order. */
public final class BroughtBar {

    public final Key key;
    public final Meter meter;

    /** Quarter notes; the meter's bar unless the file says otherwise. */
    public Fraction length;

    /** Whether it ends where a full bar would. */
    boolean pickup;

    public String section;
    public String words = "";
    public boolean startsRepeat;
    public int timesPlayed = 1;
    public boolean endsDouble;
    public List<Integer> ending = List.of();
    /** A new line begins here. */
    public boolean beginsLine;

    public final Set<Mark> marks = EnumSet.noneOf(Mark.class);
    public final List<String> notes = new ArrayList<>();
    /** Chord symbols by their place; a null chord is a silence. */
    public final TreeMap<Fraction, Symbol> symbols = new TreeMap<>(Fraction::compareTo);
    /** The tune, in order and without overlap; gaps are rests. */
    public final List<SheetNote> melody = new ArrayList<>();
    /** What is struck with the notes of the tune. */
    public final List<SheetNote> withTune = new ArrayList<>();
    /** Voices beneath the tune on its staff; gaps are rests. */
    public final List<List<SheetNote>> beneath = new ArrayList<>();
    /** The voices of the left hand, where the file has one; gaps are rests. */
    public final List<List<SheetNote>> left = new ArrayList<>();
    /** Everything that sounds and might tell the chords; read it, but add by {@link #sound}. */
    public final List<Sounding> sounding = new ArrayList<>();

    /** More than ten fingers strike in sixty-fourths; what goes beyond is left aside. */
    private static final int MOST_SOUNDING = 400;

    /** Takes the voices of the upper staff, the tune with what is struck with its notes first. */
    public void setUpper(List<List<SheetNote>> voices) {
        melody.clear();
        withTune.clear();
        beneath.clear();
        if (!voices.isEmpty()) {
            melody.addAll(SheetNote.highest(voices.get(0)));
            withTune.addAll(SheetNote.beneath(voices.get(0)));
            beneath.addAll(voices.subList(1, voices.size()));
        }
    }

    /** Moves all that is in the bar away from its beginning, which makes the bar so much longer; rests fill the gap. */
    void beginLater(Fraction by) {
        if (by.equals(Fraction.ZERO)) {
            return;
        }
        melody.replaceAll(note -> moved(note, by));
        withTune.replaceAll(note -> moved(note, by));
        Stream.of(beneath, left)
                .forEach(voices -> voices.replaceAll(
                        voice -> voice.stream().map(note -> moved(note, by)).toList()));
        sounding.replaceAll(one -> moved(one, by));
        TreeMap<Fraction, Symbol> moved = new TreeMap<>(Fraction::compareTo);
        symbols.forEach((at, symbol) -> moved.put(at.plus(by), symbol));
        symbols.clear();
        symbols.putAll(moved);
        length = length.plus(by);
    }

    /**
     * The bar as so many bars of a length, of which the last has the rest: this one and those that follow it. What sounds
     * over their borders is tied.
     */
    List<BroughtBar> inBars(int count, Fraction full) {
        if (count == 1) {
            return List.of(this);
        }
        List<BroughtBar> bars = new ArrayList<>(List.of(this));
        while (bars.size() < count) {
            bars.add(new BroughtBar(key, meter));
            bars.get(bars.size() - 1).length = full;
        }
        BroughtBar last = bars.get(count - 1);
        last.length = length.minus(full.times(count - 1));
        length = full;
        last.timesPlayed = timesPlayed;
        timesPlayed = 1;
        marks.stream().filter(Mark::isAtEnd).forEach(last.marks::add);
        marks.removeAll(last.marks);
        part(full, bars, bar -> bar.melody);
        part(full, bars, bar -> bar.withTune);
        partVoices(full, bars, bar -> bar.beneath);
        partVoices(full, bars, bar -> bar.left);
        List<Sounding> all = List.copyOf(sounding);
        sounding.clear();
        for (Sounding one : all) {
            Fraction end = one.onset().plus(one.duration());
            Fraction from = one.onset();
            while (from.isBefore(end)) {
                int bar = place(from, full, count);
                Fraction to = bar == count - 1 ? end : end.min(full.times(bar + 1));
                bars.get(bar).sound(new Sounding(one.midi(), one.name(), from.minus(full.times(bar)), to.minus(from)));
                from = to;
            }
        }
        TreeMap<Fraction, Symbol> written = new TreeMap<>(symbols);
        symbols.clear();
        written.forEach((at, symbol) -> {
            int bar = place(at, full, count);
            bars.get(bar).symbols.put(at.minus(full.times(bar)), symbol);
        });
        return bars;
    }

    private static void partVoices(
            Fraction full, List<BroughtBar> bars, Function<BroughtBar, List<List<SheetNote>>> ofHand) {
        for (int i = 0; i < ofHand.apply(bars.get(0)).size(); i++) {
            int place = i;
            List<List<SheetNote>> first = ofHand.apply(bars.get(0));
            first.set(i, new ArrayList<>(first.get(i)));
            bars.subList(1, bars.size()).forEach(bar -> ofHand.apply(bar).add(new ArrayList<>()));
            part(full, bars, bar -> ofHand.apply(bar).get(place));
        }
    }

    /** Lays a voice of the first bar into all of them; what reaches over their borders is tied. */
    private static void part(Fraction full, List<BroughtBar> bars, Function<BroughtBar, List<SheetNote>> into) {
        int count = bars.size();
        List<SheetNote> voice = List.copyOf(into.apply(bars.get(0)));
        into.apply(bars.get(0)).clear();
        for (SheetNote note : voice) {
            Fraction from = note.onset();
            while (from.isBefore(note.end())) {
                int bar = place(from, full, count);
                Fraction to = bar == count - 1 ? note.end() : note.end().min(full.times(bar + 1));
                boolean goesOn = to.isBefore(note.end());
                boolean begins = from.equals(note.onset());
                into.apply(bars.get(bar))
                        .add(note.at(from.minus(full.times(bar)), to.minus(from))
                                .withTie(goesOn ? !note.isRest() : note.tied())
                                .withTuplet(begins && !goesOn ? note.tuplet() : null)
                                .withVerses(begins ? note.verses() : List.of()));
                from = to;
            }
        }
    }

    private static int place(Fraction at, Fraction full, int count) {
        return (int) Math.min(count - 1, at.dividedBy(full).floor());
    }

    private static SheetNote moved(SheetNote note, Fraction by) {
        return note.at(note.onset().plus(by), note.duration());
    }

    private static Sounding moved(Sounding one, Fraction by) {
        return new Sounding(one.midi(), one.name(), one.onset().plus(by), one.duration());
    }

    /**
     * A chord symbol.
     *
     * @param chord the chord; null for silence
     * @param unread the symbol as it was written, if it is no chord known here; else empty
     */
    public record Symbol(Chord chord, String unread) {

        public Symbol(Chord chord) {
            this(chord, "");
        }

        /** A symbol that cannot be read: it stays as it was written, without what would break a chart. */
        public static Symbol unread(String text) {
            return new Symbol(
                    null,
                    text.strip().equals(ChordEvent.OPEN) ? ChordEvent.OPEN : text.replaceAll("[\\s|{}\"?:=!>]", ""));
        }
    }

    public BroughtBar(Key key, Meter meter) {
        this.key = key;
        this.meter = meter;
        this.length = meter.barLength();
    }

    /** Quarter notes of the meter's bar that lie before it. */
    Fraction offset() {
        return pickup ? meter.barLength().minus(length) : Fraction.ZERO;
    }

    /** Adds a note that helps to tell the chords. */
    public void sound(int midi, Fraction onset, Fraction duration) {
        sound(new Sounding(midi, onset, duration));
    }

    /** The same as the file spells it. */
    public void sound(Pitch pitch, Fraction onset, Fraction duration) {
        sound(new Sounding(pitch.midi(), pitch.pitchClass(), onset, duration));
    }

    private void sound(Sounding note) {
        if (sounding.size() < MOST_SOUNDING) {
            sounding.add(note);
        }
    }

    /** The same bar in another key. */
    public BroughtBar inKey(Key other) {
        BroughtBar bar = new BroughtBar(other, meter);
        bar.length = length;
        bar.pickup = pickup;
        bar.section = section;
        bar.words = words;
        bar.startsRepeat = startsRepeat;
        bar.timesPlayed = timesPlayed;
        bar.ending = ending;
        bar.beginsLine = beginsLine;
        bar.marks.addAll(marks);
        bar.notes.addAll(notes);
        bar.symbols.putAll(symbols);
        bar.melody.addAll(melody);
        bar.withTune.addAll(withTune);
        bar.beneath.addAll(beneath);
        bar.left.addAll(left);
        bar.sounding.addAll(sounding);
        return bar;
    }
}
