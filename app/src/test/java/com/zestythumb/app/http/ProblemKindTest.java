package com.zestythumb.app.http;

import static org.assertj.core.api.Assertions.assertThat;

import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.EnumSource;
import org.springframework.beans.factory.annotation.Autowired;
import org.springframework.boot.test.context.SpringBootTest;
import org.springframework.boot.webmvc.test.autoconfigure.AutoConfigureMockMvc;
import org.springframework.http.MediaType;
import org.springframework.test.web.servlet.assertj.MockMvcTester;
import org.springframework.test.web.servlet.assertj.MvcTestResult;
import tools.jackson.databind.JsonNode;
import tools.jackson.databind.json.JsonMapper;

/** RFC 9457: a problem has a type, and the type an address that tells more; RFC 9110: what is made has one, and a version. */
@SpringBootTest
@AutoConfigureMockMvc
class ProblemKindTest {

    @Autowired
    private MockMvcTester api;

    private static JsonNode json(MvcTestResult result) throws Exception {
        return JsonMapper.shared().readTree(result.getResponse().getContentAsString());
    }

    @ParameterizedTest
    @EnumSource(ProblemKind.class)
    void everyTypeHasItsPage(ProblemKind kind) throws Exception {
        MvcTestResult page = api.get().uri(kind.type().toString()).exchange();
        assertThat(page).hasStatusOk();
        assertThat(json(page).get("status").asInt()).isEqualTo(kind.status().value());
        assertThat(json(page).get("meaning").asString()).endsWith(".");
    }

    @Test
    void aProblemNamesItsType() throws Exception {
        MvcTestResult missing = api.get().uri("/api/tunes/987654321").exchange();
        assertThat(missing).hasStatus(404).hasContentType(MediaType.APPLICATION_PROBLEM_JSON);
        assertThat(json(missing).get("type").asString()).isEqualTo("/api/problems/not-found");
        MvcTestResult elsewhere = api.post()
                .uri("/api/tunes")
                .header("Sec-Fetch-Site", "cross-site")
                .exchange();
        assertThat(json(elsewhere).get("type").asString()).isEqualTo("/api/problems/other-site");
    }

    @Test
    void whatIsMadeHasAnAddressAndAVersion() throws Exception {
        MvcTestResult made = api.post()
                .uri("/api/students")
                .contentType(MediaType.APPLICATION_JSON)
                .content("{\"name\":\"Addressed\"}")
                .exchange();
        long id = json(made).get("id").asLong();
        assertThat(made)
                .hasStatus(201)
                .headers()
                .hasValue("Location", "/api/students/" + id)
                .hasValue("ETag", "\"0\"");
        MvcTestResult saved = api.put()
                .uri("/api/students/" + id)
                .header("If-Match", made.getResponse().getHeader("ETag"))
                .contentType(MediaType.APPLICATION_JSON)
                .content("{\"name\":\"Addressed, 9\"}")
                .exchange();
        assertThat(saved).hasStatusOk().headers().hasValue("ETag", "\"1\"");
    }
}
