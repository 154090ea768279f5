package com.zestythumb.formats.abc;

import com.zestythumb.formats.BroughtBar;
import com.zestythumb.formats.SheetBuilder;
import java.util.ArrayList;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;

/** The order in which the parts of a tune are played (standard 2.1, section 3.1.9): {@code AABB}, {@code (AB)3.C}, {@code A2B2}. */
final class PartOrder {

    /** One part, and how often in a row. */
    private record Run(char part, int times) {}

    private static final int MOST_PARTS = 200;

    private final String text;
    private int at;

    private PartOrder(String text) {
        this.text = text;
    }

    /** What the section of a part is called. */
    static String section(String part) {
        return part.length() == 1 ? "Part " + part : part;
    }

    /**
     * The bars in that order: a part that is played again at once is repeated, one that comes back later is written out.
     *
     * @return empty where the order says something else, names a part that is not there, or makes more bars than a chart holds
     */
    static Optional<List<BroughtBar>> lay(String order, List<BroughtBar> bars) {
        Map<Character, List<BroughtBar>> parts = parts(bars);
        List<Character> played = new PartOrder(order.replaceAll("[\\s.]", "")).read();
        boolean isWhole = !bars.isEmpty() && bars.get(0).section != null && parts.size() > 0;
        if (!isWhole || played.isEmpty() || !parts.keySet().containsAll(played)) {
            return Optional.empty();
        }
        List<BroughtBar> laid = new ArrayList<>();
        for (Run run : runs(played)) {
            List<BroughtBar> part = copied(parts.get(run.part()));
            if (repeats(part, run.times())) {
                laid.addAll(part);
            } else {
                for (int i = 0; i < run.times() && laid.size() <= SheetBuilder.MAX_BARS; i++) {
                    laid.addAll(copied(part));
                }
            }
        }
        return laid.size() > SheetBuilder.MAX_BARS ? Optional.empty() : Optional.of(laid);
    }

    private static List<BroughtBar> copied(List<BroughtBar> part) {
        return part.stream().map(bar -> bar.inKey(bar.key)).toList();
    }

    /** Whether the part is played so many times as it stands, or now that it is repeated; not where it repeats within itself. */
    private static boolean repeats(List<BroughtBar> part, int times) {
        BroughtBar first = part.get(0);
        BroughtBar last = part.get(part.size() - 1);
        boolean isPlain = part.stream()
                .allMatch(bar -> !bar.startsRepeat
                        && bar.timesPlayed == 1
                        && bar.ending.isEmpty()
                        && bar.marks.stream().allMatch(mark -> mark.loudness().isPresent()));
        if (isPlain && times > 1) {
            first.startsRepeat = true;
            last.timesPlayed = times;
        }
        return isPlain || times == 1 || part.stream().anyMatch(bar -> bar.timesPlayed == times);
    }

    private static Map<Character, List<BroughtBar>> parts(List<BroughtBar> bars) {
        Map<Character, List<BroughtBar>> parts = new LinkedHashMap<>();
        List<BroughtBar> part = new ArrayList<>();
        for (BroughtBar bar : bars) {
            if (bar.section != null) {
                part = new ArrayList<>();
                for (char name = 'A'; name <= 'Z'; name++) {
                    if (bar.section.equals(section(String.valueOf(name)))) {
                        parts.putIfAbsent(name, part);
                    }
                }
            }
            part.add(bar);
        }
        return parts;
    }

    private static List<Run> runs(List<Character> played) {
        List<Run> runs = new ArrayList<>();
        for (char part : played) {
            Run last = runs.isEmpty() ? null : runs.get(runs.size() - 1);
            if (last != null && last.part() == part) {
                runs.set(runs.size() - 1, new Run(part, last.times() + 1));
            } else {
                runs.add(new Run(part, 1));
            }
        }
        return runs;
    }

    /** Empty where it is none. */
    private List<Character> read() {
        List<Character> read = group(0);
        return at == text.length() ? read : List.of();
    }

    private List<Character> group(int depth) {
        List<Character> played = new ArrayList<>();
        while (at < text.length() && played.size() <= MOST_PARTS) {
            char sign = text.charAt(at);
            List<Character> one;
            if (sign >= 'A' && sign <= 'Z') {
                at++;
                one = List.of(sign);
            } else if (sign == '(' && depth < MOST_PARTS) {
                at++;
                one = group(depth + 1);
                if (at == text.length() || text.charAt(at) != ')') {
                    return List.of();
                }
                at++;
            } else {
                return played;
            }
            int times = times();
            for (int i = 0; i < times && played.size() <= MOST_PARTS; i++) {
                played.addAll(one);
            }
        }
        return played;
    }

    /** How often; a digit, as the standard has it. */
    private int times() {
        boolean isTold = at < text.length() && text.charAt(at) >= '1' && text.charAt(at) <= '9';
        return isTold ? text.charAt(at++) - '0' : 1;
    }
}
