package com.zestythumb.app.exercise;

import com.zestythumb.core.exercise.Task;
import java.util.Collections;
import java.util.LinkedHashMap;
import java.util.Map;
import org.springframework.stereotype.Component;

/** Exercises that were answered lately, with their keys: one is asked about with every chord that is played, and never changes. */
@Component
class RecentExercises {

    private static final int MOST = 100;

    private final Map<Long, Task> known = Collections.synchronizedMap(new LinkedHashMap<>(MOST, 1, true) {
        @Override
        protected boolean removeEldestEntry(Map.Entry<Long, Task> eldest) {
            return size() > MOST;
        }
    });

    /** Computes it, or finds it again. Two who ask at the same moment may both compute it. */
    Task of(KeptExercise kept) {
        Task here = known.get(kept.id());
        if (here == null) {
            here = kept.task();
            known.put(kept.id(), here);
        }
        return here;
    }
}
