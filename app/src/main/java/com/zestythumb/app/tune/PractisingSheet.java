package com.zestythumb.app.tune;

import com.zestythumb.app.arrange.ChoicesDto;
import com.zestythumb.app.arrange.HandDto;
import com.zestythumb.app.arrange.PracticeRecordDto;
import io.swagger.v3.oas.annotations.media.Schema;
import java.util.regex.Pattern;
import tools.jackson.databind.node.ObjectNode;

/** What a student has to practise: the tune as it is played, without names. */
@Schema(name = "PractisingSheet")
record PractisingSheet(String chart, ChoicesDto choices, HandDto hand, PracticeRecordDto practised) {

    private static final Pattern REMARKS = Pattern.compile("(?m)^\\s*#.*\\R?");

    /** What the teacher wrote for herself stays with her: remarks in the chart, and why she leaves what the rules mind. */
    static PractisingSheet of(Assignment assignment, PracticeRecordDto practised) {
        ObjectNode choices = KeptChoices.tree(assignment.choices());
        choices.remove("waivers");
        return new PractisingSheet(
                REMARKS.matcher(assignment.tune().chart()).replaceAll(""),
                KeptChoices.read(choices),
                assignment.student().hand(),
                practised);
    }
}
