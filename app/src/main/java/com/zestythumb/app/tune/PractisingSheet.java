package com.zestythumb.app.tune;

import com.zestythumb.app.arrange.ChoicesDto;
import com.zestythumb.app.arrange.HandDto;
import com.zestythumb.app.arrange.PracticeRecordDto;
import io.swagger.v3.oas.annotations.media.Schema;

/** What a student has to practise: the tune as it is played, without names. */
@Schema(name = "PractisingSheet")
record PractisingSheet(String chart, ChoicesDto choices, HandDto hand, PracticeRecordDto practised) {

    static PractisingSheet of(Assignment assignment) {
        return new PractisingSheet(
                assignment.tune().chart(),
                assignment.choices(),
                assignment.student().hand(),
                assignment.practised());
    }
}
