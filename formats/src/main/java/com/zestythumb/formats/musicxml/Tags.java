package com.zestythumb.formats.musicxml;

import jakarta.xml.bind.annotation.XmlEnumValue;
import java.util.ArrayDeque;
import java.util.Arrays;
import java.util.Deque;

/**
 * XML as text, tag by tag. Attributes stand in single quotes, which need no escape where the text travels in
 * JSON. What is null is left out.
 */
final class Tags {

    private static final int A_PAGE = 1 << 16;

    /** How the values of an enumeration are written, by their places in it. */
    private static final ClassValue<String[]> WRITTEN = new ClassValue<>() {
        @Override
        protected String[] computeValue(Class<?> type) {
            return Arrays.stream(type.getEnumConstants())
                    .map(constant -> written(type, ((Enum<?>) constant).name()))
                    .toArray(String[]::new);
        }

        private String written(Class<?> type, String name) {
            try {
                XmlEnumValue value = type.getField(name).getAnnotation(XmlEnumValue.class);
                return value == null ? name : value.value();
            } catch (NoSuchFieldException e) {
                throw new IllegalStateException(e);
            }
        }
    };

    private final StringBuilder out = new StringBuilder(A_PAGE);
    private final Deque<String> open = new ArrayDeque<>();
    private boolean inTag;

    Tags open(String name) {
        endTag();
        out.append('<').append(name);
        open.push(name);
        inTag = true;
        return this;
    }

    /** An attribute of the tag opened last. */
    Tags with(String name, Object value) {
        if (value != null) {
            out.append(' ').append(name).append("='");
            escape(written(value));
            out.append('\'');
        }
        return this;
    }

    Tags text(Object value) {
        if (value != null) {
            endTag();
            escape(written(value));
        }
        return this;
    }

    /** An element that holds text alone. */
    Tags leaf(String name, Object value) {
        return value == null ? this : open(name).text(value).close();
    }

    Tags close() {
        String name = open.pop();
        if (inTag) {
            out.append("/>");
            inTag = false;
        } else {
            out.append("</").append(name).append('>');
        }
        return this;
    }

    private static String written(Object value) {
        return value instanceof Enum<?> constant
                ? WRITTEN.get(constant.getDeclaringClass())[constant.ordinal()]
                : value.toString();
    }

    private void endTag() {
        if (inTag) {
            out.append('>');
            inTag = false;
        }
    }

    private void escape(String text) {
        int from = 0;
        for (int i = 0; i < text.length(); i++) {
            String escaped = escaped(text.charAt(i));
            if (escaped != null) {
                out.append(text, from, i).append(escaped);
                from = i + 1;
            }
        }
        out.append(from == 0 ? text : text.substring(from));
    }

    private static String escaped(char c) {
        return switch (c) {
            case '&' -> "&amp;";
            case '<' -> "&lt;";
            case '>' -> "&gt;";
            case '\'' -> "&apos;";
            case '\n' -> "&#10;";
            case '\t' -> "&#9;";
            default -> null;
        };
    }

    @Override
    public String toString() {
        return out.toString();
    }
}
