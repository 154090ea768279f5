package com.zestythumb.core.chord;

import com.zestythumb.core.pitch.Interval;
import java.util.ArrayList;
import java.util.Collection;
import java.util.Comparator;
import java.util.HashMap;
import java.util.LinkedHashSet;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.Set;

/** Finds the normal suffix for a set of intervals: a kind from the table and as few changes as will do. */
final class SuffixWriter {

    private static final Map<Set<Interval>, Quality> BY_TONES = new HashMap<>();

    static {
        // Where two rows have the same tones the earlier, simpler one names them.
        QualityTable.ROWS.forEach(
                row -> BY_TONES.putIfAbsent(Set.copyOf(row.quality().intervals()), row.quality()));
    }

    private SuffixWriter() {}

    static Optional<Quality> nameOf(Collection<Interval> intervals) {
        Set<Interval> tones = new LinkedHashSet<>(intervals);
        Quality known = BY_TONES.get(tones);
        if (known != null) {
            return Optional.of(known);
        }
        return QualityTable.ROWS.stream()
                .map(QualityTable.Row::quality)
                .flatMap(base -> changed(base, tones).stream())
                .min(Comparator.comparingInt(Named::plainness)
                        .thenComparing(n -> n.quality().suffix().length()))
                .map(Named::quality);
    }

    private record Named(Quality quality, int plainness) {}

    private static Optional<Named> changed(Quality base, Set<Interval> tones) {
        List<String> changes = new ArrayList<>();
        List<String> words = new ArrayList<>();
        boolean seventh = base.hasSeventh();
        for (Interval tone :
                tones.stream().sorted(Comparator.comparingInt(Interval::steps)).toList()) {
            if (!base.intervals().contains(tone)) {
                String sign = sign(tone);
                boolean alters = !sign.isEmpty() && (seventh || tone.steps() == 4);
                changes.add((alters ? "" : "add") + sign + (tone.steps() + 1));
                words.add((alters ? "" : "added ") + spoken(sign) + tone.numberName());
            }
        }
        for (Interval tone : base.intervals()) {
            boolean replaced = tones.stream().anyMatch(t -> t.steps() == tone.steps());
            if (!tones.contains(tone) && !replaced) {
                changes.add("no" + (tone.steps() + 1));
                words.add("without " + tone.numberName());
            }
        }
        String tail = String.join("", changes);
        // Behind a bare root a sign would belong to the root: C(b5) is not Cb5.
        boolean brackets = base.suffix().isEmpty() && (tail.startsWith("b") || tail.startsWith("#"));
        String suffix = base.suffix() + (brackets ? "(" + tail + ")" : tail);
        boolean reads = SuffixReader.change(base, brackets ? "(" + tail + ")" : tail)
                .map(made -> Set.copyOf(made).equals(tones))
                .orElse(false);
        if (!reads || changes.isEmpty() || readsAsAnother(suffix, base)) {
            return Optional.empty();
        }
        String description = base.description() + ", " + String.join(", ", words);
        // To leave a tone out says less plainly what sounds than to add one.
        int plainness = 2 * changes.size()
                + (int) changes.stream().filter(c -> c.startsWith("no")).count();
        return Optional.of(new Named(new Quality(suffix, description, tones), plainness));
    }

    /** Whether a longer row of the table would be taken for the beginning of this suffix. */
    private static boolean readsAsAnother(String suffix, Quality base) {
        for (int end = suffix.length(); end > base.suffix().length(); end--) {
            Quality other = QualityTable.BY_SPELLING.get(suffix.substring(0, end));
            if (other != null
                    && SuffixReader.change(other, suffix.substring(end)).isPresent()) {
                return true;
            }
        }
        return false;
    }

    private static String sign(Interval tone) {
        int change = tone.semitones() - naturalSemitones(tone);
        return change == 0 ? "" : change > 0 ? "#".repeat(change) : "b".repeat(-change);
    }

    private static int naturalSemitones(Interval tone) {
        int[] natural = {0, 2, 4, 5, 7, 9, 10};
        return natural[tone.steps() % 7] + 12 * (tone.steps() / 7);
    }

    private static String spoken(String sign) {
        return sign.isEmpty() ? "" : sign.startsWith("b") ? "flat " : "sharp ";
    }
}
