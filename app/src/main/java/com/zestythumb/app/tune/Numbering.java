package com.zestythumb.app.tune;

import java.util.HashMap;
import java.util.List;
import java.util.Map;

/** Numbers of rows, counted anew from 0 for a file. */
final class Numbering {

    private Numbering() {}

    static Map<Long, Integer> of(List<Long> ids) {
        Map<Long, Integer> numbers = new HashMap<>();
        ids.forEach(id -> numbers.put(id, numbers.size()));
        return numbers;
    }
}
