package com.zestythumb.core.checking;

import com.zestythumb.core.arrangement.Arrangement;
import com.zestythumb.core.chord.Chord;
import com.zestythumb.core.pitch.NoteNames;
import com.zestythumb.core.pitch.Pitch;
import com.zestythumb.core.sheet.Heading;
import com.zestythumb.core.voiceleading.Kind;
import com.zestythumb.core.voiceleading.Move;
import com.zestythumb.core.voiceleading.Voice;
import java.util.EnumSet;
import java.util.List;
import java.util.Set;
import java.util.regex.Matcher;
import java.util.regex.Pattern;
import java.util.stream.Collectors;

/**
 * The words for a finding: it names the voices and how they go.
 *
 * @param title two words or three
 * @param message what is there, with its measure
 * @param remedy what to do about it
 */
public record FindingWords(String title, String message, String remedy) {

    /** Seconds in which a hand goes where it wants. */
    private static final double UNHURRIED = 0.5;

    private static final long SLOWEST = 20;

    /** Seconds that nobody counts on. */
    private static final double LONGEST = 60;

    private static final Pattern HOLE = Pattern.compile("\\{([A-Za-z]+)}");

    /** Those that are heard most, and are moved last. */
    private static final Set<Voice> OUTER = EnumSet.of(Voice.BASS, Voice.SOPRANO, Voice.TUNE, Voice.TOP);

    /** The two or three words for something found. */
    public static String title(Kind kind) {
        Kind named = RuleBook.has(kind, "title") ? kind : kind.page();
        return RuleBook.line(named, "title");
    }

    /** As the teacher of this tune calls the chords and notes. */
    public static FindingWords of(Finding finding, Arrangement arrangement) {
        Filling filling = new Filling(finding, arrangement);
        return new FindingWords(
                title(finding.kind()),
                filling.in(RuleBook.line(finding.kind(), "message")) + way(finding),
                filling.in(RuleBook.line(finding.kind(), "remedy")) + slower(finding, arrangement));
    }

    /** A leap in haste is learned at a tempo that leaves half a second for it. */
    private static String slower(Finding finding, Arrangement arrangement) {
        if (finding.fault().measures().get("seconds") instanceof Double seconds
                && finding.kind() == Kind.LEAP
                && seconds < UNHURRIED) {
            long tempo = (long) (arrangement.sheet().tempo() * seconds / UNHURRIED);
            return tempo >= SLOWEST ? "; at ♩ = " + tempo + " there is time for it" : "";
        }
        return "";
    }

    private static String way(Finding finding) {
        return finding.isComingBack() ? ", on the way back" : finding.isPassingBy() ? ", past the bars between" : "";
    }

    /** Fills the holes of a template. */
    private record Filling(Finding finding, Arrangement arrangement) {

        String in(String template) {
            return HOLE.matcher(template).replaceAll(hole -> Matcher.quoteReplacement(value(hole.group(1))));
        }

        private List<Move> moves() {
            return finding.fault().moves();
        }

        private Chord chord(int index) {
            return arrangement.chords().get(index).chord();
        }

        private String value(String name) {
            Heading heading = arrangement.sheet().heading();
            return switch (name) {
                case "chord" -> heading.print(chord(finding.chord()));
                case "before" -> heading.print(chord(Math.max(0, finding.before())));
                case "bass" -> name(chord(finding.chord()).bass().pretty());
                case "voices" -> voices();
                case "first" -> voice(0);
                case "second" -> voice(1);
                case "holder" ->
                    moves().isEmpty() || moves().get(0).voice().isOfHand() ? "" : "the " + voice(0) + "’s ";
                case "line" -> line();
                case "way" -> finding.fault().measures().containsKey("way") ? measure("way") : way();
                case "from" -> note(moves().get(0).from().pitch());
                case "other" -> note(moves().get(1).pitch());
                case "notes" -> moves().stream().map(move -> note(move.pitch())).collect(Collectors.joining("–"));
                case "beyond" -> moves().get(0).halfSteps() > 0 ? "rises above" : "drops below";
                case "aside" -> aside();
                case "note" ->
                    finding.notes().isEmpty() ? "" : note(finding.notes().get(0));
                default -> measure(name);
            };
        }

        private String voice(int place) {
            return place < moves().size() ? moves().get(place).voice().words() : "";
        }

        private String voices() {
            return moves().size() < 2 ? "the " + voice(0) : voice(0) + " and " + voice(1);
        }

        /** What one voice does. */
        private String line() {
            Move move = moves().get(0);
            return move.from() == null
                    ? "the " + voice(0) + " has " + note(move.pitch())
                    : "the " + voice(0) + " goes from " + note(move.from().pitch()) + " to " + note(move.pitch());
        }

        /** How two voices go. */
        private String way() {
            return moves().stream().map(move -> note(move.from().pitch())).collect(Collectors.joining("–")) + " to "
                    + moves().stream().map(move -> note(move.pitch())).collect(Collectors.joining("–"));
        }

        /** The inner of two voices the other way; of the outer ones the upper. */
        private String aside() {
            Move low = moves().get(0);
            Move high = moves().get(moves().size() - 1);
            Move other = OUTER.contains(high.voice()) && !OUTER.contains(low.voice()) || high.voice() == Voice.TUNE
                    ? low
                    : high;
            return "move the " + other.voice().words() + (other.halfSteps() > 0 ? " down" : " up");
        }

        private String note(Pitch pitch) {
            return name(pitch.pitchClass().pretty());
        }

        private String name(String english) {
            NoteNames names = arrangement.sheet().heading().names();
            return names.fromEnglish(english);
        }

        private String measure(String name) {
            Object measure = finding.fault().measures().get(name);
            if (measure instanceof Pitch pitch) {
                // Where a chord lies, and how far a voice goes, is told by octave, a voice by its note alone.
                boolean octave = name.equals("lowest") || name.equals("highest");
                return name(octave ? pitch.pretty() : pitch.pitchClass().pretty());
            }
            return measure instanceof Double seconds
                    ? String.valueOf(Math.round(Math.min(seconds, LONGEST) * 10) / 10.0)
                    : String.valueOf(measure);
        }
    }
}
