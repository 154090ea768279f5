package com.zestythumb.formats.musicxml;

import com.zestythumb.core.sheet.Fraction;
import com.zestythumb.core.sheet.NoteSign;
import com.zestythumb.core.sheet.SheetNote;
import java.util.ArrayList;
import java.util.List;
import java.util.Set;

/** The signs that a measure of a file gives to one hand by their time, until the notes are known at which they stand. */
final class SignsInTime {

    /** A foot may follow the hand by so much. */
    private static final Fraction JUST_AFTER = Fraction.of(1, 8);

    private record Placed(Fraction at, NoteSign sign) {}

    private final List<Placed> signs = new ArrayList<>();
    /** The hairpin that is open, or null. */
    private NoteSign hairpin;

    private NoteSign clef;

    /** Begins with the clef that its staff has unless told. */
    SignsInTime(NoteSign clef) {
        this.clef = clef;
    }

    void direction(XmlNode type, Fraction at) {
        for (NoteSign sign : SignTags.ofDirection(type, hairpin)) {
            hairpin = sign == NoteSign.LOUDER || sign == NoteSign.SOFTER ? sign : hairpin;
            signs.add(new Placed(at, sign));
        }
    }

    /** Takes a clef; one that is in force already is no change. */
    void clef(NoteSign other, Fraction at) {
        if (other != clef) {
            signs.add(new Placed(at, other));
        }
        clef = other;
    }

    /** Gives each to the first note or rest from its time on, of a chord the highest, or where none is left to the last. */
    void lay(List<List<SheetNote>> voices) {
        for (Placed placed : signs) {
            Fraction from = placed.at().minus(JUST_AFTER);
            List<SheetNote> there = null;
            int place = -1;
            for (List<SheetNote> voice : voices) {
                int here = first(voice, from);
                boolean sooner = here >= 0
                        && (place < 0
                                || voice.get(here)
                                        .onset()
                                        .isBefore(there.get(place).onset()));
                there = sooner ? voice : there;
                place = sooner ? here : place;
            }
            if (place < 0 && !voices.isEmpty() && !voices.get(0).isEmpty()) {
                there = voices.get(0);
                place = there.size() - 1;
            }
            while (place >= 0
                    && place + 1 < there.size()
                    && there.get(place + 1).isWith(there.get(place))) {
                place++;
            }
            if (place >= 0) {
                there.set(place, there.get(place).plus(Set.of(placed.sign())));
            }
        }
        signs.clear();
    }

    private static int first(List<SheetNote> voice, Fraction from) {
        for (int i = 0; i < voice.size(); i++) {
            if (!voice.get(i).onset().isBefore(from)) {
                return i;
            }
        }
        return -1;
    }
}
