package com.zestythumb.core.arrangement;

import com.zestythumb.core.fingering.Side;
import com.zestythumb.core.sheet.Bar;
import com.zestythumb.core.sheet.Fraction;
import com.zestythumb.core.sheet.LeadSheet;
import com.zestythumb.core.sheet.NoteSign;
import com.zestythumb.core.sheet.SheetNote;
import java.util.ArrayList;
import java.util.EnumMap;
import java.util.List;
import java.util.Locale;
import java.util.Map;
import java.util.NavigableMap;
import java.util.Optional;
import java.util.TreeMap;
import java.util.regex.Matcher;
import java.util.regex.Pattern;
import java.util.stream.Stream;

/**
 * How loud a hand plays by the signs on the page, from one to the next; between the ends of a hairpin evenly louder or softer.
 * What stands at the tune or over a bar is for both hands until the left has a sign of its own. Words over a bar may tell times
 * apart: "p–f" is softly at first and loudly when it comes again, "second time pp" as it says (common practice).
 */
public final class Loudness {

    /** Of 127, as sequencers play them (common practice); what bears no sign is moderately loud. */
    private static final Map<NoteSign, Integer> LEVELS = new EnumMap<>(Map.of(
            NoteSign.PPP, 20,
            NoteSign.PP, 33,
            NoteSign.P, 49,
            NoteSign.MP, 64,
            NoteSign.MF, 80,
            NoteSign.F, 96,
            NoteSign.FF, 112,
            NoteSign.FFF, 124));

    private static final String SIGN = "(p{1,3}|mp|mf|f{1,3}|softly|quietly|loudly)";
    private static final Pattern IN_TURN =
            Pattern.compile("(?<!\\p{L})" + SIGN + "\\s*[-–—/]\\s*" + SIGN + "(?!\\p{L})", Pattern.CASE_INSENSITIVE);
    private static final Pattern AT_A_TIME = Pattern.compile(
            "(?:([1-9])(?:st|nd|rd|th|\\.)?|(first|second|third|fourth)) times?[:,]? " + SIGN + "(?!\\p{L})",
            Pattern.CASE_INSENSITIVE);
    private static final List<String> TIMES = List.of("first", "second", "third", "fourth");

    private static final double USUAL = 80;
    /** A hairpin that leads to no sign changes by as much as one sign to the next. */
    private static final double STEP = 16;

    private static final double STRESSED = 1.25;

    private final List<Fraction> barStarts;
    /** By time of playing, for as many times as the words tell apart. */
    private final List<NavigableMap<Fraction, Double>> levels = new ArrayList<>();

    /** For the notes of one hand; the tune is in the right. O(notes × times that are told apart). */
    public Loudness(LeadSheet sheet, Side side) {
        barStarts = sheet.barStarts();
        int times = sheet.bars().stream()
                .flatMap(bar -> bar.text().notes().stream())
                .mapToInt(words -> byTimes(words).keySet().stream().reduce(1, Math::max))
                .reduce(1, Math::max);
        for (int time = 1; time <= times; time++) {
            levels.add(levels(sheet, side, time));
        }
    }

    private NavigableMap<Fraction, Double> levels(LeadSheet sheet, Side side, int time) {
        NavigableMap<Fraction, Double> found = new TreeMap<>(Map.of(Fraction.ZERO, USUAL));
        NavigableMap<Fraction, NoteSign> hairpins = new TreeMap<>();
        for (Bar bar : sheet.bars()) {
            Fraction start = barStarts.get(bar.index());
            Stream<NoteSign> byMarks = bar.signs().marks().stream().flatMap(mark -> mark.loudness().stream());
            Stream<NoteSign> byWords = bar.text().notes().stream()
                    .flatMap(words -> Optional.ofNullable(byTimes(words).floorEntry(time)).stream())
                    .map(Map.Entry::getValue);
            Stream.concat(byMarks, byWords).forEach(sign -> found.put(start, (double) LEVELS.get(sign)));
            bar.allOfUpper().forEach(note -> add(start, note, found, hairpins));
            if (side == Side.LEFT) {
                bar.allOfLeft().forEach(note -> add(start, note, found, hairpins));
            }
        }
        hairpins.forEach((at, sign) -> open(at, sign, found, hairpins));
        return found;
    }

