package com.zestythumb.core.checking;

import java.util.List;
import java.util.Locale;
import java.util.ResourceBundle;

/** What is written of each thing that the rules find, in rules.properties beside this class. */
final class RuleBook {

    private static final ResourceBundle PAGES =
            ResourceBundle.getBundle(RuleBook.class.getPackageName() + ".rules", Locale.ROOT);

    private RuleBook() {}

    /** Of all faults, those of the hand first. */
    static List<String> codes() {
        return List.of(PAGES.getString("codes").split(" "));
    }

    static boolean has(String code, String name) {
        return PAGES.containsKey(code + "." + name);
    }

    /**
     * A line of the page of a fault.
     *
     * @throws java.util.MissingResourceException where there is none
     */
    static String line(String code, String name) {
        return PAGES.getString(code + "." + name);
    }
}
