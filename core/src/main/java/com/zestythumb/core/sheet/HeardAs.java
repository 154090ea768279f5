package com.zestythumb.core.sheet;

import com.zestythumb.core.pitch.Key;
import com.zestythumb.core.pitch.NoteNames;
import java.util.Optional;
import java.util.regex.Matcher;
import java.util.regex.Pattern;

/**
 * How the teacher hears a chord, written behind it: {@code D7=V7/V}, or in another key {@code Am=ii@G}.
 *
 * @param numeral the numeral as written
 * @param key the key from which it is counted; null for the one that is heard there anyway
 */
public record HeardAs(String numeral, Key key) {

    private static final Pattern SYNTAX =
            Pattern.compile("((?:[b#♭♯]*(?:VII|VI|V|IV|III|II|I|vii|vi|v|iv|iii|ii|i|N|Ger|Fr|It|ct|subV)"
                    + "[°oø+]?[\\w♭♯/°ø+()]*))(?:@(.+))?");

    /** Reads {@code "V7/V"}, {@code "ii@G"}, {@code "i@E minor"} written without blank as {@code "i@Em"}. */
    static Optional<HeardAs> parse(String text, NoteNames names) {
        Matcher m = SYNTAX.matcher(text);
        if (!m.matches()) {
            return Optional.empty();
        }
        try {
            return Optional.of(
                    new HeardAs(m.group(1), m.group(2) == null ? null : HeadingReader.key(m.group(2), names)));
        } catch (IllegalArgumentException e) {
            return Optional.empty();
        }
    }

    /** As it stands in a chart, without blanks. */
    public String write(NoteNames names) {
        if (key == null) {
            return numeral;
        }
        String name = names.fromEnglish(key.toString());
        return numeral + "@" + name.replace(" minor", "m").replace(" major", "").replace(" ", "");
    }
}
