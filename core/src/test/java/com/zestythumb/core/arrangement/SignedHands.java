package com.zestythumb.core.arrangement;

import com.zestythumb.core.Corpus;
import com.zestythumb.core.pitch.Interval;
import com.zestythumb.core.pitch.PitchClass;
import com.zestythumb.core.sheet.Chart;
import com.zestythumb.core.sheet.Fraction;
import com.zestythumb.core.sheet.LeadSheet;
import java.util.ArrayList;
import java.util.Arrays;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.SortedMap;
import java.util.TreeMap;
import java.util.regex.Matcher;
import java.util.regex.Pattern;

/** Reads left hands that a teacher would sign; the notation is told at the head of left-hands.txt. */
final class SignedHands {

    /**
     * One way to play a tune.
     *
     * @param bars for each bar the ways that are accepted
     * @param fingers for each bar the fingers of its first stroke, or "*"; empty where they do not matter
     */
    record Signed(
            String name,
            LeadSheet sheet,
            String style,
            String pattern,
            List<Integer> hands,
            List<List<String>> bars,
            List<String> fingers) {

        /** Whether a bar is one of those accepted. */
        boolean accepts(Arrangement tune, int bar) {
            SortedMap<Fraction, List<TimedNote>> strokes = strokes(tune, bar);
            return bars.get(bar).stream().anyMatch(way -> isPlayed(way, tune, bar, strokes));
        }

        boolean acceptsFingers(Arrangement tune, int bar) {
            if (fingers.isEmpty() || fingers.get(bar).equals("*")) {
                return true;
            }
            SortedMap<Fraction, List<TimedNote>> strokes = strokes(tune, bar);
            StringBuilder played = new StringBuilder();
            strokes.get(strokes.firstKey()).forEach(note -> played.append(note.finger()));
            return played.toString().equals(fingers.get(bar));
        }
    }

    private static final Pattern NOTE = Pattern.compile("([A-G])([#b]*)|(\\^|\\*)");
    private static final int FEWEST_ABOVE = 2;

    private SignedHands() {}

    static List<Signed> read(String file) {
        List<Signed> cases = new ArrayList<>();
        String name = "";
        Map<String, String> lines = new LinkedHashMap<>();
        for (String line : Corpus.lines(file)) {
            if (line.startsWith("= ")) {
                name = line.substring(2);
                lines.clear();
            } else if (line.startsWith("> ")) {
                cases.add(signed(name, sheet(name, lines), line.substring(2)));
            } else if (line.startsWith("fingers: ")) {
                Signed last = cases.remove(cases.size() - 1);
                cases.add(new Signed(
                        last.name,
                        last.sheet,
                        last.style,
                        last.pattern,
                        last.hands,
                        last.bars,
                        Arrays.asList(line.substring(9).split(" \\| "))));
            } else {
                int colon = line.indexOf(": ");
                lines.put(line.substring(0, colon), line.substring(colon + 2));
            }
        }
        return cases;
    }

    private static LeadSheet sheet(String name, Map<String, String> lines) {
        StringBuilder chart = new StringBuilder("unit: " + lines.getOrDefault("unit", "1/4") + "\n");
        lines.forEach((key, value) -> {
            if (!List.of("chart", "m", "unit").contains(key)) {
                chart.append(key).append(": ").append(value).append('\n');
            }
        });
        chart.append(lines.get("chart")).append('\n');
        if (lines.containsKey("m")) {
            chart.append("m: ").append(lines.get("m")).append(" |\n");
        }
        Chart read = Chart.read(chart.toString());
        if (!read.problems().isEmpty()) {
            throw new AssertionError(name + ": " + read.problems());
        }
        return read.sheet();
    }

    private static Signed signed(String name, LeadSheet sheet, String line) {
        int colon = line.indexOf(" : ");
        String[] words = line.substring(0, colon).split(" ");
        List<List<String>> bars = new ArrayList<>();
        for (String bar : line.substring(colon + 3).split(" \\| ")) {
            bars.add(
                    bar.strip().equals("%")
                            ? bars.get(bars.size() - 1)
                            : Arrays.stream(bar.split(" or "))
                                    .map(String::strip)
                                    .toList());
        }
        if (bars.size() != sheet.bars().size()) {
            throw new AssertionError(name + ": " + line + " has " + bars.size() + " bars, its chart "
                    + sheet.bars().size());
        }
        return new Signed(
                name,
                sheet,
                words[0],
                words[1],
                Arrays.stream(words).skip(2).map(Integer::valueOf).toList(),
                bars,
                List.of());
    }

    /** What is struck in a bar, from the lowest note up; what is tied over is not struck again. */
    static SortedMap<Fraction, List<TimedNote>> strokes(Arrangement tune, int bar) {
        SortedMap<Fraction, List<TimedNote>> strokes = new TreeMap<>();
        for (TimedNote note : tune.notes()) {
            boolean goesOn = tune.notes().stream()
                    .anyMatch(before -> before.tied()
                            && before.pitch().equals(note.pitch())
                            && before != note
                            && (before.bar() == note.bar() && before.end().equals(note.onset())
                                    || before.bar() == note.bar() - 1
                                            && note.onset().equals(Fraction.ZERO)
                                            && before.end()
                                                    .equals(tune.sheet()
                                                            .bars()
                                                            .get(before.bar())
                                                            .length())));
            if (note.bar() == bar && !goesOn) {
                strokes.computeIfAbsent(note.onset(), at -> new ArrayList<>()).add(note);
            }
        }
        strokes.values()
                .forEach(notes ->
                        notes.sort((a, b) -> a.pitch().midi() - b.pitch().midi()));
        return strokes;
    }

