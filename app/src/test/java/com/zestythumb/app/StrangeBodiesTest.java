package com.zestythumb.app;

import static org.assertj.core.api.Assertions.assertThat;

import java.lang.annotation.Annotation;
import java.lang.reflect.AnnotatedParameterizedType;
import java.lang.reflect.AnnotatedType;
import java.lang.reflect.RecordComponent;
import java.util.ArrayList;
import java.util.Arrays;
import java.util.HashSet;
import java.util.List;
import java.util.Set;
import java.util.TreeSet;
import org.junit.jupiter.api.Test;
import org.springframework.beans.factory.annotation.Autowired;
import org.springframework.core.MethodParameter;
import org.springframework.test.web.servlet.assertj.MvcTestResult;
import org.springframework.web.bind.annotation.RequestBody;
import org.springframework.web.method.HandlerMethod;
import org.springframework.web.servlet.mvc.method.annotation.RequestMappingHandlerMapping;
import tools.jackson.databind.JsonNode;
import tools.jackson.databind.node.ArrayNode;
import tools.jackson.databind.node.ObjectNode;
import tools.jackson.databind.node.StringNode;

/** Bodies that no page sends: they are refused with a word, and none of them fails. */
class StrangeBodiesTest extends KeepingApi {

    @Autowired
    private RequestMappingHandlerMapping requestMappingHandlerMapping;

    private static boolean mayBeNull(Annotation[] annotations) {
        return Arrays.stream(annotations)
                .noneMatch(one -> Set.of("NotNull", "NotBlank")
                        .contains(one.annotationType().getSimpleName()));
    }

    private static void look(Class<?> type, Set<Class<?>> seen, Set<String> loose) {
        if (!type.isRecord() || !seen.add(type)) {
            return;
        }
        for (RecordComponent component : type.getRecordComponents()) {
            look(component.getAnnotatedType(), type.getSimpleName() + "." + component.getName(), seen, loose);
        }
    }

    private static void look(AnnotatedType type, String where, Set<Class<?>> seen, Set<String> loose) {
        if (type instanceof AnnotatedParameterizedType generic) {
            AnnotatedType[] inside = generic.getAnnotatedActualTypeArguments();
            // A name in JSON is never null.
            for (AnnotatedType inner : List.of(inside).subList(inside.length - 1, inside.length)) {
                if (mayBeNull(inner.getAnnotations())) {
                    loose.add(where);
                }
                look(inner, where, seen, loose);
            }
        } else if (type.getType() instanceof Class<?> plain) {
            look(plain, seen, loose);
        }
    }

    /** Lists and maps in what the API takes say of their elements that they are there: found in the signatures themselves. */
    @Test
    void noListTakesANothing() {
        Set<String> loose = new TreeSet<>();
        Set<Class<?>> seen = new HashSet<>();
        for (HandlerMethod method :
                requestMappingHandlerMapping.getHandlerMethods().values()) {
            for (MethodParameter parameter : method.getMethodParameters()) {
                if (parameter.hasParameterAnnotation(RequestBody.class)) {
                    look(parameter.getParameterType(), seen, loose);
                }
            }
        }
        assertThat(seen).hasSizeGreaterThan(20);
        assertThat(loose).isEmpty();
    }

    /** The body with each of its texts in turn made another. */
    private static List<JsonNode> withEachText(JsonNode body, String other) {
        List<JsonNode> all = new ArrayList<>();
        int texts = texts(body.deepCopy(), -1, other);
        for (int i = 0; i < texts; i++) {
            JsonNode one = body.deepCopy();
            texts(one, i, other);
            all.add(one);
        }
        return all;
    }

    /** Changes the text of this number; gives back how many there are. */
    private static int texts(JsonNode node, int number, String other) {
        int count = 0;
        if (node instanceof ObjectNode object) {
            for (String name : List.copyOf(object.propertyNames())) {
                JsonNode value = object.get(name);
                if (value instanceof StringNode) {
                    if (count++ == number) {
                        object.put(name, other);
                    }
                } else {
                    count += texts(value, number - count, other);
                }
            }
        } else if (node instanceof ArrayNode array) {
            for (int i = 0; i < array.size(); i++) {
                if (array.get(i) instanceof StringNode) {
                    if (count++ == number) {
                        array.set(i, StringNode.valueOf(other));
                    }
                } else {
                    count += texts(array.get(i), number - count, other);
                }
            }
        }
        return count;
    }

    /** No database keeps U+0000 in a text: it is refused wherever it stands. */
    @Test
    void noTextHoldsANothing() throws Exception {
        JsonNode tune = created("title: Nothing\n| C | F |", played(student("Nil", 9), "{}"));
        long assignment = tune.at("/assignments/0/id").asLong();
        String choices = tune.at("/assignments/0/choices").toString();
        List<List<String>> bodies = List.of(
                List.of("POST", "/api/tunes", tune("title: a\n| C |", played(student("Nul", 9), "{}"))),
                List.of(
                        "POST",
                        "/api/students",
                        "{\"name\":\"a\",\"hand\":{\"span\":9,\"lowest\":\"E2\",\"highest\":\"E4\"},\"level\":1}"),
                List.of("POST", "/api/figures", "{\"name\":\"a\",\"text\":\"by bar 1/8 1 3 2 3\"}"),
                List.of("PUT", "/api/tunes/" + tune.get("id") + "/labels", "{\"tags\":[\"a\"],\"level\":1}"),
                List.of("PUT", "/api/rules/own/parallel-fifths", "{\"severity\":\"hint\",\"reason\":\"a\"}"),
                List.of("PUT", "/api/assignments/" + assignment + "/choices", choices),
                List.of(
                        "PUT",
                        "/api/assignments/" + assignment + "/practised",
                        "{\"pages\":[{\"bars\":[\"a\"],\"steps\":[{\"id\":\"a\",\"day\":\"2026-11-28\",\"hands\":\"left\",\"from\":0,"
                                + "\"to\":0,\"percent\":1,\"rounds\":1,\"slips\":0,\"seconds\":1}]}]}"),
                List.of("POST", "/api/arrangements", "{\"chart\":\"| C |\",\"choices\":" + choices + "}"),
                List.of("POST", "/api/imports?name=a.txt", "| C | F |"));
        for (List<String> one : bodies) {
            List<JsonNode> strange =
                    one.get(2).startsWith("{") ? withEachText(JSON.readTree(one.get(2)), "a\u0000b") : List.of();
            for (JsonNode body : strange) {
                MvcTestResult result =
                        send(one.get(0).equals("POST") ? api.post() : api.put(), one.get(1), body.toString());
                assertThat(result.getResponse().getStatus())
                        .as(one.get(1) + " " + body)
                        .isBetween(400, 428);
            }
        }
    }
}
