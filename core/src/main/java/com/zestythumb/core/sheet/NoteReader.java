package com.zestythumb.core.sheet;

import com.zestythumb.core.pitch.Key;
import com.zestythumb.core.pitch.Letter;
import com.zestythumb.core.pitch.Pitch;
import com.zestythumb.core.pitch.PitchClass;
import java.util.ArrayList;
import java.util.List;
import java.util.Map;
import java.util.regex.Pattern;

/**
 * Reads the notes of one bar in ABC notation (standard 2.1, section 4): pitches, lengths, rests, ties, broken rhythm,
 * tuplets, symbols in quotes, notes struck together in brackets, voices parted by {@code &}, fingers, staccato dots, the
 * sign of a rolled chord and every {@link NoteSign}. Grace notes and ornaments are passed over.
 */
public final class NoteReader {

    /** Something in quotes that stands over a note. */
    public record Quoted(String text, Fraction onset) {}

    /** What could not be read: where, and what to write. */
    public record Mistake(int at, int length, String message) {}

    /** One sign too many is no sign. */
    private static final int SIGNS_READ = 3;

    /** Parts of a unit length, at most. */
    private static final int FINEST = 64;

    private static final String PASSED_OVER = "~MOPSTuv`\\y* \t";
    private static final Pattern FIELD = Pattern.compile("[A-Za-z]:");
    private static final int FINGERS = 10;

    private final TextCursor cursor;
    /** Where the last notes struck together end; behind it no other do. */
    private final int lastClosing;

    private final Fraction unit;
    private final Meter meter;
    private final BarAccidentals accidentals;

    private final NoteLine line = new NoteLine();
    private final List<Quoted> quoted = new ArrayList<>();
    private final List<Mistake> mistakes = new ArrayList<>();

    /**
     * Gets ready to read a bar.
     *
     * @param unit quarter notes of the unit length
     * @param allOctaves whether an accidental holds in every octave of its bar, as ABC files have it, or only
     *     in its own, as on paper
     */
    public NoteReader(String text, Key key, Meter meter, Fraction unit, boolean allOctaves) {
        this.cursor = new TextCursor(text);
        this.lastClosing = text.lastIndexOf(']');
        this.meter = meter;
        this.unit = unit;
        this.accidentals = new BarAccidentals(key, allOctaves);
    }

    /** With the notes of the bar before: what is tied over the bar line keeps its accidental. */
    public NoteReader after(List<SheetNote> before) {
        accidentals.after(before);
        return this;
    }

    /** With the signs that the signature has beyond those of its key. */
    public NoteReader signed(Map<Letter, Integer> more) {
        accidentals.signed(more);
        return this;
    }

    /** Reads to the end; what cannot be read is passed over and told in {@link #mistakes}. */
    public NoteReader read() {
        while (!cursor.isAtEnd()) {
            int before = cursor.at();
            item();
            if (cursor.at() == before) {
                mistake(before, 1, "\"" + cursor.here() + "\" is no note; write notes as C D E c d e, rests as z");
                cursor.pass();
            }
        }
        line.signLast();
        return this;
    }

    /** The notes and rests of each voice, in time; those struck together from the lowest. */
    public List<List<SheetNote>> voices() {
        return line.voices();
    }

    public List<Quoted> quoted() {
        return quoted;
    }

    public List<Mistake> mistakes() {
        return mistakes;
    }

    /** Quarter notes of the first voice. */
    public Fraction length() {
        return NoteLine.length(voices().get(0));
    }

    private void item() {
        char c = cursor.here();
        if (c == '"' || c == '!' || c == '+') {
            enclosed(c);
        } else if (c == '{') {
            goBehind('}');
        } else if (c == '>' || c == '<') {
            broken(c);
        } else if (c == '[') {
            together();
        } else if (cursor.take('.')) {
            line.touch = Touch.SHORT;
        } else if (cursor.take('(')) {
            if (Character.isDigit(cursor.here())) {
                tuplet();
            } else {
                line.signs.add(NoteSign.SLUR);
            }
        } else if (cursor.take(')')) {
            line.signs.add(NoteSign.SLUR_END);
            line.signLast();
        } else if (cursor.take('H')) {
            line.signs.add(NoteSign.HOLD);
        } else if (cursor.take('L')) {
            line.signs.add(NoteSign.ACCENT);
        } else if (cursor.take('-')) {
            tie();
        } else if (cursor.take('&')) {
            line.signLast();
            line.beginVoice();
            accidentals.beginVoice();
        } else if (PASSED_OVER.indexOf(c) >= 0) {
            cursor.pass();
        } else {
            note();
        }
    }

    /** Whether what stands between exclamation marks before a note is kept with it. */
    public static boolean isKept(String sign) {
        return NoteLine.isMark(sign);
    }

    private void goBehind(char closing) {
        int end = cursor.next(closing);
        cursor.goTo(end < 0 ? Integer.MAX_VALUE : end + 1);
    }

    private void enclosed(char mark) {
        int start = cursor.at();
        goBehind(mark);
        String inside = cursor.from(start + 1);
        String text = inside.endsWith(String.valueOf(mark)) ? inside.substring(0, inside.length() - 1) : inside;
        if (mark == '"' && inside.length() > 1) {
            quoted.add(new Quoted(text, line.time()));
        } else {
            line.mark(text);
        }
    }

