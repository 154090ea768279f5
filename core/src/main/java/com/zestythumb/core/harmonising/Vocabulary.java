package com.zestythumb.core.harmonising;

import com.zestythumb.core.chord.Chord;
import com.zestythumb.core.chord.NumeralSymbol;
import com.zestythumb.core.harmonising.Choice.Does;
import com.zestythumb.core.pitch.Key;
import com.zestythumb.core.pitch.Mode;
import java.util.ArrayList;
import java.util.EnumMap;
import java.util.List;
import java.util.Map;

/**
 * The chords of a key by level, as numerals with what they do and what they cost, one row a mode; the order is that
 * of schoolbooks (common practice). A new chord is a new entry.
 */
final class Vocabulary {

    /** What it costs to take a chord that the level does not know yet: only where nothing else fits the tune. */
    static final double ABOVE_THE_LEVEL = 6;

    private static final double COLOUR = 0.35;

    private record Entry(String numeral, Does does, double price, Level level) {}

    private static final Map<Mode, List<Entry>> ENTRIES = new EnumMap<>(Mode.class);

    static {
        ENTRIES.put(
                Mode.MAJOR,
                List.of(
                        new Entry("I", Does.HOME, 0, Level.TWO_CHORDS),
                        new Entry("V", Does.DOMINANT, 0.2, Level.TWO_CHORDS),
                        new Entry("IV", Does.SUBDOMINANT, 0.3, Level.PLAIN),
                        new Entry("ii", Does.SUBDOMINANT, 0.6, Level.USUAL),
                        new Entry("vi", Does.STABLE, 0.6, Level.USUAL),
                        new Entry("iii", Does.STABLE, 2.0, Level.USUAL),
                        new Entry("II", Does.APPLIED, 1.7, Level.APPLIED),
                        new Entry("III", Does.APPLIED, 1.9, Level.APPLIED),
                        new Entry("VI", Does.APPLIED, 1.9, Level.APPLIED),
                        new Entry("I7", Does.APPLIED, 1.6, Level.APPLIED),
                        new Entry("iv", Does.SUBDOMINANT, 1.9, Level.RICH),
                        new Entry("bVII", Does.SUBDOMINANT, 2.2, Level.RICH),
                        new Entry("bVI", Does.SUBDOMINANT, 2.4, Level.RICH),
                        new Entry("I6", Does.HOME, 0.7, Level.RICH),
                        new Entry("V6", Does.DOMINANT, 0.8, Level.RICH),
                        new Entry("IV6", Does.SUBDOMINANT, 1.0, Level.RICH)));
        ENTRIES.put(
                Mode.MINOR,
                List.of(
                        new Entry("i", Does.HOME, 0, Level.TWO_CHORDS),
                        new Entry("V", Does.DOMINANT, 0.2, Level.TWO_CHORDS),
                        new Entry("iv", Does.SUBDOMINANT, 0.3, Level.PLAIN),
                        new Entry("III", Does.STABLE, 0.7, Level.USUAL),
                        new Entry("VI", Does.STABLE, 0.8, Level.USUAL),
                        new Entry("VII", Does.SUBDOMINANT, 0.7, Level.USUAL),
                        new Entry("v", Does.SUBDOMINANT, 1.6, Level.USUAL),
                        new Entry("ii°", Does.SUBDOMINANT, 1.5, Level.USUAL),
                        new Entry("IV", Does.SUBDOMINANT, 1.6, Level.APPLIED),
                        new Entry("I", Does.APPLIED, 1.9, Level.APPLIED),
                        new Entry("bII", Does.SUBDOMINANT, 2.0, Level.RICH),
                        new Entry("i6", Does.HOME, 0.7, Level.RICH),
                        new Entry("V6", Does.DOMINANT, 0.8, Level.RICH)));
        ENTRIES.put(
                Mode.DORIAN,
                List.of(
                        new Entry("i", Does.HOME, 0, Level.TWO_CHORDS),
                        new Entry("VII", Does.DOMINANT, 0.2, Level.TWO_CHORDS),
                        new Entry("IV", Does.SUBDOMINANT, 0.4, Level.PLAIN),
                        new Entry("III", Does.STABLE, 0.8, Level.USUAL),
                        new Entry("v", Does.STABLE, 0.9, Level.USUAL),
                        new Entry("ii", Does.SUBDOMINANT, 0.6, Level.USUAL)));
        ENTRIES.put(
                Mode.MIXOLYDIAN,
                List.of(
                        new Entry("I", Does.HOME, 0, Level.TWO_CHORDS),
                        new Entry("VII", Does.DOMINANT, 0.2, Level.TWO_CHORDS),
                        new Entry("IV", Does.SUBDOMINANT, 0.3, Level.PLAIN),
                        new Entry("v", Does.STABLE, 0.8, Level.USUAL),
                        new Entry("ii", Does.SUBDOMINANT, 0.6, Level.USUAL),
                        new Entry("vi", Does.STABLE, 0.6, Level.USUAL)));
    }

    private Vocabulary() {}

    /** The chords of a key; those above the level cost more. Other church modes are taken as major or minor. */
    static List<Choice> of(Key key, Level level) {
        boolean minor = key.mode().degree(3).semitones() == 3;
        Key plain = ENTRIES.containsKey(key.mode()) ? key : new Key(key.tonic(), minor ? Mode.MINOR : Mode.MAJOR);
        List<Choice> choices = new ArrayList<>();
        for (Entry entry : ENTRIES.get(plain.mode())) {
            Chord chord = NumeralSymbol.parse(entry.numeral(), plain).orElse(null);
            if (chord != null) {
                double above = entry.level().compareTo(level) > 0 ? ABOVE_THE_LEVEL : 0;
                int aboveTonic = chord.root().above(key.tonic());
                // Whoever wants it rich wants more than one, four and five.
                boolean colour = level == Level.RICH && entry.level().compareTo(Level.PLAIN) > 0;
                double price = entry.price() * (colour ? COLOUR : 1);
                choices.add(new Choice(chord, aboveTonic, entry.does(), price + above, entry.level()));
            }
        }
        return choices;
    }
}