    /** What words over a bar say of its times: {@code "p–f"}, {@code "2nd time softly"}; none where they say nothing of it. */
    private static NavigableMap<Integer, NoteSign> byTimes(String words) {
        NavigableMap<Integer, NoteSign> found = new TreeMap<>();
        Matcher inTurn = IN_TURN.matcher(words);
        if (inTurn.find()) {
            found.put(1, sign(inTurn.group(1)));
            found.put(2, sign(inTurn.group(2)));
        }
        Matcher atATime = AT_A_TIME.matcher(words);
        while (atATime.find()) {
            int time = atATime.group(1) != null
                    ? Integer.parseInt(atATime.group(1))
                    : 1 + TIMES.indexOf(atATime.group(2).toLowerCase(Locale.ROOT));
            found.put(time, sign(atATime.group(3)));
        }
        return found;
    }

    private static NoteSign sign(String word) {
        return switch (word.toLowerCase(Locale.ROOT)) {
            case "softly", "quietly" -> NoteSign.P;
            case "loudly" -> NoteSign.F;
            default -> NoteSign.valueOf(word.toUpperCase(Locale.ROOT));
        };
    }

    private static void add(
            Fraction barStart, SheetNote note, Map<Fraction, Double> levels, Map<Fraction, NoteSign> hairpins) {
        for (NoteSign sign : note.signs()) {
            Fraction at = barStart.plus(note.onset());
            if (LEVELS.containsKey(sign)) {
                levels.put(at, (double) LEVELS.get(sign));
            } else if (sign == NoteSign.LOUDER || sign == NoteSign.SOFTER) {
                hairpins.put(at, sign);
            } else if (sign.kind() == NoteSign.Kind.HAIRPIN) {
                // One over a single long note ends with it.
                hairpins.putIfAbsent(
                        note.signs().contains(NoteSign.LOUDER) || note.signs().contains(NoteSign.SOFTER)
                                ? at.plus(note.duration())
                                : at,
                        sign);
            }
        }
    }

    /** Lays the way of a hairpin that begins here: in quarter notes, each a little louder or softer. */
    private static void open(
            Fraction at,
            NoteSign sign,
            NavigableMap<Fraction, Double> levels,
            NavigableMap<Fraction, NoteSign> hairpins) {
        Fraction end = hairpins.higherKey(at);
        if (sign != NoteSign.LOUDER && sign != NoteSign.SOFTER || end == null) {
            return;
        }
        double from = levels.floorEntry(at).getValue();
        Map.Entry<Fraction, Double> next = levels.higherEntry(at);
        boolean leads = next != null && !next.getKey().isAfter(end);
        Fraction until = leads ? next.getKey() : end;
        double to = leads ? next.getValue() : from + (sign == NoteSign.LOUDER ? STEP : -STEP);
        double length = until.minus(at).toDouble();
        for (Fraction time = at; time.isBefore(until); time = time.plus(Fraction.of(1, 2))) {
            levels.put(time, from + (to - from) * time.minus(at).toDouble() / length);
        }
        levels.putIfAbsent(until, to);
    }

    /** How many times of playing are told apart; what comes oftener is as the last of them. */
    public int times() {
        return levels.size();
    }

    /** By how much a note is louder than one without any sign when its bar comes for the first time: 1 for as loud, 0.5 for half. */
    public double of(int bar, SheetNote note) {
        return of(bar, note, 1);
    }

    /** The same when its bar comes for a certain time, from 1. */
    public double of(int bar, SheetNote note, int time) {
        boolean stressed =
                note.signs().contains(NoteSign.ACCENT) || note.signs().contains(NoteSign.SFZ);
        double level = levels.get(Math.min(time, levels.size()) - 1)
                .floorEntry(barStarts.get(bar).plus(note.onset()))
                .getValue();
        return level / USUAL * (stressed ? STRESSED : 1);
    }
}
