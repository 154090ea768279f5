package com.zestythumb.formats.musicxml;

import com.zestythumb.core.pitch.Key;
import com.zestythumb.core.pitch.Letter;
import java.math.BigDecimal;
import java.util.ArrayList;
import java.util.Comparator;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import org.audiveris.proxymusic.Accidental;
import org.audiveris.proxymusic.AccidentalValue;
import org.audiveris.proxymusic.Backup;
import org.audiveris.proxymusic.Forward;
import org.audiveris.proxymusic.Note;
import org.audiveris.proxymusic.Pitch;
import org.audiveris.proxymusic.StartStop;
import org.audiveris.proxymusic.Step;
import org.audiveris.proxymusic.YesNo;

/**
 * Writes the accidentals of a score, bar by bar (common practice): where a note is not what the signature, or an accidental
 * before it in the bar, says of its line or space. A note that is tied over has none, and the next one there is told anew. As a
 * courtesy a note is told that was altered in the bar before, there or in another octave of its staff, or is so in its
 * own bar, in another octave or the other staff.
 */
final class PrintedAccidentals {

    /** What no note has: whatever comes next is to be told. */
    private static final int DOUBTFUL = Integer.MAX_VALUE;

    /** A line or space of a staff. */
    private record Line(int staff, Step step, int octave) {

        boolean isLike(Line other) {
            return step == other.step && !equals(other);
        }
    }

    /** A note at its place in the bar. */
    private record Placed(BigDecimal onset, Note note) {

        Line line() {
            Pitch pitch = note.getPitch();
            return new Line(StaffPlace.staff(note), pitch.getStep(), pitch.getOctave());
        }

        int alter() {
            BigDecimal alter = note.getPitch().getAlter();
            return alter == null ? 0 : alter.intValue();
        }
    }

    private final boolean brackets;

    /** With those of courtesy in brackets, where that is wished. */
    PrintedAccidentals(boolean brackets) {
        this.brackets = brackets;
    }

    /** As what each line sounded last in the bar before. */
    private Map<Line, Integer> before = Map.of();

    /** Writes them to the content of the next measure. */
    void write(List<Object> content, Key key) {
        Map<Line, Integer> said = new HashMap<>();
        Map<Line, Integer> sounded = new HashMap<>();
        List<Placed> notes = inTime(content);
        for (int i = 0, known = 0; i < notes.size(); i++) {
            Placed placed = notes.get(i);
            // What is struck at the same time counts for its neighbours too.
            while (known < notes.size() && notes.get(known).onset().equals(placed.onset())) {
                sounded.put(notes.get(known).line(), notes.get(known).alter());
                known++;
            }
            Line line = placed.line();
            int alter = placed.alter();
            boolean isPlain = alter == signature(key, placed.note().getPitch());
            int told = said.getOrDefault(line, isPlain ? alter : DOUBTFUL);
            boolean isCourtesy =
                    isPlain && (told == DOUBTFUL || !said.containsKey(line) && isDoubted(line, alter, sounded));
            if (isTiedOver(placed.note())) {
                if (alter != told) {
                    said.put(line, DOUBTFUL);
                }
            } else if (alter != told || isCourtesy) {
                said.put(line, alter);
                Accidental accidental = new Accidental();
                accidental.setValue(sign(alter));
                if (isCourtesy) {
                    accidental.setCautionary(YesNo.YES);
                    accidental.setParentheses(brackets ? YesNo.YES : null);
                }
                placed.note().setAccidental(accidental);
            }
        }
        before = sounded;
    }

    /** Whether something that was heard speaks against a plain note. */
    private boolean isDoubted(Line line, int alter, Map<Line, Integer> sounded) {
        boolean here =
                sounded.entrySet().stream().anyMatch(other -> other.getKey().isLike(line) && other.getValue() != alter);
        boolean there = before.containsKey(line)
                ? before.get(line) != alter
                : before.entrySet().stream()
                        .anyMatch(other -> other.getKey().isLike(line)
                                && other.getKey().staff() == line.staff()
                                && other.getValue() != alter);
        return here || there;
    }

    /** The notes as they sound: the voices of a staff are written one after another. */
    private static List<Placed> inTime(List<Object> content) {
        List<Placed> placed = new ArrayList<>();
        BigDecimal at = BigDecimal.ZERO;
        BigDecimal before = BigDecimal.ZERO;
        for (Object item : content) {
            if (item instanceof Backup backup) {
                at = at.subtract(backup.getDuration());
            } else if (item instanceof Forward forward) {
                at = at.add(forward.getDuration());
            } else if (item instanceof Note note) {
                BigDecimal onset = note.getChord() == null ? at : before;
                if (note.getPitch() != null) {
                    placed.add(new Placed(onset, note));
                }
                if (note.getChord() == null) {
                    before = at;
                    at = at.add(note.getDuration());
                }
            }
        }
        placed.sort(Comparator.comparing(Placed::onset));
        return placed;
    }

    private static boolean isTiedOver(Note note) {
        return note.getTie().stream().anyMatch(tie -> tie.getType() == StartStop.STOP);
    }

    private static int signature(Key key, Pitch pitch) {
        return key.signatureOf(Letter.valueOf(pitch.getStep().name()));
    }

    private static AccidentalValue sign(int alter) {
        return switch (alter) {
            case -2 -> AccidentalValue.FLAT_FLAT;
            case -1 -> AccidentalValue.FLAT;
            case 0 -> AccidentalValue.NATURAL;
            case 1 -> AccidentalValue.SHARP;
            default -> AccidentalValue.DOUBLE_SHARP;
        };
    }
}
