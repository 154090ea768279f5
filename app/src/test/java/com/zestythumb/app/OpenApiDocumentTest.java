package com.zestythumb.app;

import static org.assertj.core.api.Assertions.assertThat;

import java.nio.file.Files;
import java.nio.file.Path;
import org.junit.jupiter.api.Test;
import org.springframework.beans.factory.annotation.Autowired;
import org.springframework.boot.test.context.SpringBootTest;
import org.springframework.boot.webmvc.test.autoconfigure.AutoConfigureMockMvc;
import org.springframework.test.web.servlet.assertj.MockMvcTester;
import tools.jackson.databind.ObjectMapper;
import tools.jackson.databind.SerializationFeature;
import tools.jackson.databind.json.JsonMapper;

/** The committed document is the one that is served; {@code ./zesty openapi} refreshes it. */
@SpringBootTest
@AutoConfigureMockMvc
class OpenApiDocumentTest {

    private static final Path COMMITTED = Path.of("../docs/openapi.json");

    @Autowired
    private MockMvcTester api;

    @Test
    void theCommittedDocumentIsTheServedOne() throws Exception {
        ObjectMapper json = JsonMapper.builder()
                .enable(SerializationFeature.INDENT_OUTPUT)
                .enable(SerializationFeature.ORDER_MAP_ENTRIES_BY_KEYS)
                .build();
        String served = api.get().uri("/api/openapi").exchange().getResponse().getContentAsString();
        String ordered = json.writeValueAsString(json.readValue(served, Object.class)) + "\n";
        if (Boolean.getBoolean("openapi.write")) {
            Files.writeString(COMMITTED, ordered);
        }
        assertThat(Files.readString(COMMITTED)).isEqualTo(ordered);
    }
}
