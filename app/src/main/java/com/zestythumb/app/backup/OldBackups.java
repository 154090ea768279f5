package com.zestythumb.app.backup;

import java.util.HashMap;
import java.util.HashSet;
import java.util.Map;
import java.util.Set;
import java.util.function.Consumer;
import tools.jackson.databind.JsonNode;
import tools.jackson.databind.json.JsonMapper;
import tools.jackson.databind.node.ArrayNode;
import tools.jackson.databind.node.ObjectNode;

/** Lifts what older apps wrote into a backup to today's format, tune by tune. */
final class OldBackups {

    /** The format since which tunes have assignments; before, each had settings with a name and a hand of their own. */
    private static final int WITH_ASSIGNMENTS = 2;

    /** The format since which students are told by themselves; before, each assignment told its own. */
    private static final int WITH_STUDENTS = 4;

    /** The format since which what was practised is told by itself; before, it was one of the choices. */
    private static final int WITH_RECORDS = 5;

    /** The format since which each round is told; before, each day and step was. */
    private static final int WITH_ROUNDS = 6;

    private static final String CHOICES = "choices";
    private static final String STUDENT = "student";
    private static final String PRACTISED = "practised";
    private static final String STEPS = "steps";

    private final int format;
    private final JsonMapper json;
    private final Consumer<ObjectNode> found;
    private final Map<String, Integer> numbers = new HashMap<>();

    /** Tells every student that is found, before the tune it plays is given back. */
    OldBackups(int format, JsonMapper json, Consumer<ObjectNode> found) {
        this.format = format;
        this.json = json;
        this.found = found;
    }

    /** One thing of a list as this app writes it. */
    ObjectNode lifted(String list, ObjectNode one) {
        return switch (list) {
            case "tunes" -> tune(one);
            case "figures" -> figure(one);
            default -> one;
        };
    }

    private ObjectNode tune(ObjectNode tune) {
        if (format < WITH_ASSIGNMENTS) {
            liftSettings(tune);
        }
        if (format < WITH_STUDENTS) {
            liftAssignments(tune);
        }
        if (format < WITH_RECORDS) {
            liftRecords(tune);
        }
        if (format < WITH_ROUNDS) {
            liftRounds(tune);
        }
        return tune;
    }

    private ObjectNode figure(ObjectNode figure) {
        return format < WITH_STUDENTS ? json.createObjectNode().set("figure", figure) : figure;
    }

    private void liftSettings(ObjectNode tune) {
        ArrayNode assignments = json.createArrayNode();
        for (JsonNode setting : tune.path("settings")) {
            JsonNode choices = setting.path(CHOICES);
            ObjectNode assignment = assignments.addObject();
            assignment
                    .putObject(STUDENT)
                    .put("name", setting.path("name").asString(""))
                    .put("level", 0)
                    .set("hand", choices.path("hand"));
            if (choices instanceof ObjectNode object) {
                object.remove("hand");
                assignment.set(CHOICES, object);
            }
        }
        tune.set("assignments", assignments);
    }

    private void liftAssignments(ObjectNode tune) {
        Set<Integer> here = new HashSet<>();
        int place = 0;
        for (JsonNode one : tune.path("assignments")) {
            if (one instanceof ObjectNode assignment) {
                assignment.put(STUDENT, number(assignment.path(STUDENT), here)).put("place", place++);
                lift(assignment);
            }
        }
        for (JsonNode state : tune.path("history")) {
            for (JsonNode one : state.path("played")) {
                if (one instanceof ObjectNode played) {
                    played.put(STUDENT, played.path(STUDENT).path("name").asString(""))
                            .put("assignment", -1);
                    lift(played);
                }
            }
        }
    }

    private void liftRecords(ObjectNode tune) {
        for (JsonNode one : tune.path("assignments")) {
            if (one instanceof ObjectNode assignment && one.path(CHOICES).path(PRACTISED) instanceof ArrayNode steps) {
                assignment.putObject(PRACTISED).<ObjectNode>set(STEPS, steps).putArray("bars");
            }
        }
    }

    private void liftRounds(ObjectNode tune) {
        for (JsonNode one : tune.path("assignments")) {
            if (one instanceof ObjectNode assignment && one.path(PRACTISED).path(STEPS) instanceof ArrayNode steps) {
                JsonNode bars = one.path(PRACTISED).path("bars");
                ArrayNode pages = assignment.putObject(PRACTISED).putArray("pages");
                if (!steps.isEmpty()) {
                    ObjectNode page = pages.addObject();
                    page.set("bars", bars);
                    ArrayNode rounds = page.putArray("rounds");
                    steps.forEach(step -> rounds.addObject()
                            .put("toldAt", step.path("day").asString("") + "T12:00:00Z")
                            .set("told", ((ObjectNode) step).put("id", "of-old-" + rounds.size())));
                }
            }
        }
    }

    /** Before choices told their version in a backup, they were of the second; in the first format, of the first. */
    private void lift(ObjectNode owner) {
        if (owner.path(CHOICES) instanceof ObjectNode choices) {
            choices.put("version", format < WITH_ASSIGNMENTS ? 1 : 2);
        }
    }

    /** Students of one name, hand and level were one, unless both play the same tune. */
    private int number(JsonNode draft, Set<Integer> here) {
        String key = draft.toString();
        Integer number = numbers.get(key);
        while (number != null && here.contains(number)) {
            key += "'";
            number = numbers.get(key);
        }
        if (number == null) {
            number = numbers.size();
            numbers.put(key, number);
            found.accept(json.createObjectNode().put("number", number).set("draft", draft));
        }
        here.add(number);
        return number;
    }
}
