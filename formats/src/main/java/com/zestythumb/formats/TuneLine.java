package com.zestythumb.formats;

import com.zestythumb.core.pitch.Pitch;
import com.zestythumb.core.sheet.Fraction;
import com.zestythumb.core.sheet.MelodyNote;
import com.zestythumb.core.sheet.Tuplet;
import java.util.ArrayList;
import java.util.List;

/** Gathers a bar's tune from notes as a file has them: of those struck together the highest, tuplets in groups. */
public final class TuneLine {

    /** So many in the time of so many. */
    public record InTuplet(int actual, int normal) {}

    private record Raw(
            Pitch pitch, Fraction onset, Fraction duration, boolean tied, String syllable, InTuplet tuplet) {}

    private final List<MelodyNote> melody;
    private final List<Raw> raw = new ArrayList<>();

    /** Fills the list when {@link #finish} is called. */
    public TuneLine(List<MelodyNote> melody) {
        this.melody = melody;
    }

    /** Adds a note, or a rest where the pitch is null. */
    public void add(Pitch pitch, Fraction onset, Fraction duration, boolean tied, String syllable, InTuplet tuplet) {
        Raw note = new Raw(pitch, onset, duration, tied, syllable, tuplet);
        Raw last = raw.isEmpty() ? null : raw.get(raw.size() - 1);
        if (last != null && last.onset().equals(onset)) {
            boolean higher = pitch != null
                    && (last.pitch() == null || pitch.midi() > last.pitch().midi());
            String sung = syllable.isEmpty() ? last.syllable() : syllable;
            Raw kept = higher ? note : last;
            raw.set(raw.size() - 1, new Raw(kept.pitch(), onset, kept.duration(), kept.tied(), sung, kept.tuplet()));
        } else {
            raw.add(note);
        }
    }

    /** Hands over the notes. */
    public void finish() {
        int from = 0;
        while (from < raw.size()) {
            int to = endOfGroup(from);
            for (int i = from; i < to; i++) {
                Raw note = raw.get(i);
                Tuplet tuplet = note.tuplet() == null
                        ? null
                        : new Tuplet(note.tuplet().actual(), note.tuplet().normal(), i - from, to - from);
                melody.add(new MelodyNote(
                        note.pitch(), note.onset(), note.duration(), note.tied(), tuplet, note.syllable()));
            }
            from = to;
        }
    }

    /** A tuplet ends where its notes add up to a plain length again. */
    private int endOfGroup(int from) {
        InTuplet tuplet = raw.get(from).tuplet();
        if (tuplet == null) {
            return from + 1;
        }
        Fraction sum = Fraction.ZERO;
        for (int i = from; i < raw.size(); i++) {
            if (!tuplet.equals(raw.get(i).tuplet())) {
                return i;
            }
            sum = sum.plus(raw.get(i).duration());
            boolean plain = Long.bitCount(sum.denominator()) == 1;
            if (plain && i > from || i - from == 8) {
                return i + 1;
            }
        }
        return raw.size();
    }
}
