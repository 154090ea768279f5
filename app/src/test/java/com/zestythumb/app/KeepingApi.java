package com.zestythumb.app;

import static org.assertj.core.api.Assertions.assertThat;

import java.util.ArrayList;
import java.util.List;
import java.util.Map;
import java.util.StringJoiner;
import java.util.stream.Collectors;
import org.springframework.beans.factory.annotation.Autowired;
import org.springframework.boot.test.context.SpringBootTest;
import org.springframework.boot.webmvc.test.autoconfigure.AutoConfigureMockMvc;
import org.springframework.http.MediaType;
import org.springframework.jdbc.core.JdbcTemplate;
import org.springframework.test.web.servlet.assertj.MockMvcTester;
import org.springframework.test.web.servlet.assertj.MockMvcTester.MockMvcRequestBuilder;
import org.springframework.test.web.servlet.assertj.MvcTestResult;
import tools.jackson.databind.JsonNode;
import tools.jackson.databind.json.JsonMapper;

/** What tests of kept tunes share. */
@SpringBootTest
@AutoConfigureMockMvc
abstract class KeepingApi {

    static final JsonMapper JSON = JsonMapper.shared();

    @Autowired
    MockMvcTester api;

    @Autowired
    JdbcTemplate database;

    static final String PIN = "{\"id\":\"a1\",\"bar\":1,\"start\":\"3/2\",\"notes\":[\"E3\",\"G3\",\"C4\"]}";

    long student(String name, int span) throws Exception {
        String body = JSON.writeValueAsString(
                Map.of("name", name, "hand", Map.of("span", span, "lowest", "E2", "highest", "E4"), "level", 2));
        MvcTestResult added = send(api.post(), "/api/students", body);
        assertThat(added).hasStatus(201);
        return json(added).get("id").asLong();
    }

    static String played(long student, String choices) {
        return "{\"student\":" + student + ",\"choices\":" + choices + "}";
    }

    static String tune(String chart, String... assignments) {
        return "{\"chart\":" + JSON.writeValueAsString(chart) + ",\"assignments\":[" + String.join(",", assignments)
                + "]}";
    }

    MvcTestResult send(MockMvcRequestBuilder how, String path, String body) {
        return how.uri(path)
                .contentType(MediaType.APPLICATION_JSON)
                .content(body)
                .exchange();
    }

    MvcTestResult create(String body) {
        return send(api.post(), "/api/tunes", body);
    }

    MvcTestResult save(String path, Long version, String body) {
        MockMvcRequestBuilder put = api.put().uri(path).contentType(MediaType.APPLICATION_JSON);
        if (version != null) {
            put.header("If-Match", "\"" + version + "\"");
        }
        return put.content(body).exchange();
    }

    MvcTestResult saveChart(JsonNode tune, long version, String chart) {
        return save(
                "/api/tunes/" + tune.get("id").asLong() + "/chart",
                version,
                JSON.writeValueAsString(Map.of("chart", chart)));
    }

    JsonNode get(JsonNode tune) throws Exception {
        return json(api.get().uri("/api/tunes/" + tune.get("id").asLong()).exchange());
    }

    static JsonNode json(MvcTestResult result) throws Exception {
        return JSON.readTree(result.getResponse().getContentAsString());
    }

    JsonNode created(String chart, String... assignments) throws Exception {
        MvcTestResult result = create(tune(chart, assignments));
        assertThat(result).hasStatus(201);
        return json(result);
    }

    MvcTestResult saveChoices(JsonNode assignment, String choices) {
        return save(
                "/api/assignments/" + assignment.get("id").asLong() + "/choices",
                assignment.get("version").asLong(),
                choices);
    }

    MvcTestResult put(String path, String body) {
        return api.put()
                .uri(path)
                .contentType(MediaType.APPLICATION_JSON)
                .content(body)
                .exchange();
    }

    /** Where a student answers an exercise. */
    static String path(JsonNode exercise) {
        return "/api/answers/" + exercise.get("code").asString();
    }

    /** The music of an exercise as its student sees it, or hears it. */
    final JsonNode page(JsonNode exercise, boolean heard) throws Exception {
        return json(send(api.post(), path(exercise) + "/page", "{\"heard\":" + heard + ",\"known\":[]}"));
    }

    /** The keys of the left hand in it, bar by bar: {@code "48 52 55 | –"}. */
    final String leftHand(JsonNode exercise) throws Exception {
        JsonNode page = page(exercise, false);
        List<StringJoiner> bars = new ArrayList<>();
        page.get("bars").forEach(bar -> bars.add(new StringJoiner(" ").setEmptyValue("–")));
        page.at("/parts")
                .forEach(part -> part.get("notes").forEach(note -> {
                    if (part.get("id").asString().equals("left")) {
                        bars.get(note.get("bar").asInt()).add(note.get("midi").asString());
                    }
                }));
        return bars.stream().map(StringJoiner::toString).collect(Collectors.joining(" | "));
    }
}
