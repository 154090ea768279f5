package com.zestythumb.core.chord;

import com.zestythumb.core.pitch.PitchClass;
import java.util.Comparator;
import java.util.HashMap;
import java.util.List;
import java.util.Locale;
import java.util.Map;
import java.util.regex.Matcher;
import java.util.regex.Pattern;

/** Reads chord symbols by table and finds the nearest ones to a wrong one. */
final class ChordParser {

    private static final Pattern SYNTAX = Pattern.compile("([A-G])([#♯b♭]?)([^/]*)(?:/(.*))?");
    private static final int NEAR = 3;

    private static final Map<String, Quality> BY_SUFFIX = new HashMap<>();

    static {
        for (Quality quality : Quality.values()) {
            BY_SUFFIX.put(quality.suffix(), quality);
            quality.aliases().forEach(alias -> BY_SUFFIX.put(alias, quality));
        }
    }

    private ChordParser() {}

    static Chord parse(String symbol) {
        Matcher m = SYNTAX.matcher(symbol);
        if (!m.matches()) {
            throw new ChordSyntaxException(symbol, withRootMended(symbol));
        }
        String suffix = m.group(3);
        PitchClass root = PitchClass.parse(m.group(1) + m.group(2));
        Quality quality = BY_SUFFIX.get(suffix);
        if (quality == null) {
            throw new ChordSyntaxException(symbol, nearest(symbol, root, suffix));
        }
        return new Chord(root, quality, m.group(4) == null ? root : bass(symbol, m.group(4)));
    }

    private static PitchClass bass(String symbol, String text) {
        try {
            return PitchClass.parse(text);
        } catch (IllegalArgumentException e) {
            String upper = text.length() > 0 && text.length() < 3 ? capital(text) : "";
            boolean mends = upper.matches("[A-G][#b]?");
            String head = symbol.substring(0, symbol.indexOf('/'));
            throw new ChordSyntaxException(symbol, mends ? List.of(head + "/" + upper) : List.of(head));
        }
    }

    private static String capital(String text) {
        return text.substring(0, 1).toUpperCase(Locale.ROOT) + text.substring(1);
    }

    /** For "am7" or "Hm": the symbol with a root that exists, where that mends it. */
    private static List<String> withRootMended(String symbol) {
        if (symbol.isEmpty()) {
            return List.of();
        }
        String mended = symbol.charAt(0) == 'H' ? "B" + symbol.substring(1) : capital(symbol);
        try {
            return mended.equals(symbol) ? List.of() : List.of(parse(mended).toString());
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
        return BY_SUFFIX.entrySet().stream()
                .map(known -> new Near(
                        known.getValue(),
                        known.getKey().equals(known.getValue().suffix()),
                        distance(suffix, known.getKey())))
                .filter(near -> near.distance() < NEAR && near.distance() < Math.max(2, suffix.length()))
                .sorted(Comparator.comparingInt(Near::distance)
                        .thenComparing(Near::asPrinted, Comparator.reverseOrder())
                        .thenComparing(Near::quality))
                .map(near -> root + near.quality().suffix() + tail)
                .distinct()
                .limit(2)
                .toList();
    }
}
