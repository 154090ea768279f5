package com.zestythumb.core.checking;

import com.zestythumb.core.voiceleading.Kind;
import java.util.Locale;
import java.util.ResourceBundle;
import java.util.Set;
import java.util.stream.Collectors;

/** What is written of each thing that the rules find, in rules.properties beside this class. */
final class RuleBook {

    private static final ResourceBundle PAGES =
            ResourceBundle.getBundle(RuleBook.class.getPackageName() + ".rules", Locale.ROOT);

    private RuleBook() {}

    /** The codes that it has words for. */
    static Set<String> codes() {
        return PAGES.keySet().stream()
                .map(key -> key.substring(0, key.lastIndexOf('.')))
                .collect(Collectors.toSet());
    }

    static boolean has(Kind kind, String name) {
        return PAGES.containsKey(kind.code() + "." + name);
    }

    /**
     * A line of the page of something found.
     *
     * @throws java.util.MissingResourceException where there is none
     */
    static String line(Kind kind, String name) {
        return PAGES.getString(kind.code() + "." + name);
    }
}
