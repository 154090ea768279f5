package com.zestythumb.core.chord;

import com.zestythumb.core.pitch.PitchClass;
import java.util.Comparator;
import java.util.List;
import java.util.Locale;
import java.util.Optional;
import java.util.regex.Matcher;
import java.util.regex.Pattern;

/** Reads chord symbols by table and finds the nearest ones to a wrong one. */
final class ChordParser {

    private static final Pattern SYNTAX = Pattern.compile("([A-G])([#♯b♭]?)([^/]*)(?:/(.*))?");
    private static final Pattern DOUBLED = Pattern.compile("([A-G](?:bb|♭♭|##|♯♯|𝄪|𝄫))(.*)");
    private static final Pattern SIX_NINE = Pattern.compile("6/9(?!\\d)");
    private static final int NEAR = 3;

    /** Two rich chords one over the other are shorter. */
    private static final int LONGEST = 48;

    private ChordParser() {}

    static Chord parse(String symbol) {
        if (symbol.length() > LONGEST) {
            throw new ChordSyntaxException(symbol.substring(0, LONGEST) + "…", List.of());
        }
        Matcher m = SYNTAX.matcher(SIX_NINE.matcher(symbol).replaceAll("69").replace("m/maj7", "mM7"));
        if (!m.matches()) {
            throw new ChordSyntaxException(symbol, withRootFixed(symbol));
        }
        String suffix = m.group(3);
        PitchClass root = PitchClass.parse(m.group(1) + m.group(2));
        String behind = m.group(4);
        Optional<Quality> read = SuffixReader.read(suffix);
        Matcher doubled = DOUBLED.matcher(m.group(1) + m.group(2) + suffix);
        if (read.isEmpty() && doubled.matches()) {
            // B𝄫7, as one asks a fifth above F♭; Bbb5 is a B flat with its fifth lowered.
            Optional<Quality> other = SuffixReader.read(doubled.group(2));
            if (other.isPresent()) {
                PitchClass flatter = PitchClass.parse(doubled.group(1));
                return behind == null ? Chord.of(flatter, other.get()) : over(symbol, flatter, other.get(), behind);
            }
        }
        Quality quality = read.orElseThrow(() -> new ChordSyntaxException(symbol, nearest(symbol, root, suffix)));
        return behind == null ? Chord.of(root, quality) : over(symbol, root, quality, behind);
    }

    /** A single letter behind the slash is a bass note; anything more is a chord of its own. */
    private static Chord over(String symbol, PitchClass root, Quality quality, String behind) {
        if (behind.matches("[A-G](?:#{0,2}|♯{0,2}|b{0,2}|♭{0,2}|𝄪|𝄫)")) {
            return new Chord(root, quality, PitchClass.parse(behind));
        }
        try {
            Chord lower = parse(behind);
            if (lower.upper() != null) {
                throw new IllegalArgumentException("two chords at most are piled up");
            }
            return new Chord(lower.root(), lower.quality(), lower.bass(), Chord.of(root, quality));
        } catch (IllegalArgumentException e) {
            String upper = behind.length() > 0 && behind.length() < 3 ? capital(behind) : "";
            String head = symbol.substring(0, symbol.length() - behind.length() - 1);
            boolean fixes = upper.matches("[A-G][#b]?");
            throw new ChordSyntaxException(symbol, List.of(fixes ? head + "/" + upper : head));
        }
    }

    private static String capital(String text) {
        return text.substring(0, 1).toUpperCase(Locale.ROOT) + text.substring(1);
    }

    /** For "am7" or "Hm": the symbol with a root that exists, where that fixes it. */
    private static List<String> withRootFixed(String symbol) {
        if (symbol.isEmpty()) {
            return List.of();
        }
        String fixed = symbol.charAt(0) == 'H' ? "B" + symbol.substring(1) : capital(symbol);
        try {
            return fixed.equals(symbol) ? List.of() : List.of(parse(fixed).toString());
        } catch (ChordSyntaxException e) {
            return e.suggestions();
        }
    }

    /** Letters to change; upper and lower case taken for one another count as one change in all. */
    private static int distance(String typed, String known) {
        int withoutCase = EditDistance.between(typed.toLowerCase(Locale.ROOT), known.toLowerCase(Locale.ROOT));
        return Math.min(EditDistance.between(typed, known), withoutCase + 1);
    }

    private static List<String> nearest(String symbol, PitchClass root, String suffix) {
        record Near(Quality quality, boolean asPrinted, int distance) {}
        String tail = symbol.contains("/") ? symbol.substring(symbol.indexOf('/')) : "";
        List<Quality> common = Quality.common();
        return QualityTable.BY_SPELLING.entrySet().stream()
                .map(known -> new Near(
                        known.getValue(),
                        known.getKey().equals(known.getValue().suffix()),
                        distance(suffix, known.getKey())))
                .filter(near -> near.distance() < NEAR && near.distance() < Math.max(2, suffix.length()))
                .sorted(Comparator.comparingInt(Near::distance)
                        .thenComparing(Near::asPrinted, Comparator.reverseOrder())
                        .thenComparing(near -> common.indexOf(near.quality())))
                .map(near -> root + near.quality().suffix() + tail)
                .distinct()
                .limit(2)
                .toList();
    }
}
