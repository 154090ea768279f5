package com.zestythumb.core.arrangement;

import com.zestythumb.core.arrangement.BarPattern.Kind;
import com.zestythumb.core.arrangement.PatternMatch.Played;
import com.zestythumb.core.arrangement.PatternSlot.Placed;
import com.zestythumb.core.pattern.AccompanimentPattern;
import com.zestythumb.core.pattern.AccompanimentPattern.Step;
import com.zestythumb.core.sheet.Fraction;
import com.zestythumb.core.voicing.ChordTone;
import java.util.ArrayList;
import java.util.Comparator;
import java.util.EnumSet;
import java.util.HashMap;
import java.util.IdentityHashMap;
import java.util.List;
import java.util.Map;
import java.util.Set;
import java.util.SortedSet;
import java.util.TreeMap;
import java.util.TreeSet;
import java.util.stream.Collectors;
import java.util.stream.IntStream;

/**
 * What the left hand does bar by bar, whoever wrote it: the pattern of the catalogue that strikes the same keys at the same
 * times, or another of the names that teachers have; and where a bar is not as its like are (pattern names: common practice).
 */
public final class HandPatterns {

    /** Of so many strokes one may be another: where no pattern fits, and where one does that the tune has less often. */
    private static final int HALF = 2;

    private static final int QUARTER = 4;

    private final Map<List<Object>, List<PatternMatch>> known = new HashMap<>();
    private final Map<Played, List<Step>> played = new HashMap<>();
    private final List<PatternSlot> slots = new ArrayList<>();

    /** Where half of the bars have notes foreign to their chords, passing is what they are about. */
    private final boolean passes;

    private HandPatterns(Arrangement tune) {
        new TreeMap<>(HandStroke.byChord(tune)).forEach((index, strokes) -> {
            ArrangedChord chord = tune.chords().get(index);
            slots.add(
                    PatternSlot.of(chord, tune.sheet().bars().get(chord.event().bar()), strokes));
        });
        passes = 2 * slots.stream().filter(PatternSlot::hasForeign).count() > slots.size();
    }

    /** One for each bar in which the left hand plays. */
    public static List<BarPattern> of(Arrangement tune) {
        return new HandPatterns(tune).bars();
    }

    private List<BarPattern> bars() {
        Map<String, Long> possible = slots.stream()
                .flatMap(slot -> matches(slot).stream().filter(PatternMatch::isExact))
                .collect(Collectors.groupingBy(PatternMatch::kind, Collectors.counting()));
        Comparator<PatternMatch> usual = usual(possible);
        Map<PatternSlot, PatternMatch> fits = new IdentityHashMap<>();
        for (PatternSlot slot : slots) {
            matches(slot).stream().filter(PatternMatch::isExact).max(usual).ifPresent(match -> fits.put(slot, match));
        }
        Map<String, Long> names =
                fits.values().stream().collect(Collectors.groupingBy(PatternMatch::kind, Collectors.counting()));
        Map<List<Placed>, Long> shapes =
                slots.stream().collect(Collectors.groupingBy(slot -> slot.shape(), Collectors.counting()));
        Set<Kind> byKind = calledByKind(fits);
        Map<Integer, BarPattern> bars = new TreeMap<>();
        // Of a bar with several chords the one that has the most strokes gives the name.
        slots.sort(Comparator.comparingInt(slot -> -slot.strokes().size()));
        for (PatternSlot slot : slots) {
            PatternMatch fit = fits.get(slot);
            // A line over foreign notes is no broken chord, unless the tune has others.
            boolean line =
                    slot.kind() == Kind.WALKING_BASS && slot.hasForeign() && fit != null && names.get(fit.kind()) == 1;
            boolean isKind = line || slot.kind() != null && byKind.contains(slot.kind());
            PatternMatch match = isKind ? null : nearest(slot, fit, names);
            bars.merge(slot.bar().index(), pattern(slot, match, shapes), HandPatterns::joined);
        }
        return List.copyOf(bars.values());
    }

    /** What says more than an order of strokes, then what the tune has oftener, then the plainer name. */
    private static Comparator<PatternMatch> usual(Map<String, Long> often) {
        return Comparator.comparing((PatternMatch one) -> PatternMatch.RUN_OVER.containsKey(one.pattern()))
                .thenComparing(one -> often.getOrDefault(one.kind(), 0L))
                .thenComparing(one -> -one.rank());
    }

    /** A bar with several chords has one name, and what is odd in any of them. */
    private static BarPattern joined(BarPattern first, BarPattern next) {
        SortedSet<Integer> odd = new TreeSet<>(first.odd());
        odd.addAll(next.odd());
        return new BarPattern(first.bar(), first.kind(), first.name(), first.members(), List.copyOf(odd), first.text());
    }

    /** The patterns, as near as they come to what is struck. */
    private List<PatternMatch> matches(PatternSlot slot) {
        return known
                .computeIfAbsent(
                        slot.likeness(),
                        alike -> PatternMatch.all(slot.strokes(), slot.chord().event(), slot.bar(), played))
                .stream()
                .filter(match -> match.suits(slot.strokes(), slot.chord().chord()))
                .toList();
    }

    private BarPattern pattern(PatternSlot slot, PatternMatch match, Map<List<Placed>, Long> shapes) {
        boolean isFigure = match != null;
        boolean isKnown = isFigure && !match.oneKey();
        SortedSet<Fraction> odd = new TreeSet<>(isFigure ? match.odd() : differing(slot, shapes));
        odd.addAll(foreign(slot, isKnown ? match.pattern() : null));
        return new BarPattern(
                slot.bar().index(),
                isFigure ? match.kind() : slot.kind() == null ? "" : slot.kind().name(),
                isFigure ? match.name() : slot.kind() == null ? "" : slot.kind().words(),
                members(slot),
                counts(slot, odd),
                isKnown && match.isExact() ? match.pattern().text() : PatternText.of(slot.strokes()));
    }

