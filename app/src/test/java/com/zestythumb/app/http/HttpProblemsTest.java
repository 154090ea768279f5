package com.zestythumb.app.http;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.catchThrowableOfType;

import com.zestythumb.core.pitch.Pitch;
import org.junit.jupiter.api.Test;
import org.springframework.http.HttpStatus;

/** What our own code says goes to the teacher; what nobody foresaw is a fault of ours and is called one. */
class HttpProblemsTest {

    private final HttpProblems problems = new HttpProblems();

    @Test
    void ourOwnWordsAreTheTeachers() {
        var e = catchThrowableOfType(IllegalArgumentException.class, () -> Pitch.parse("K4"));
        assertThat(problems.senseless(e).getStatus()).isEqualTo(HttpStatus.BAD_REQUEST.value());
        assertThat(problems.senseless(e).getDetail()).contains("is not a note name");
    }

    @Test
    void otherPeoplesAreNot() {
        var e = catchThrowableOfType(IllegalArgumentException.class, () -> Integer.parseInt("K4"));
        assertThat(problems.senseless(e).getStatus()).isEqualTo(HttpStatus.INTERNAL_SERVER_ERROR.value());
        assertThat(problems.senseless(e).getDetail()).doesNotContain("K4").contains("nobody foresaw");
    }
}
