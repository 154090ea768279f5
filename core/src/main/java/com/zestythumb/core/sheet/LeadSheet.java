package com.zestythumb.core.sheet;

import com.zestythumb.core.pitch.Key;
import java.util.ArrayList;
import java.util.List;
import java.util.function.UnaryOperator;
import java.util.stream.IntStream;

/**
 * A tune as its chart gives it.
 *
 * @param heading title, key, meter, tempo and the rest
 * @param bars the bars as written, repeats not unfolded
 */
public record LeadSheet(Heading heading, List<Bar> bars) {

    /** A bar as it comes by in playing: which written bar, and which time it is played. */
    public record Played(int bar, int time) {}

    public LeadSheet {
        bars = List.copyOf(bars);
    }

    public String title() {
        return heading.title();
    }

    public Key key() {
        return heading.key();
    }

    public Meter meter() {
        return heading.meter();
    }

    public int tempo() {
        return heading.tempo();
    }

    /** The key that somebody named for a bar, or null where it is to be heard. */
    public Key toldKey(Bar bar) {
        return heading.keyTold() || !bar.key().equals(heading.key()) ? bar.key() : null;
    }

    /** The same music under the signature of the key in which it is heard, where nobody named one. */
    public LeadSheet heardIn(Key heard) {
        Heading other = heading.heardIn(heard);
        return new LeadSheet(
                other,
                bars.stream()
                        .map(bar -> toldKey(bar) == null ? bar.withKey(heard) : bar)
                        .toList());
    }

    /** Whether somebody wrote clefs to the left hand. */
    public boolean hasClefs() {
        return bars.stream()
                .flatMap(bar -> bar.left().stream().flatMap(List::stream))
                .anyMatch(note ->
                        note.signs().contains(NoteSign.TREBLE) || note.signs().contains(NoteSign.BASS));
    }

    public boolean hasMelody() {
        return bars.stream().anyMatch(bar -> !bar.melody().isEmpty());
    }

    /** How many verses the tune has; 0 where nothing is sung. */
    public int verses() {
        IntStream sung = bars.stream()
                .flatMap(bar -> bar.melody().stream())
                .mapToInt(note -> note.verses().size());
        IntStream said = bars.stream()
                .filter(bar -> !bar.text().words().isEmpty())
                .mapToInt(bar -> bar.text().words().split("\n").length);
        return IntStream.concat(sung, said).max().orElse(0);
    }

    /** Every chord event in the written order. */
    public List<ChordEvent> events() {
        return bars.stream().flatMap(bar -> bar.events().stream()).toList();
    }

    /** The bars as they are played: repeats, endings and jumps unfolded. */
    public List<Played> unfolded() {
        return new Unfolding(bars).order();
    }

    /** Indices of the written bars in the order in which they are played. */
    public List<Integer> playingOrder() {
        return unfolded().stream().map(Played::bar).toList();
    }

    /** How a teacher calls a bar as it comes by: {@code "bar 7"}, {@code "second time, bar 7"}. */
    public String call(Played played) {
        String bar = "bar " + bars.get(played.bar()).number();
        String[] times = {"", "", "second time, ", "third time, ", "fourth time, "};
        return (played.time() < times.length ? times[played.time()] : played.time() + "th time, ") + bar;
    }

    /** When each bar begins, in quarter notes from the beginning of the tune as it is written. */
    public List<Fraction> barStarts() {
        List<Fraction> starts = new ArrayList<>();
        Fraction at = Fraction.ZERO;
        for (Bar bar : bars) {
            starts.add(at);
            at = at.plus(bar.length());
        }
        return starts;
    }

    /** Seconds a quarter note lasts. */
    public double secondsPerQuarter() {
        return 60.0 / (tempo() * meter().tempoBeat().toDouble());
    }

    /** Some bars alone, counted from 0 and played once, in the key of the first. */
    public LeadSheet excerpt(int from, int to) {
        return new LeadSheet(
                heading.withKey(bars.get(from).key()).withMeter(bars.get(from).meter()),
                IntStream.range(from, to)
                        .mapToObj(i -> bars.get(i).at(i - from))
                        .toList());
    }

    /** The same heading over other bars. */
    public LeadSheet mapBars(UnaryOperator<Bar> change) {
        return new LeadSheet(heading, bars.stream().map(change).toList());
    }
}
