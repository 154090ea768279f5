package com.zestythumb.app;

import static org.assertj.core.api.Assertions.assertThat;

import java.nio.charset.StandardCharsets;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import org.junit.jupiter.api.Test;
import org.springframework.beans.factory.annotation.Autowired;
import org.springframework.boot.test.context.SpringBootTest;
import org.springframework.boot.webmvc.test.autoconfigure.AutoConfigureMockMvc;
import org.springframework.http.MediaType;
import org.springframework.test.web.servlet.assertj.MockMvcTester;
import org.springframework.test.web.servlet.assertj.MvcTestResult;
import tools.jackson.databind.JsonNode;
import tools.jackson.databind.json.JsonMapper;

/** Charts turned into other charts, and files into charts. */
@SpringBootTest
@AutoConfigureMockMvc
class ChartsApiTest {

    private static final JsonMapper JSON = JsonMapper.shared();

    @Autowired
    private MockMvcTester api;

    private MvcTestResult post(String path, Map<String, Object> body) {
        return api.post()
                .uri("/api/charts/" + path)
                .contentType(MediaType.APPLICATION_JSON)
                .content(JSON.writeValueAsString(body))
                .exchange();
    }

    private static JsonNode json(MvcTestResult result) throws Exception {
        assertThat(result).hasStatusOk();
        return JSON.readTree(result.getResponse().getContentAsString());
    }

    private static Map<String, Object> transpose(String chart, String key, String interval, boolean samePage) {
        return Map.of("chart", chart, "key", key, "interval", interval, "down", true, "samePage", samePage);
    }

    /** What is kept, wanted and forbidden is of the tune's notes, so it goes where they go. */
    @Test
    void whatIsChosenOfNotesGoesAlong() throws Exception {
        String choices = "{\"forbidden\":[\"F#\"],\"wanted\":[{\"bar\":1,\"start\":\"0\",\"top\":\"B\",\"bass\":\"\"}],"
                + "\"pins\":[{\"id\":\"p\",\"bar\":1,\"start\":\"0\",\"notes\":[\"G3\",\"B3\",\"D4\"],\"fingers\":{\"G3\":5}}]}";
        Map<String, Object> up = new java.util.HashMap<>(transpose("key: G\n| G | D7 |", "Bb major", "", false));
        up.put("choices", List.of(JSON.readValue(choices, Map.class)));
        JsonNode moved = json(post("transpose", up)).at("/choices/0");
        assertThat(moved.get("forbidden").toString()).isEqualTo("[\"A\"]");
        assertThat(moved.at("/wanted/0/top").asString()).isEqualTo("D");
        assertThat(moved.at("/wanted/0/bass").asString()).isEmpty();
        assertThat(moved.at("/pins/0/notes").toString()).isEqualTo("[\"Bb3\",\"D4\",\"F4\"]");
        assertThat(moved.at("/pins/0/fingers").toString()).isEqualTo("{\"Bb3\":5}");
        Map<String, Object> page = new java.util.HashMap<>(transpose("key: G\n| G | D7 |", "Gb major", "", true));
        page.put("choices", List.of(JSON.readValue(choices, Map.class)));
        assertThat(json(post("transpose", page)).at("/choices/0/pins/0/notes").toString())
                .isEqualTo("[\"Gb3\",\"Bb3\",\"Db4\"]");
    }

    @Test
    void transposesToAKeyOrByAnInterval() throws Exception {
        String chart = "key: C\n| C | G7 |\nm: c4 e4 | d8 |";
        assertThat(json(post("transpose", transpose(chart, "Eb", "", false)))
                        .get("chart")
                        .asString())
                .contains("key: Eb major", "| Eb | Bb7 |", "m: e4 g4 | f8 |");
        assertThat(json(post("transpose", transpose(chart, "", "M2", false)))
                        .get("chart")
                        .asString())
                .contains("key: Bb major", "| Bb | F7 |", "m: B4 d4 | c8 |");
        assertThat(json(post("transpose", transpose(chart, "C minor", "", true)))
                        .get("chart")
                        .asString())
                .contains("key: C minor", "| Cm | Gm7 |", "m: c4 e4 | d8 |");
    }

    @Test
    void refusesAChartWithMistakesSoThatNothingIsLost() {
        assertThat(post("transpose", transpose("| C | Hx |", "D", "", false)))
                .hasStatus(400)
                .bodyJson()
                .extractingPath("$.detail")
                .asString()
                .startsWith("fix this first, so that nothing is lost: bar 2");
        assertThat(post("transpose", transpose("| C |", "Q", "", false))).hasStatus(400);
        assertThat(post("transpose", transpose("| C |", "", "X9", false))).hasStatus(400);
    }

    @Test
    void writesChordsAsNumeralsAndBack() throws Exception {
        JsonNode numerals = json(post("format", Map.of("chart", "key: G\n| G Em | Am D7 |", "chords", "NUMERALS")));
        assertThat(numerals.get("chart").asString()).contains("| I vi | ii V7 |");
        JsonNode letters =
                json(post("format", Map.of("chart", numerals.get("chart").asString(), "chords", "LETTERS")));
        assertThat(letters.get("chart").asString()).contains("| G Em | Am D7 |");
    }

    @Test
    void writesTheChartInOtherNamesAndSigns() throws Exception {
        Map<String, Object> german =
                Map.of("chart", "key: B minor\n| Bm | F#7 | Bb |", "names", "GERMAN", "symbols", "SIGNS");
        String chart = json(post("printing", german)).get("chart").asString();
        assertThat(chart).contains("key: H minor", "names: german", "symbols: signs", "| Hm | F#7 | B |");
        Map<String, Object> english = Map.of("chart", chart, "names", "ENGLISH", "symbols", "LETTERS");
        assertThat(json(post("printing", english)).get("chart").asString())
                .contains("| Bm | F#7 | Bb |")
                .doesNotContain("names:", "symbols:");
    }