    private static boolean isPlayed(
            String way, Arrangement tune, int bar, SortedMap<Fraction, List<TimedNote>> strokes) {
        if (way.equals("*")) {
            return true;
        }
        String[] words = way.split(" ");
        Fraction length = tune.sheet().bars().get(bar).length();
        Map<Fraction, String> wanted = new LinkedHashMap<>();
        for (int i = 0; i < words.length; i++) {
            if (!words[i].equals("-")) {
                wanted.put(length.times(i).dividedBy(Fraction.of(words.length)), words[i]);
            }
        }
        return wanted.keySet().equals(strokes.keySet())
                && wanted.entrySet().stream()
                        .allMatch(one -> Arrays.stream(one.getValue().split("/"))
                                .anyMatch(word -> isStruck(word, one.getKey(), tune, bar, strokes)));
    }

    private static boolean isStruck(
            String word, Fraction at, Arrangement tune, int bar, SortedMap<Fraction, List<TimedNote>> strokes) {
        List<TimedNote> notes = strokes.get(at);
        if (word.startsWith(".")) {
            return notes.size() == 1 && isOne(word.charAt(1), notes.get(0), at, tune, strokes);
        }
        Matcher m = NOTE.matcher(word);
        int n = 0;
        while (m.find()) {
            if (m.group(3) != null) {
                return m.group(3).equals("*") || isUpper(notes.subList(n, notes.size()), tune);
            }
            PitchClass wanted = PitchClass.parse(m.group(1) + m.group(2));
            if (n >= notes.size() || !notes.get(n).pitch().pitchClass().soundsLike(wanted)) {
                return false;
            }
            n++;
        }
        return n == notes.size();
    }

    private static boolean isOne(
            char kind, TimedNote note, Fraction at, Arrangement tune, SortedMap<Fraction, List<TimedNote>> strokes) {
        ArrangedChord chord = tune.chords().get(note.chord());
        boolean ofChord = chord.chord().tones().stream()
                .anyMatch(tone -> tone.soundsLike(note.pitch().pitchClass()));
        return switch (kind) {
            case 'c' -> ofChord;
            case 'l' -> ofChord || isByStep(note, strokes.headMap(at)) || isByStep(note, tune, note.chord(), at);
            case 's' -> {
                int next = note.chord() + 1;
                yield next < tune.chords().size()
                        && tune.notesOf(next).stream()
                                .findFirst()
                                .filter(first -> {
                                    int apart = Math.abs(
                                            first.pitch().midi() - note.pitch().midi());
                                    return apart == 1 || apart == 2;
                                })
                                .isPresent();
            }
            default -> {
                List<TimedNote> before = new ArrayList<>();
                strokes.headMap(at).values().forEach(before::addAll);
                PitchClass fifth = chord.chord()
                        .root()
                        .plus(
                                chord.chord().quality().numbered(5) == null
                                        ? Interval.PERFECT_FIFTH
                                        : chord.chord().quality().numbered(5));
                yield note.pitch().pitchClass().soundsLike(fifth)
                        || note.pitch().pitchClass().soundsLike(chord.chord().root());
            }
        };
    }

    private static boolean isByStep(TimedNote note, SortedMap<Fraction, List<TimedNote>> before) {
        return !before.isEmpty()
                && before.get(before.lastKey()).stream()
                        .anyMatch(one ->
                                Math.abs(one.pitch().midi() - note.pitch().midi()) <= 2);
    }

    /** Whether the note that comes next is a step away. */
    private static boolean isByStep(TimedNote note, Arrangement tune, int chord, Fraction at) {
        return tune.notesOf(chord).stream()
                .filter(one -> one.bar() == note.bar() && one.onset().isAfter(at))
                .findFirst()
                .filter(one -> Math.abs(one.pitch().midi() - note.pitch().midi()) <= 2)
                .isPresent();
    }

    /** Two to four notes without gaps, the third among them and the seventh where there is one. */
    private static boolean isUpper(List<TimedNote> notes, Arrangement tune) {
        if (notes.size() < FEWEST_ABOVE || notes.size() > 4) {
            return false;
        }
        var chord = tune.chords().get(notes.get(0).chord()).chord();
        boolean ofChord = notes.stream()
                .allMatch(note -> chord.tones().stream()
                        .anyMatch(tone -> tone.soundsLike(note.pitch().pitchClass())));
        boolean close = notes.get(notes.size() - 1).pitch().midi()
                        - notes.get(0).pitch().midi()
                <= 12;
        boolean told = List.of(3, 7).stream()
                .map(number -> chord.quality().numbered(number))
                .allMatch(interval -> interval == null
                        || notes.stream()
                                .anyMatch(note -> note.pitch()
                                        .pitchClass()
                                        .soundsLike(chord.root().plus(interval))));
        return ofChord && close && told;
    }
}
