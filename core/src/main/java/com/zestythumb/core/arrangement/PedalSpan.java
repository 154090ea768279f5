package com.zestythumb.core.arrangement;

import com.zestythumb.core.sheet.Bar;
import com.zestythumb.core.sheet.ChordEvent;
import com.zestythumb.core.sheet.Fraction;
import com.zestythumb.core.sheet.LeadSheet;
import com.zestythumb.core.sheet.NoteSign;
import com.zestythumb.core.sheet.SheetNote;
import java.util.ArrayList;
import java.util.Comparator;
import java.util.List;
import java.util.Set;
import java.util.stream.Collectors;
import java.util.stream.Stream;

/**
 * The foot is down for a while, within one bar.
 *
 * @param bar index of the written bar, from 0
 * @param down quarter notes after the bar line at which the chord is that the pedal is for; the foot itself goes down
 *     {@link #delay} later
 * @param up when it comes up
 * @param delay quarter notes
 */
public record PedalSpan(int bar, Fraction down, Fraction up, Fraction delay) {

    private static final Fraction EIGHTH = Fraction.of(1, 2);

    /** A foot that follows the hand: so little later that nothing of the chord before is caught. */
    private static final Fraction JUST_AFTER = Fraction.of(1, 8);

    /**
     * When the foot is down in a tune, in the written order: with every chord and every bar anew where it is joined, once in
     * a bar where it is separated (common practice). In a bar where a pedal is written to notes it goes before what was chosen; a
     * chord that goes on over a bar line is one. O(chords).
     */
    public static List<PedalSpan> of(Arrangement arrangement) {
        List<PedalSpan> spans = new ArrayList<>(written(arrangement.sheet()));
        Set<Integer> own = spans.stream().map(PedalSpan::bar).collect(Collectors.toSet());
        chosen(arrangement).stream().filter(span -> !own.contains(span.bar())).forEach(spans::add);
        spans.sort(Comparator.comparingInt(PedalSpan::bar).thenComparing(PedalSpan::down));
        return spans;
    }

    private static List<PedalSpan> chosen(Arrangement arrangement) {
        return switch (arrangement.choices().playing().pedal()) {
            case NONE -> List.of();
            case JOINED -> joined(arrangement);
            case SEPARATED -> separated(arrangement);
        };
    }

    /** The pedal as it stands at the notes, a span for each bar in which the foot is down; none where none is written. */
    public static List<PedalSpan> written(LeadSheet sheet) {
        List<PedalSpan> spans = new ArrayList<>();
        boolean down = false;
        for (Bar bar : sheet.bars()) {
            Fraction from = Fraction.ZERO;
            for (SheetNote note : Stream.concat(bar.allOfUpper().stream(), bar.allOfLeft().stream())
                    .filter(note -> note.signs().stream().anyMatch(sign -> sign.kind() == NoteSign.Kind.PEDAL))
                    .sorted(Comparator.comparing(SheetNote::onset))
                    .toList()) {
                if (down && note.onset().isAfter(from)) {
                    spans.add(new PedalSpan(bar.index(), from, note.onset(), Fraction.ZERO));
                }
                boolean both = note.signs().containsAll(Set.of(NoteSign.PEDAL, NoteSign.PEDAL_END));
                down = !both && !note.signs().contains(NoteSign.PEDAL_END);
                from = note.onset();
                if (both) {
                    spans.add(new PedalSpan(bar.index(), from, note.end(), Fraction.ZERO));
                }
            }
            if (down && from.isBefore(bar.length())) {
                spans.add(new PedalSpan(bar.index(), from, bar.length(), Fraction.ZERO));
            }
        }
        return spans;
    }

    private static List<PedalSpan> joined(Arrangement arrangement) {
        List<PedalSpan> spans = new ArrayList<>();
        List<ArrangedChord> chords = arrangement.chords();
        for (int i = 0; i < chords.size(); i++) {
            ChordEvent event = chords.get(i).event();
            TimedNote early = i + 1 < chords.size() ? struckEarly(arrangement, chords.get(i + 1)) : null;
            boolean here = early != null
                    && early.bar() == event.bar()
                    && early.onset().isAfter(event.start())
                    && early.onset().isBefore(event.end());
            Fraction up = here ? early.onset() : event.end();
            spans.add(
                    i > 0 && goesOn(chords.get(i - 1).event(), event)
                            ? new PedalSpan(event.bar(), event.start(), up, Fraction.ZERO)
                            : span(event.bar(), event.start(), up));
            if (here) {
                spans.add(span(event.bar(), early.onset(), event.end()));
            }
        }
        return spans;
    }

    /** Whether a chord is the one before, held over a bar line, with no symbol of its own. */
    private static boolean goesOn(ChordEvent before, ChordEvent event) {
        return event.text() == null
                && event.start().equals(Fraction.ZERO)
                && before.bar() == event.bar() - 1
                && before.chord().equals(event.chord());
    }

    private static PedalSpan span(int bar, Fraction down, Fraction up) {
        return new PedalSpan(bar, down, up, JUST_AFTER.min(up.minus(down).dividedBy(Fraction.of(2))));
    }

    /** The first note of a chord that is struck before its place, with which the foot goes down; null for any other. */
    private static TimedNote struckEarly(Arrangement arrangement, ArrangedChord chord) {
        ChordEvent event = chord.event();
        return arrangement.notesOf(chord.index()).stream()
                .filter(note -> note.bar() < event.bar()
                        || note.bar() == event.bar() && note.onset().isBefore(event.start()))
                .findFirst()
                .orElse(null);
    }

    private static List<PedalSpan> separated(Arrangement arrangement) {
        List<PedalSpan> spans = new ArrayList<>();
        for (Bar bar : arrangement.sheet().bars()) {
            List<ChordEvent> here =
                    bar.events().stream().filter(event -> !event.isSilent()).toList();
            if (!here.isEmpty()) {
                Fraction down = here.get(0).start();
                Fraction end = here.get(here.size() - 1).end();
                Fraction half = end.minus(down).dividedBy(Fraction.of(2));
                spans.add(new PedalSpan(bar.index(), down, end.minus(EIGHTH.min(half)), Fraction.ZERO));
            }
        }
        return spans;
    }
}