    private static Map<String, Object> note(String chart, int bar, String onset, String duration) {
        Map<String, Object> note = new HashMap<>();
        note.putAll(Map.of("chart", chart, "bar", bar, "onset", onset, "duration", duration));
        note.putAll(Map.of("hand", "TUNE", "withLast", false));
        note.putAll(Map.of("midi", 0, "letter", "", "accidental", 0, "tied", false));
        return note;
    }

    /** A tune entered step by step: letters take the nearest note, a key its name in the key of music. */
    @Test
    void takesATuneNoteByNote() throws Exception {
        Map<String, Object> first = note("key: D\nmeter: 3/4\n| D | A7 |", 0, "0", "2");
        first.put("letter", "F");
        JsonNode one = json(post("notes", first));
        assertThat(one.get("chart").asString()).contains("m: f4 z2 |  |");
        assertThat(one.get("midi").asInt()).isEqualTo(78);
        Map<String, Object> second =
                note(one.get("chart").asString(), 0, one.get("onset").asString(), "2");
        second.put("midi", 70);
        JsonNode two = json(post("notes", second));
        // A sharp in D major, tied over the bar line.
        assertThat(two.get("chart").asString()).contains("m: f4 ^A2- | ^A2 z4 |");
        assertThat(two.get("bar").asInt()).isEqualTo(1);
        assertThat(two.get("onset").asString()).isEqualTo("1");
        Map<String, Object> left = note(two.get("chart").asString(), 0, "0", "3");
        left.putAll(Map.of("hand", "LEFT", "letter", "D"));
        JsonNode three = json(post("notes", left));
        assertThat(three.get("chart").asString()).contains("l: D,6 |  |");
        Map<String, Object> fifth = note(three.get("chart").asString(), 1, "0", "3");
        fifth.putAll(Map.of("hand", "LEFT", "letter", "A", "withLast", true));
        assertThat(json(post("notes", fifth)).get("chart").asString()).contains("l: [D,A,]6 |  |");
        Map<String, Object> nowhere = note("| C |", 4, "0", "1");
        assertThat(post("notes", nowhere))
                .hasStatus(400)
                .bodyJson()
                .extractingPath("$.detail")
                .asString()
                .contains("write the chords of the bar first");
    }

    private MvcTestResult bring(String name, byte[] file) {
        return api.post()
                .uri("/api/imports?name=" + name)
                .contentType(MediaType.APPLICATION_OCTET_STREAM)
                .content(file)
                .exchange();
    }

    @Test
    void bringsAFileIn() throws Exception {
        String abc = "X:1\nT:One\nK:G\nL:1/4\nM:3/4\nGBd|\"D7\"f3|\n\nX:2\nT:Two\nK:C\nL:1/4\nCEGc|\n";
        JsonNode tunes = json(bring("two.abc", abc.getBytes(StandardCharsets.UTF_8)));
        assertThat(tunes.size()).isEqualTo(2);
        assertThat(tunes.at("/0/title").asString()).isEqualTo("One");
        assertThat(tunes.at("/1/guesses").asInt()).isEqualTo(1);
        assertThat(tunes.at("/1/chart").asString()).contains("| C?");
        assertThat(tunes.at("/1/report/0/fate").asString()).isEqualTo("READ");
    }

    @Test
    void saysWhyAFileCannotBeRead() {
        assertThat(bring("x.mid", new byte[] {'M', 'T', 'h', 'd'}))
                .hasStatus(422)
                .hasContentType(MediaType.APPLICATION_PROBLEM_JSON)
                .bodyJson()
                .extractingPath("$.detail")
                .asString()
                .contains("breaks off");
        assertThat(bring("big.xml", new byte[(16 << 20) + 2])).hasStatus(422);
    }

    @Test
    void writesDownTheKeyThatIsHeardOrAnotherOne() throws Exception {
        String song = "title: Bus\n| Em | C | G | D7 |\n| G | C | D7 | G |";
        assertThat(json(post("key", Map.of("chart", song, "key", "")))
                        .get("chart")
                        .asString())
                .isEqualTo("title: Bus\nkey: G major\n| Em | C | G | D7 |\n| G | C | D7 | G |");
        assertThat(json(post("key", Map.of("chart", song, "key", "E minor")))
                        .get("chart")
                        .asString())
                .contains("key: E minor");
        assertThat(post("key", Map.of("chart", song, "key", "Q"))).hasStatus(400);
    }

    @Test
    void numeralsOfASongWithoutItsKeyAreOfTheOneThatIsHeard() throws Exception {
        JsonNode numerals = json(post("format", Map.of("chart", "| G | D7 | G | C |", "chords", "NUMERALS")));
        assertThat(numerals.get("chart").asString()).contains("key: G major", "| I | V7 | I | IV |");
        JsonNode moved = json(post("transpose", transpose("| G | D7 | G | C |", "A major", "", false)));
        assertThat(moved.get("chart").asString()).contains("key: A major", "| A | E7 | A | D |");
        JsonNode lower = json(post("transpose", transpose("| G | D7 | G | C |", "", "M2", false)));
        assertThat(lower.get("chart").asString())
                .contains("| F | C7 | F | Bb |")
                .doesNotContain("key:");
    }
}
