package com.zestythumb.app.http;

import org.springframework.stereotype.Component;
import tools.jackson.core.JsonParser;
import tools.jackson.databind.DeserializationContext;
import tools.jackson.databind.deser.jdk.StringDeserializer;
import tools.jackson.databind.deser.std.StdScalarDeserializer;
import tools.jackson.databind.module.SimpleModule;

/** Texts that are sent hold no U+0000: PostgreSQL keeps none, neither in text nor in JSON. */
@Component
class PlainTexts extends SimpleModule {

    private static final long serialVersionUID = 1;

    PlainTexts() {
        addDeserializer(String.class, new StdScalarDeserializer<>(String.class) {
            @Override
            public String deserialize(JsonParser in, DeserializationContext context) {
                String text = StringDeserializer.instance.deserialize(in, context);
                if (text != null && text.indexOf('\0') >= 0) {
                    return (String) context.handleWeirdStringValue(
                            String.class, text.replace('\0', ' '), "a text holds no character 0; take it out");
                }
                return text;
            }
        });
    }
}
