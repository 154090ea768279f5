package com.zestythumb.app.arrange;

import com.zestythumb.core.voiceleading.Level;
import java.util.Map;

/** How much the teacher minds what is found, where that is not what the school says. */
public interface OwnLevels {

    /** By the codes of faults. */
    Map<String, Level> levels();
}