    /** {@code (3} or {@code (p:q:r}: p notes in the time of q for the next r. */
    private void tuplet() {
        int start = cursor.at();
        int p = cursor.number(3);
        int q = cursor.take(':') ? cursor.number(0) : 0;
        int r = cursor.take(':') ? cursor.number(p) : p;
        if (p < 2 || p > 9 || r < 1 || r > 9 || q > 9) {
            mistake(start, cursor.at() - start, "a tuplet has 2 to 9 notes, as in (3abc");
            return;
        }
        line.beginTuplet(new Tuplet(p, q > 0 ? q : Tuplet.usualNormal(p, meter), 0, r));
    }

    private void broken(char sign) {
        int start = cursor.at();
        int signs = cursor.takeAll(String.valueOf(sign), Integer.MAX_VALUE).length();
        Fraction small = Fraction.of(1, 1L << Math.min(3, signs));
        if (signs > 3 || !line.broken(sign == '>' ? Fraction.of(2).minus(small) : small)) {
            mistake(start, signs, "> and < stand between two notes, as in a>b");
        }
    }

    private void tie() {
        if (!line.tie()) {
            mistake(cursor.at() - 1, 1, "- ties a note to the next one, and no note stands before it");
        }
    }

    /** Notes in brackets last as long as the first of them, times what stands behind the brackets. */
    private void together() {
        int end = cursor.at() < lastClosing ? cursor.next(']') : -1;
        if (end < 0) {
            mistake(cursor.at(), 1, "[ wants a ] behind the notes that are struck together");
            cursor.pass();
            return;
        }
        int start = cursor.at();
        cursor.pass();
        cursor.goTo(end);
        String inside = cursor.from(start + 1);
        if (FIELD.matcher(inside).lookingAt()) {
            cursor.pass();
            NoteSign.clef(inside)
                    .ifPresentOrElse(
                            line.signs::add,
                            () -> mistake(
                                    start,
                                    end - start,
                                    "[K:clef=bass] or [K:clef=treble] changes the clef; "
                                            + "key and meter stand with the chords, as {key G}"));
            return;
        }
        cursor.goTo(start + 1);
        NoteLine.Together chord = line.together();
        while (cursor.at() < end) {
            int before = cursor.at();
            if (chord.size() == FINGERS) {
                mistake(before, 1, "more notes are struck together than two hands have fingers; write fewer in [ ]");
                break;
            }
            chord.next();
            if (cursor.here() == '!') {
                enclosed('!');
            } else {
                note();
            }
            if (cursor.at() == before && (!cursor.take('-') || !chord.tie())) {
                cursor.goTo(before + 1);
            }
        }
        cursor.goTo(end + 1);
        chord.end(multiplier());
    }

    private void note() {
        int start = cursor.at();
        Integer accidental = BarAccidentals.written(cursor.takeAll(BarAccidentals.SIGNS, SIGNS_READ));
        char c = cursor.here();
        boolean rest = "zxZX".indexOf(c) >= 0;
        boolean letter = c >= 'A' && c <= 'G' || c >= 'a' && c <= 'g';
        if (!rest && !letter) {
            cursor.goTo(start);
            return;
        }
        cursor.pass();
        if (c == 'Z' || c == 'X') {
            cursor.number(1);
            line.add(null, meter.barLength());
            return;
        }
        int octave = Character.isLowerCase(c) ? 5 : 4;
        for (char mark : cursor.takeAll("',", Integer.MAX_VALUE).toCharArray()) {
            octave += mark == ',' ? -1 : 1;
        }
        Pitch pitch = rest ? null : pitch(c, octave, accidental, start);
        line.add(pitch, unit.times(multiplier()));
    }

    private Pitch pitch(char c, int octave, Integer written, int start) {
        Letter letter = Letter.valueOf(String.valueOf(Character.toUpperCase(c)));
        int alteration =
                accidentals.alteration(letter, octave, written, line.time().equals(Fraction.ZERO));
        int midi = 12 * (octave + 1) + letter.semitones() + alteration;
        if (midi < 21 || midi > 108) {
            mistake(start, cursor.at() - start, "this note lies outside the piano; take away some of its , or '");
            return null;
        }
        return new Pitch(new PitchClass(letter, alteration), octave);
    }

    /** {@code 2}, {@code /}, {@code 3/2}, {@code //}: how many unit lengths. */
    private Fraction multiplier() {
        int start = cursor.at();
        int above = cursor.number(1);
        int below = 1;
        while (cursor.take('/')) {
            int typed = cursor.number(0);
            // What is too fine already does not come back round by getting finer still.
            below *= below > FINEST ? 1 : typed == 0 ? 2 : typed;
        }
        boolean tooFine = below > FINEST || Integer.bitCount(below) != 1;
        if (above < 1 || above > FINEST || tooFine) {
            mistake(
                    start,
                    cursor.at() - start,
                    "a length is a whole number of units, its half or quarter: c2, c/2, c3/2");
            return Fraction.of(1);
        }
        return Fraction.of(above, below);
    }

    private void mistake(int from, int length, String message) {
        mistakes.add(new Mistake(from, Math.max(1, length), message));
    }
}
