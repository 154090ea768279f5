package com.zestythumb.app.arrange;

import com.zestythumb.core.voiceleading.Kind;
import com.zestythumb.core.voiceleading.Severity;
import java.util.Map;

/** How grave the teacher holds what is found, where that is not what the school says. */
public interface OwnLevels {

    Map<Kind, Severity> levels();
}
