package com.zestythumb.core.sheet;

import com.zestythumb.core.chord.Chord;
import java.util.ArrayList;
import java.util.List;
import java.util.function.Function;
import java.util.function.UnaryOperator;

/**
 * That a chord was guessed and waits for the teacher's yes.
 *
 * @param percent how likely it is, of a hundred; 0 where nobody can tell
 * @param others what else it might be, the likeliest first
 */
public record Guess(int percent, List<Other> others) {

    /**
     * Another name.
     *
     * @param percent how likely it is, of a hundred; 0 where nobody can tell
     */
    public record Other(Chord chord, int percent) {}

    /** A guess of which nothing more is known. */
    public static final Guess PLAIN = new Guess(0, List.of());

    public Guess {
        others = List.copyOf(others);
    }

    public static Guess of(List<Chord> others) {
        return new Guess(0, others.stream().map(chord -> new Other(chord, 0)).toList());
    }

    Guess map(UnaryOperator<Chord> change) {
        return new Guess(
                percent,
                others.stream()
                        .map(other -> new Other(change.apply(other.chord()), other.percent()))
                        .toList());
    }

    /** Reads what stands behind the question mark: {@code "62?C6?21"}; a name that cannot be read is dropped. */
    static Guess parse(String text, Function<String, Chord> names) {
        int percent = 0;
        List<Other> others = new ArrayList<>();
        Chord last = null;
        for (String part : text.split("\\?")) {
            boolean number = part.matches("\\d{1,2}|100");
            if (!number) {
                last = names.apply(part);
                if (last != null) {
                    others.add(new Other(last, 0));
                }
            } else if (last != null) {
                others.set(others.size() - 1, new Other(last, Integer.parseInt(part)));
            } else if (others.isEmpty()) {
                percent = Integer.parseInt(part);
            }
        }
        return new Guess(percent, others);
    }

    /** As the chart writes it, {@link #parse} with its question mark reads it back. */
    String write(Function<Chord, String> names) {
        StringBuilder out = new StringBuilder("?").append(percent > 0 ? percent : "");
        for (int i = 0; i < others.size(); i++) {
            out.append(i > 0 || percent > 0 ? "?" : "")
                    .append(names.apply(others.get(i).chord()));
            out.append(others.get(i).percent() > 0 ? "?" + others.get(i).percent() : "");
        }
        return out.toString();
    }
}
