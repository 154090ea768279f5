package com.zestythumb.app.http;

import io.swagger.v3.oas.models.info.Info;
import io.swagger.v3.oas.models.info.License;
import io.swagger.v3.oas.models.media.Schema;
import java.util.List;
import java.util.Map;
import org.springdoc.core.customizers.OpenApiCustomizer;
import org.springframework.context.annotation.Bean;
import org.springframework.context.annotation.Configuration;

/** The OpenAPI document: every property is required but those that have a default, which may be left out. */
@Configuration
@SuppressWarnings("rawtypes") // the OpenAPI model is written in raw types
class OpenApiConfiguration {

    @Bean
    OpenApiCustomizer describe() {
        return api -> {
            api.info(new Info()
                    .title("Zesty Thumb")
                    .version("1")
                    .description("Left-hand chord voicings that this student's hand can play.")
                    .license(new License().name("Apache-2.0")));
            // The address it was asked at would make the document differ from machine to machine.
            api.servers(List.of());
            api.getComponents().getSchemas().values().forEach(OpenApiConfiguration::requireAll);
        };
    }

    private static void requireAll(Schema<?> schema) {
        if (schema.getProperties() != null) {
            schema.setRequired(schema.getProperties().entrySet().stream()
                    .filter(property -> property.getValue().getDefault() == null)
                    .map(Map.Entry::getKey)
                    .toList());
        }
    }
}
