package com.zestythumb.core.arrangement;

import com.zestythumb.core.pitch.Pitch;
import com.zestythumb.core.pitch.PitchClass;
import com.zestythumb.core.sheet.Bar;
import com.zestythumb.core.sheet.BarFilling;
import com.zestythumb.core.sheet.Fraction;
import com.zestythumb.core.sheet.LeadSheet;
import com.zestythumb.core.sheet.SheetNote;
import com.zestythumb.core.voicing.ChordTone;
import com.zestythumb.core.voicing.Grip;
import com.zestythumb.core.voicing.Tone;
import java.util.ArrayList;
import java.util.List;
import java.util.Set;
import java.util.TreeMap;
import java.util.stream.Collectors;

/**
 * A left hand in three passes: its bass alone, its chords held, and as it is written; cut from the same notes, with the same
 * fingers (common practice).
 */
public final class PracticeReductions {

    /**
     * One of them.
     *
     * @param sheet the tune with that left hand, written
     */
    public record Pass(String name, LeadSheet sheet) {}

    private PracticeReductions() {}

    /** The passes that are plainer than the hand itself, the plainest first. O(notes). */
    public static List<Pass> of(Arrangement tune) {
        List<Pass> passes = new ArrayList<>(
                List.of(new Pass("The bass alone", cut(tune, true)), new Pass("The chords, held", cut(tune, false))));
        int span = tune.choices().hand().span();
        LeadSheet nearer = tune.sheet().mapBars(bar -> nearer(bar, span));
        if (!nearer.equals(tune.sheet())) {
            passes.add(new Pass("Easier, for this hand", nearer));
        }
        LeadSheet fewer = nearer.mapBars(PracticeReductions::onTheBeats);
        if (!fewer.equals(nearer)) {
            passes.add(new Pass("Easier, on the beats", fewer));
        }
        return passes;
    }

    /**
     * A written bar with what is struck on its beats alone, each held until the next; a bar that would lose its lowest note or the
     * third or seventh of a chord stays as it is.
     */
    private static Bar onTheBeats(Bar bar) {
        Bar fewer = bar.withLeft(bar.left().stream()
                .map(voice -> onTheBeats(voice, bar))
                .filter(voice -> !voice.isEmpty())
                .toList());
        Set<PitchClass> before = names(bar);
        Set<PitchClass> after = names(fewer);
        boolean keeps = lowest(bar) == lowest(fewer)
                && bar.events().stream()
                        .filter(event -> !event.isSilent())
                        .flatMap(event -> event.chord().tones().stream()
                                .filter(tone -> isTelling(ChordTone.of(event.chord(), tone))))
                        .allMatch(tone -> after.contains(tone) || !before.contains(tone));
        return keeps ? fewer : bar;
    }

    private static boolean isTelling(ChordTone member) {
        return member == ChordTone.THIRD || member == ChordTone.SEVENTH;
    }

    private static Set<PitchClass> names(Bar bar) {
        return bar.allOfLeft().stream()
                .filter(note -> !note.isRest())
                .map(note -> note.pitch().pitchClass())
                .collect(Collectors.toSet());
    }

    private static int lowest(Bar bar) {
        return bar.allOfLeft().stream()
                .filter(note -> !note.isRest())
                .mapToInt(note -> note.pitch().midi())
                .min()
                .orElse(0);
    }

    private static List<SheetNote> onTheBeats(List<SheetNote> voice, Bar bar) {
        List<List<SheetNote>> kept = SheetNote.struckTogether(voice).stream()
                .filter(struck -> struck.get(0)
                        .onset()
                        .plus(bar.offset())
                        .dividedBy(bar.meter().beatLength())
                        .isWhole())
                .toList();
        List<SheetNote> fewer = new ArrayList<>();
        for (int i = 0; i < kept.size(); i++) {
            Fraction onset = kept.get(i).get(0).onset();
            Fraction end = i + 1 < kept.size() ? kept.get(i + 1).get(0).onset() : bar.length();
            for (SheetNote note : kept.get(i)) {
                boolean whole = note.end().equals(end);
                fewer.add(note.at(onset, end.minus(onset))
                        .withTuplet(whole ? note.tuplet() : null)
                        .withTie(whole && note.tied()));
            }
        }
        boolean writable =
                fewer.stream().allMatch(note -> note.tuplet() == null && BarFilling.isWritable(note.duration()));
        return writable ? BarFilling.withRests(fewer, bar.length()) : voice;
    }

