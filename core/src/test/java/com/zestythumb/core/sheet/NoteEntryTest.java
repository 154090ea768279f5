package com.zestythumb.core.sheet;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;

import com.zestythumb.core.pitch.Pitch;
import com.zestythumb.core.sheet.NoteEntry.Hand;
import com.zestythumb.core.sheet.NoteEntry.Place;
import com.zestythumb.core.sheet.NoteEntry.Result;
import org.junit.jupiter.api.Test;

/** A page stepped in note by note, as one plays it from paper (common practice). */
class NoteEntryTest {

    private static final Place BEGINNING = new Place(0, Fraction.ZERO);

    private static String line(LeadSheet sheet, String voice) {
        return ChartWriter.write(sheet)
                .lines()
                .filter(line -> line.startsWith(voice))
                .findFirst()
                .orElse("");
    }

    private static Result put(LeadSheet sheet, Hand hand, Place place, String note, int quarters) {
        return new NoteEntry(sheet, hand).put(place, Pitch.parse(note), Fraction.of(quarters), false);
    }

    @Test
    void writesBassAndChordOfAWaltz() {
        Result step = put(Chart.parse("meter: 3/4\n| C | G7 |"), Hand.LEFT, BEGINNING, "C3", 1);
        for (int beat = 0; beat < 2; beat++) {
            step = put(step.sheet(), Hand.LEFT, step.next(), "E3", 1);
            step = new NoteEntry(step.sheet(), Hand.LEFT).add(step.next(), Pitch.parse("G3"));
        }
        assertThat(line(step.sheet(), "l:")).isEqualTo("l: C,2 [E,G,]2 [E,G,]2 |  |");
        assertThat(step.next()).isEqualTo(new Place(1, Fraction.ZERO));
    }

    /** A letter takes the octave nearest to the note before; a left hand begins an octave below middle C. */
    @Test
    void findsTheNearestNoteOfEachHand() {
        LeadSheet sheet = Chart.parse("| C |");
        assertThat(new NoteEntry(sheet, Hand.TUNE).nearest(BEGINNING, 'G', 0, false))
                .isEqualTo(Pitch.parse("G5"));
        assertThat(new NoteEntry(sheet, Hand.LEFT).nearest(BEGINNING, 'G', 0, false))
                .isEqualTo(Pitch.parse("G3"));
        LeadSheet begun = put(sheet, Hand.LEFT, BEGINNING, "C3", 1).sheet();
        assertThat(new NoteEntry(begun, Hand.LEFT).nearest(new Place(0, Fraction.of(1)), 'B', 0, false))
                .isEqualTo(Pitch.parse("B2"));
        assertThat(new NoteEntry(begun, Hand.LEFT).nearest(new Place(0, Fraction.of(1)), 'B', 0, true))
                .isEqualTo(Pitch.parse("B3"));
        LeadSheet sung = put(sheet, Hand.TUNE, BEGINNING, "C5", 1).sheet();
        assertThat(new NoteEntry(sung, Hand.TUNE).nearest(new Place(0, Fraction.of(1)), 'E', 0, true))
                .isEqualTo(Pitch.parse("E4"));
    }

    /** What is struck with a note that is tied over the bar line is held over it too. */
    @Test
    void strikesWithANoteHeldOverTheBarLine() {
        Result held = put(Chart.parse("| C | C |"), Hand.LEFT, new Place(0, Fraction.of(2)), "C3", 4);
        Result both = new NoteEntry(held.sheet(), Hand.LEFT).add(held.next(), Pitch.parse("G3"));
        assertThat(line(both.sheet(), "l:")).isEqualTo("l: z4 [C,-G,-]4 | [C,G,]4 z4 |");
    }

    /** The tune may have thirds; what it had stays the upper voice. */
    @Test
    void strikesBeneathTheTune() {
        Result tune = put(Chart.parse("| C |"), Hand.TUNE, BEGINNING, "E5", 4);
        LeadSheet thirds = new NoteEntry(tune.sheet(), Hand.TUNE)
                .add(tune.next(), Pitch.parse("C5"))
                .sheet();
        assertThat(line(thirds, "m:")).isEqualTo("m: [ce]8 |");
        assertThat(thirds.bars().get(0).melody()).extracting(SheetNote::pitch).containsExactly(Pitch.parse("E5"));
    }

    @Test
    void saysWhatCannotBeStruck() {
        LeadSheet sheet = Chart.parse("| C |");
        NoteEntry left = new NoteEntry(sheet, Hand.LEFT);
        assertThatThrownBy(() -> left.add(BEGINNING, Pitch.parse("C3"))).hasMessageContaining("no note before it");
        assertThatThrownBy(() -> left.put(BEGINNING, Pitch.parse("C8"), Fraction.of(1), false))
                .hasMessageContaining("take A0 to C6");
        Result full = put(sheet, Hand.LEFT, BEGINNING, "C3", 4);
        for (String note : new String[] {"D3", "E3", "F3", "G3"}) {
            full = new NoteEntry(full.sheet(), Hand.LEFT).add(full.next(), Pitch.parse(note));
        }
        Result five = full;
        assertThatThrownBy(() -> new NoteEntry(five.sheet(), Hand.LEFT).add(five.next(), Pitch.parse("A3")))
                .hasMessageContaining("five fingers");
    }
}
