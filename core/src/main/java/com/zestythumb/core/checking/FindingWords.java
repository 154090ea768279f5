package com.zestythumb.core.checking;

import com.zestythumb.core.arrangement.Arrangement;
import com.zestythumb.core.pitch.NoteNames;
import com.zestythumb.core.pitch.Pitch;
import com.zestythumb.core.sheet.Heading;
import java.util.Map;
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

    private static final Pattern HOLE = Pattern.compile("\\{([a-z]+)}");

    private static final String OTHER_INVERSION =
            "fine in popular styles; else take another inversion so that one voice stays";

    /** By the codes of faults. What stands in braces is a measure of the fault, or one of the two chords. */
    private static final Map<String, FindingWords> BY_CODE = Map.of(
            "stretch",
            new FindingWords(
                    "Too wide",
                    "{chord} spans {width} half steps; this hand reaches {span}",
                    "take a nearer inversion or leave a note out; never force a stretch, and stop at pain"),
            "stretch-within",
            new FindingWords(
                    "Too wide between",
                    "two fingers of this hand do not reach their keys in {chord}",
                    "leave a middle note out or break the chord; never force a stretch, and stop at pain"),
            "leap",
            new FindingWords(
                    "Far leap",
                    "the hand leaps {shift} half steps to {chord} in {seconds} s",
                    "take a nearer inversion, or let go of the chord before early"),
            "mud",
            new FindingWords(
                    "Muddy",
                    "{chord} lies low and close, from {lowest}: it will sound muddy",
                    "play it higher, or leave a middle note out"),
            "parallel-fifths",
            new FindingWords(
                    "Parallel fifths", "bass and top go in parallel fifths from {before} to {chord}", OTHER_INVERSION),
            "parallel-octaves",
            new FindingWords(
                    "Parallel octaves",
                    "bass and top go in parallel octaves from {before} to {chord}",
                    OTHER_INVERSION),
            "parallel-fifths-inside",
            new FindingWords(
                    "Parallel fifths",
                    "the voices on {low} and {high} go in parallel fifths from {before} to {chord}",
                    OTHER_INVERSION),
            "parallel-octaves-inside",
            new FindingWords(
                    "Parallel octaves",
                    "the voices on {low} and {high} go in parallel octaves from {before} to {chord}",
                    OTHER_INVERSION));

    /** As the teacher of this tune calls the chords and notes. */
    public static FindingWords of(Finding finding, Arrangement arrangement) {
        FindingWords words = BY_CODE.get(finding.fault().code());
        if (words == null) {
            throw new IllegalStateException("there are no words for " + finding.fault());
        }
        return new FindingWords(words.title, fill(words.message, finding, arrangement) + way(finding), words.remedy);
    }

    private static String way(Finding finding) {
        if (finding.isComingBack()) {
            return ", on the way back";
        }
        if (finding.more() > 0) {
            return ", and so at " + finding.more() + " chords more";
        }
        return finding.isPassingBy() ? ", past the bars between" : "";
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
                ? String.valueOf(Math.round(seconds * 10) / 10.0)
                : String.valueOf(measure);
    }
}
