package com.zestythumb.core.chord;

import java.util.List;

/** A text that is not a chord symbol, with the nearest ones that are. */
public final class ChordSyntaxException extends IllegalArgumentException {

    private final String symbol;
    private final List<String> suggestions;

    ChordSyntaxException(String symbol, List<String> suggestions) {
        super("\"" + symbol + "\" is not a chord"
                + (suggestions.isEmpty() ? "" : "; did you mean " + String.join(" or ", suggestions) + "?"));
        this.symbol = symbol;
        this.suggestions = List.copyOf(suggestions);
    }

    public String symbol() {
        return symbol;
    }

    /** Valid symbols, nearest first; empty where nothing comes near. */
    public List<String> suggestions() {
        return suggestions;
    }
}
