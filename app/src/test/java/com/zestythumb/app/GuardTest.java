package com.zestythumb.app;

import static org.assertj.core.api.Assertions.assertThat;

import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;
import org.junit.jupiter.params.provider.ValueSource;
import org.springframework.beans.factory.annotation.Autowired;
import org.springframework.boot.test.context.SpringBootTest;
import org.springframework.boot.webmvc.test.autoconfigure.AutoConfigureMockMvc;
import org.springframework.test.web.servlet.assertj.MockMvcTester;
import org.springframework.test.web.servlet.assertj.MvcTestResult;

@SpringBootTest(properties = "zesty.hosts=music-room.local,studio")
@AutoConfigureMockMvc
class GuardTest {

    @Autowired
    private MockMvcTester api;

    private MvcTestResult called(String host) {
        return api.get()
                .uri("/api/tunes")
                .with(request -> {
                    request.setServerName(host);
                    return request;
                })
                .exchange();
    }

    @ParameterizedTest
    @ValueSource(strings = {"localhost", "127.0.0.1", "192.168.1.20", "[::1]", "::1", "music-room.local", "Studio"})
    void answersUnderItsAddressesAndItsNames(String host) {
        assertThat(called(host)).hasStatusOk();
    }

    /** DNS rebinding: a name of somebody else's that points here. */
    @ParameterizedTest
    @ValueSource(strings = {"evil.example", "localhost.evil.example", "127.0.0.1.evil.example"})
    void answersUnderNoOther(String host) {
        assertThat(called(host)).hasStatus(421).bodyText().contains("start it with --host");
    }

    /** Content Security Policy Level 3: nothing is loaded from elsewhere, and no page may frame this one. */
    @Test
    void letsThePageLoadNothingFromElsewhere() {
        MvcTestResult answer = called("localhost");
        assertThat(answer).headers().hasValue("X-Content-Type-Options", "nosniff");
        assertThat(answer.getResponse().getHeader("Content-Security-Policy"))
                .contains("default-src 'self'", "frame-ancestors 'none'", "object-src 'none'")
                .doesNotContain("http", "*", "'unsafe-eval'");
    }

    private MvcTestResult removing(String header, String value) {
        return api.post()
                .uri("/api/tunes/987654321/put-back")
                .header("Host", "localhost:8080")
                .header(header, value)
                .exchange();
    }

    /** Fetch Metadata Request Headers (W3C): a page of another site is told so by the browser itself. */
    @ParameterizedTest
    @CsvSource({
        "Sec-Fetch-Site, cross-site",
        "Sec-Fetch-Site, same-site",
        "Origin, https://evil.example",
        "Origin, http://localhost:9999",
        "Origin, null"
    })
    void changesNothingForAPageOfAnotherSite(String header, String value) {
        assertThat(removing(header, value)).hasStatus(403).bodyText().contains("another site");
    }

    @ParameterizedTest
    @CsvSource({"Sec-Fetch-Site, same-origin", "Sec-Fetch-Site, none", "Origin, http://localhost:8080", "Accept, */*"})
    void listensToItsOwnPageAndToPrograms(String header, String value) {
        assertThat(removing(header, value)).hasStatus(404).bodyText().contains("there is no tune");
    }

    @Test
    void leavesNothingPersonalInACache() {
        assertThat(called("localhost")).headers().hasValue("Cache-Control", "no-store");
    }
}
