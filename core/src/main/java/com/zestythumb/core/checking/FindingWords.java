package com.zestythumb.core.checking;

import com.zestythumb.core.arrangement.Arrangement;
import com.zestythumb.core.pitch.NoteNames;
import com.zestythumb.core.pitch.Pitch;
import com.zestythumb.core.sheet.Heading;
import java.util.List;
import java.util.regex.Matcher;
import java.util.regex.Pattern;

/**
 * The words for a finding.
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

    private static final Pattern HOLE = Pattern.compile("\\{([a-z]+)}");

    /** The two or three words for a fault; its code where there are none. */
    public static String title(String code) {
        return RuleBook.has(code, "title") ? RuleBook.line(code, "title") : code;
    }

    /** As the teacher of this tune calls the chords and notes. */
    public static FindingWords of(Finding finding, Arrangement arrangement) {
        String code = finding.fault().code();
        return new FindingWords(
                RuleBook.line(code, "title"),
                fill(RuleBook.line(code, "message"), finding, arrangement) + way(finding),
                RuleBook.line(code, "remedy") + slower(finding, arrangement));
    }

    /** A leap in haste is learned at a tempo that leaves half a second for it. */
    private static String slower(Finding finding, Arrangement arrangement) {
        if (finding.fault().measures().get("seconds") instanceof Double seconds
                && finding.fault().code().equals("leap")
                && seconds < UNHURRIED) {
            long tempo = (long) (arrangement.sheet().tempo() * seconds / UNHURRIED);
            return tempo >= SLOWEST ? "; at ♩ = " + tempo + " there is time for it" : "";
        }
        return "";
    }

    private static String way(Finding finding) {
        if (finding.isComingBack()) {
            return ", on the way back";
        }
        if (finding.more() > 0) {
            List<String> bars = finding.others().stream()
                    .map(Finding.Other::bar)
                    .filter(bar -> bar != finding.bar())
                    .distinct()
                    .map(String::valueOf)
                    .toList();
            return bars.isEmpty() ? "" : ", and so in bar" + (bars.size() > 1 ? "s " : " ") + listed(bars);
        }
        return finding.isPassingBy() ? ", past the bars between" : "";
    }

    private static String listed(List<String> bars) {
        int last = bars.size() - 1;
        return last == 0 ? bars.get(0) : String.join(", ", bars.subList(0, last)) + " and " + bars.get(last);
    }

    private static String fill(String template, Finding finding, Arrangement arrangement) {
        return HOLE.matcher(template)
                .replaceAll(hole -> Matcher.quoteReplacement(value(hole.group(1), finding, arrangement)));
    }

    private static String value(String name, Finding finding, Arrangement arrangement) {
        Heading heading = arrangement.sheet().heading();
        return switch (name) {
            case "chord" ->
                heading.print(arrangement.chords().get(finding.chord()).chord());
            case "before" ->
                heading.print(arrangement.chords().get(finding.before()).chord());
            default -> written(finding.fault().measures().get(name), name, heading.names());
        };
    }

    private static String written(Object measure, String name, NoteNames names) {
        if (measure instanceof Pitch pitch) {
            // Where a chord lies is told by octave, a voice by its note alone.
            return names.fromEnglish(
                    name.equals("lowest") ? pitch.pretty() : pitch.pitchClass().pretty());
        }
        return measure instanceof Double seconds
                ? String.valueOf(Math.round(Math.min(seconds, LONGEST) * 10) / 10.0)
                : String.valueOf(measure);
    }
}
