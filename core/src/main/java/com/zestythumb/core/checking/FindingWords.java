package com.zestythumb.core.checking;

import com.zestythumb.core.arrangement.Arrangement;
import com.zestythumb.core.pitch.NoteNames;
import com.zestythumb.core.pitch.Pitch;
import com.zestythumb.core.sheet.Heading;
import java.util.List;
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

    /** Seconds in which a hand goes where it wants. */
    private static final double UNHURRIED = 0.5;

    private static final long SLOWEST = 20;

    /** Seconds that nobody counts on. */
    private static final double LONGEST = 60;

    private static final Pattern HOLE = Pattern.compile("\\{([a-z]+)}");

    private static final String OTHER_INVERSION =
            "fine in popular styles; else take another inversion so that one voice stays";

    private static final String AGAINST = "let the top go by step, or against the bass";
    private static final String OTHER_TOP = "take another note on top";

    /** By the codes of faults. What stands in braces is a measure of the fault, or one of the two chords. */
    private static final Map<String, FindingWords> BY_CODE = Map.ofEntries(
            words(
                    "stretch",
                    "Too wide",
                    "{chord} spans {width} half steps; this hand reaches {span}",
                    "take a nearer inversion or leave a note out; never force a stretch, and stop at pain"),
            words(
                    "stretch-within",
                    "Too wide between",
                    "two fingers of this hand do not reach their keys in {chord}",
                    "leave a middle note out or break the chord; never force a stretch, and stop at pain"),
            words(
                    "stretch-right",
                    "Too wide beside the tune",
                    "with the tune the right hand spans {width} half steps; this hand reaches {span}",
                    "give a note to the left hand or leave it out; never force a stretch, and stop at pain"),
            words(
                    "held-too-far",
                    "Cannot be held",
                    "{note} cannot be held while the rest of {chord} is struck; this hand reaches {span} half steps",
                    "let it go in time, or let the pedal hold it"),
            words(
                    "finger-twice",
                    "Finger twice",
                    "finger {finger} is wanted on {low} and {high} at once",
                    "take another finger for one of them, or let go of the first in time"),
            words(
                    "leap",
                    "Far leap",
                    "the hand leaps {shift} half steps to {chord} in {seconds} s",
                    "take a nearer inversion, or let go of the chord before early"),
            words(
                    "mud",
                    "Muddy",
                    "{chord} lies low and close, from {lowest}: it will sound muddy",
                    "play it higher, or leave a middle note out"),
            words(
                    "parallel-fifths",
                    "Parallel fifths",
                    "bass and top go in parallel fifths from {before} to {chord}",
                    OTHER_INVERSION),
            words(
                    "parallel-octaves",
                    "Parallel octaves",
                    "bass and top go in parallel octaves from {before} to {chord}",
                    OTHER_INVERSION),
            words(
                    "parallel-fifths-inside",
                    "Parallel fifths",
                    "the voices on {low} and {high} go in parallel fifths from {before} to {chord}",
                    OTHER_INVERSION),
            words(
                    "parallel-octaves-inside",
                    "Parallel octaves",
                    "the voices on {low} and {high} go in parallel octaves from {before} to {chord}",
                    OTHER_INVERSION),
            words(
                    "parallel-fifths-tune",
                    "Fifths with the tune",
                    "bass and tune go in parallel fifths from {before} to {chord}",
                    "take another inversion, so that the bass goes against the tune or stays"),
            words(
                    "parallel-octaves-tune",
                    "Octaves with the tune",
                    "bass and tune go in parallel octaves from {before} to {chord}",
                    "take another inversion, so that the bass goes against the tune or stays"),
            words(
                    "direct-fifths",
                    "Direct fifths",
                    "bass and top go the same way into the fifth {low} {high}, the top by a leap",
                    AGAINST),
            words(
                    "direct-octaves",
                    "Direct octaves",
                    "bass and top go the same way into the octave {low} {high}, the top by a leap",
                    AGAINST),
            words(
                    "contrary-fifths",
                    "Fifths by contrary motion",
                    "bass and top go from fifth to fifth, from {before} to {chord}",
                    OTHER_TOP),
            words(
                    "contrary-octaves",
                    "Octaves by contrary motion",
                    "bass and top go from octave to octave, from {before} to {chord}",
                    OTHER_TOP),
            words(
                    "unequal-fifths",
                    "Unequal fifths",
                    "a diminished fifth rises into the fifth {low} {high}",
                    "let it close into a third"),
            words(
                    "leading-unresolved",
                    "Leading tone",
                    "{note}, the third of {before}, leads up by a half step and does not go there in {chord}",
                    "let it rise; in an inner voice it may fall to the fifth"),
            words(
                    "leading-doubled",
                    "Leading tone twice",
                    "{note}, the third of {before}, is there twice and would have to rise in octaves",
                    "double root or fifth"),
            words(
                    "seventh-unresolved",
                    "Seventh",
                    "{note}, the seventh of {before}, does not fall a step into {chord}",
                    "let it fall a step, or stay"),
            words(
                    "augmented-step",
                    "Augmented second",
                    "a voice goes from {low} to {high}, a second and a half step more",
                    "take another inversion, so that it goes the other way"),
            words(
                    "tritone-leap",
                    "Augmented fourth",
                    "a voice leaps from {low} to {high}, an augmented fourth",
                    "take a diminished fifth the other way, or another inversion"),
            words(
                    "seventh-leap",
                    "Leap of a seventh",
                    "a voice leaps from {low} to {high}, a seventh",
                    "go the other way by a step, or take another inversion"),
            words(
                    "overlap",
                    "Voices overlap",
                    "{note} lies beyond where the voice beside it was in {before}",
                    "take a nearer inversion"),
            words(
                    "spacing",
                    "A gap in the middle",
                    "more than an octave lies between {low} and {high}",
                    "fill it, or move the upper voices together"),
            words(
                    "false-relation",
                    "False relation",
                    "{low} and {high} follow one another in two voices",
                    "let one voice have both"),
            words(
                    "clash",
                    "Clash",
                    "{note} grates against the tune's {tune} on a strong beat",
                    "leave it out, play it softly, or bring it in a count later"),
            words(
                    "clash-ninth",
                    "Clash",
                    "{note} grates against the tune's {tune}, a minor ninth above, on a strong beat",
                    "leave it out, play it softly, or bring it in a count later"),
            words("collision", "Same key", "both hands want {note}", "let one hand play it, or take a lower inversion"),
            words(
                    "crossing",
                    "Hands cross",
                    "{note} lies above the tune's {tune}",
                    "take a lower inversion, or give the note to the right hand"),
            words(
                    "doubled-leading-tone",
                    "Leading tone in both hands",
                    "{note} leads on in both hands",
                    "leave it to the tune"),
            words(
                    "doubled-third",
                    "Third twice",
                    "{note}, the third of {chord}, is in the tune as well",
                    "leave it out, for the chord is told without it; or charge doubling more among the wishes"),
            words(
                    "strain",
                    "Many repeated chords",
                    "{strokes} chords one after another in {seconds} s",
                    "small doses with rests between; let the wrist go, or let the hands take turns; stop at pain, and ask teacher or doctor where it stays"),
            words(
                    "strain-wide",
                    "Wide and often",
                    "{strokes} chords of up to {widest} half steps one after another in {seconds} s",
                    "small doses with rests between; leave a note out or let the hands take turns; stop at pain, and ask teacher or doctor where it stays"));

    private static Map.Entry<String, FindingWords> words(String code, String title, String message, String remedy) {
        return Map.entry(code, new FindingWords(title, message, remedy));
    }

    /** The two or three words for a fault; its code where there are none. */
    public static String title(String code) {
        return BY_CODE.containsKey(code) ? BY_CODE.get(code).title : code;
    }

    /** As the teacher of this tune calls the chords and notes. */
    public static FindingWords of(Finding finding, Arrangement arrangement) {
        FindingWords words = BY_CODE.get(finding.fault().code());
        if (words == null) {
            throw new IllegalStateException("there are no words for " + finding.fault());
        }
        return new FindingWords(
                words.title,
                fill(words.message, finding, arrangement) + way(finding),
                words.remedy + slower(finding, arrangement));
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
