package com.zestythumb.app.http;

import static org.assertj.core.api.Assertions.assertThat;

import org.junit.jupiter.api.BeforeEach;
import org.junit.jupiter.api.Test;
import org.springframework.beans.factory.annotation.Autowired;
import org.springframework.boot.test.context.SpringBootTest;
import org.springframework.boot.webmvc.test.autoconfigure.AutoConfigureMockMvc;
import org.springframework.jdbc.core.JdbcTemplate;
import org.springframework.test.web.servlet.assertj.MockMvcTester;
import org.springframework.test.web.servlet.assertj.MvcTestResult;

/** RFC 6585, 4: too many requests, and when to come again. */
@SpringBootTest(properties = "zesty.students.per-minute=5")
@AutoConfigureMockMvc
class StudentLimitTest {

    @Autowired
    private MockMvcTester api;

    @Autowired
    private JdbcTemplate database;

    @BeforeEach
    void empty() {
        database.execute("truncate bucket");
    }

    private MvcTestResult asked(String code, String address) {
        return api.get()
                .uri("/api/answers/" + code)
                .with(request -> {
                    request.setRemoteAddr(address);
                    return request;
                })
                .exchange();
    }

    @Test
    void oneCodeFromOneAddressIsAskedSoOften() {
        for (int i = 0; i < 5; i++) {
            assertThat(asked("one-code", "10.0.0.1")).hasStatus(404);
        }
        MvcTestResult refused = asked("one-code", "10.0.0.1");
        assertThat(refused).hasStatus(429).headers().containsHeader("Retry-After");
        assertThat(refused).bodyText().contains("wait a moment");
        assertThat(asked("other-code", "10.0.0.1")).hasStatus(404);
        assertThat(asked("one-code", "10.0.0.2")).hasStatus(404);
        assertThat(api.get().uri("/api/tunes").exchange()).hasStatusOk();
    }

    /** Several instances count together, and what is counted tells nobody's code or address. */
    @Test
    void itIsCountedInTheDatabase() {
        asked("one-code", "10.0.0.1");
        assertThat(database.queryForList("select to_jsonb(b)::text from bucket b", String.class))
                .hasSize(1)
                .allSatisfy(row -> assertThat(row).doesNotContain("one-code", "10.0.0.1"));
    }
}