    /**
     * Kinds by which bars are called, though a pattern may strike so too: where most of the tune's others fit no pattern; a line
     * on the beats where no one pattern has two thirds of it.
     */
    private Set<Kind> calledByKind(Map<PatternSlot, PatternMatch> fits) {
        Set<Kind> kinds = EnumSet.of(Kind.DOUBLES, Kind.SCALE);
        for (Kind kind : Kind.values()) {
            List<PatternSlot> some =
                    slots.stream().filter(slot -> slot.kind() == kind).toList();
            Map<String, Long> patterns = some.stream()
                    .filter(fits::containsKey)
                    .collect(Collectors.groupingBy(slot -> fits.get(slot).kind(), Collectors.counting()));
            long all = patterns.values().stream().mapToLong(Long::longValue).sum();
            long most =
                    patterns.values().stream().mapToLong(Long::longValue).max().orElse(0);
            boolean line = kind == Kind.WALKING_BASS && 3 * most < 2 * some.size();
            if (some.size() > 1 && (line || 2 * all < some.size())) {
                kinds.add(kind);
            }
        }
        return kinds;
    }

    /** The pattern that fits, if one does; but one that is nearly it where the tune has it oftener. */
    private PatternMatch nearest(PatternSlot slot, PatternMatch fits, Map<String, Long> names) {
        long often = fits == null ? 0 : names.get(fits.kind());
        return matches(slot).stream()
                .filter(one -> !one.isExact() && names.getOrDefault(one.kind(), 0L) > often)
                .filter(one -> one.isNear(fits == null ? HALF : QUARTER))
                .min(Comparator.comparingInt(PatternMatch::wrong)
                        .thenComparing(
                                one -> one.members(slot.strokes(), slot.chord().chord())
                                        .contains(ChordTone.FOREIGN))
                        .thenComparing(usual(names).reversed()))
                .orElse(fits);
    }

    /** What is no member of its chord, in a pattern that runs over members. */
    private SortedSet<Fraction> foreign(PatternSlot slot, AccompanimentPattern pattern) {
        SortedSet<Fraction> foreign = new TreeSet<>();
        boolean runs = !passes
                && (pattern != null
                        ? !PatternMatch.RUN_OVER.containsKey(pattern)
                        : slot.kind() != null && slot.kind().isOneShape());
        slot.strokes().stream()
                .filter(stroke -> runs && stroke.members(slot.chord().chord()).contains(ChordTone.FOREIGN))
                .forEach(stroke -> foreign.add(stroke.onset()));
        return foreign;
    }

    /** Where a bar differs from the shape that most bars of its kind have. */
    private SortedSet<Fraction> differing(PatternSlot slot, Map<List<Placed>, Long> shapes) {
        SortedSet<Fraction> odd = new TreeSet<>();
        if (slot.kind() == null || !slot.kind().isOneShape()) {
            return odd;
        }
        List<Placed> usual = slots.stream()
                .filter(other -> other.kind() == slot.kind())
                .map(other -> other.shape())
                .max(Comparator.comparing(shapes::get))
                .orElseThrow();
        if (shapes.get(usual) > 1) {
            // Over more keys, or fewer, the same way up and down is the same.
            boolean alike = keys(usual) == keys(slot.shape());
            differing(alike ? slot.shape() : contour(slot.shape()), alike ? usual : contour(usual), odd);
            differing(alike ? usual : contour(usual), alike ? slot.shape() : contour(slot.shape()), odd);
        }
        return odd;
    }

    private static int keys(List<Placed> shape) {
        return (int) shape.stream()
                .flatMap(stroke -> stroke.places().stream())
                .distinct()
                .count();
    }

    private static List<Placed> contour(List<Placed> shape) {
        List<Placed> contour = new ArrayList<>();
        int before = 0;
        for (Placed stroke : shape) {
            int lowest = stroke.places().get(0);
            contour.add(new Placed(stroke.onset(), List.of(Integer.signum(lowest - before))));
            before = lowest;
        }
        return contour;
    }

    private static void differing(List<Placed> one, List<Placed> other, SortedSet<Fraction> odd) {
        one.stream().filter(stroke -> !other.contains(stroke)).forEach(stroke -> odd.add(stroke.onset()));
    }

    /** The members of a bar's strokes until they come again: {@code "root 5th 3rd 5th"}. */
    private static String members(PatternSlot slot) {
        List<String> words = slot.strokes().stream()
                .map(stroke -> stroke.members(slot.chord().chord()).stream()
                        .map(ChordTone::words)
                        .distinct()
                        .collect(Collectors.joining("+")))
                .toList();
        int period = 1;
        while (period < words.size() && !comesAgain(words, period)) {
            period++;
        }
        return String.join(" ", 2 * period > words.size() ? words : words.subList(0, period));
    }

    private static boolean comesAgain(List<String> words, int period) {
        return IntStream.range(period, words.size()).allMatch(i -> words.get(i).equals(words.get(i - period)));
    }

    private static List<Integer> counts(PatternSlot slot, SortedSet<Fraction> odd) {
        return odd.stream()
                .map(onset -> slot.bar().countAt(slot.chord().event().start().plus(onset)))
                .distinct()
                .toList();
    }
}
