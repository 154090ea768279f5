package com.zestythumb.core.voicing;

import java.util.Arrays;

/** Finds what can be chosen by its name in data. */
public final class Named {

    private Named() {}

    /**
     * The one of this name.
     *
     * @param what what it is, for whoever asks for another: {@code "touch"}
     * @throws IllegalArgumentException if there is none, with those that are
     */
    public static <E extends Enum<E>> E in(Class<E> kind, String name, String what) {
        return Arrays.stream(kind.getEnumConstants())
                .filter(one -> one.name().equals(name))
                .findFirst()
                .orElseThrow(() -> new IllegalArgumentException("\"" + name + "\" is no " + what + "; choose one of "
                        + Arrays.toString(kind.getEnumConstants())));
    }
}