    /**
     * A written bar for a smaller hand: what is struck together keeps its lowest note; of the rest, what lies beyond the hand
     * comes an octave lower where its key is free and in reach, and else is left out.
     */
    private static Bar nearer(Bar bar, int span) {
        return bar.withLeft(bar.left().stream()
                .map(voice -> SheetNote.struckTogether(voice).stream()
                        .flatMap(struck -> nearer(struck, span).stream())
                        .toList())
                .toList());
    }

    private static List<SheetNote> nearer(List<SheetNote> struck, int span) {
        if (struck.get(0).isRest()) {
            return struck;
        }
        int lowest = struck.stream().mapToInt(note -> note.pitch().midi()).min().orElseThrow();
        if (struck.stream().allMatch(note -> note.pitch().midi() - lowest <= span)) {
            return struck;
        }
        TreeMap<Integer, SheetNote> kept = new TreeMap<>();
        for (SheetNote note : struck) {
            Pitch pitch = note.pitch();
            boolean far = pitch.midi() - lowest > span;
            SheetNote near = far
                    ? note.with(new Pitch(pitch.pitchClass(), pitch.octave() - 1))
                            .withFinger(0)
                            .withTie(false)
                    : note;
            int above = near.pitch().midi() - lowest;
            if (!far || above > 0 && above <= span) {
                kept.putIfAbsent(near.pitch().midi(), near);
            }
        }
        return List.copyOf(kept.values());
    }

    private static LeadSheet cut(Arrangement tune, boolean bass) {
        return tune.sheet().mapBars(bar -> {
            List<SheetNote> voice = new ArrayList<>();
            for (ArrangedChord chord : tune.chords()) {
                boolean here =
                        chord.event().bar() == bar.index() && !chord.voicing().isSilent();
                if (here && bass) {
                    add(chord, 0, 1, chord.event().start(), chord.event().duration(), voice);
                } else if (here) {
                    addHeld(chord, bar, voice);
                }
            }
            return bar.withLeft(List.of(BarFilling.withRests(voice, bar.length())));
        });
    }

    /** A chord that lies under the hand at once, or its first grip for a beat and then its last. */
    private static void addHeld(ArrangedChord chord, Bar bar, List<SheetNote> voice) {
        List<Grip> grips = chord.voicing().grips();
        Fraction start = chord.event().start();
        Fraction all = chord.event().duration();
        int last = grips.size() - 1;
        Fraction first =
                last == 0 ? all : all.dividedBy(Fraction.of(2)).min(bar.meter().beatLength());
        add(chord, 0, grips.get(0).tones().size(), start, first, voice);
        if (last > 0) {
            add(chord, last, grips.get(last).tones().size(), start.plus(first), all.minus(first), voice);
        }
    }

    private static void add(
            ArrangedChord chord, int grip, int notes, Fraction onset, Fraction lasts, List<SheetNote> voice) {
        List<Tone> tones = chord.voicing().grips().get(grip).tones();
        boolean none = tones.stream().allMatch(tone -> tone.member() == ChordTone.FOREIGN);
        for (int i = 0; i < notes; i++) {
            // What passes by is no note of the chord.
            if (notes == 1 || none || tones.get(i).member() != ChordTone.FOREIGN) {
                voice.add(new SheetNote(tones.get(i).pitch(), onset, lasts)
                        .withFinger(chord.fingers().get(grip).get(i)));
            }
        }
    }
}
