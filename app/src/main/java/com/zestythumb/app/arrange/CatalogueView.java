package com.zestythumb.app.arrange;

import com.zestythumb.core.arrangement.Articulation;
import com.zestythumb.core.arrangement.Choices;
import com.zestythumb.core.arrangement.Ending;
import com.zestythumb.core.arrangement.FingeringWay;
import com.zestythumb.core.arrangement.KeptVoicing;
import com.zestythumb.core.arrangement.Manner;
import com.zestythumb.core.arrangement.Pedalling;
import com.zestythumb.core.arrangement.Repeating;
import com.zestythumb.core.pattern.AccompanimentPatterns;
import com.zestythumb.core.proposing.Texture;
import com.zestythumb.core.voiceleading.School;
import com.zestythumb.core.voicing.Hand;
import com.zestythumb.core.voicing.Reach;
import com.zestythumb.core.voicing.ReadingLevel;
import com.zestythumb.core.voicing.VoicingStyle;
import com.zestythumb.core.voicing.VoicingStyles;
import io.swagger.v3.oas.annotations.media.Schema;
import java.util.Arrays;
import java.util.List;
import java.util.Map;
import java.util.NavigableMap;
import java.util.TreeMap;
import java.util.stream.Collectors;

/** Everything that can be chosen for a student. */
@Schema(name = "Catalogue")
record CatalogueView(
        @Schema(description = "Ways of laying chords, simplest first.")
        List<StyleView> styles,

        @Schema(description = "Ways of breaking them, simplest first.")
        List<FigureView> figures,

        @Schema(description = "How far a hand may reach.") List<SpanView> spans,

        @Schema(description = "Where a hand may begin, from the lowest.")
        List<String> lowest,

        @Schema(description = "Where a hand may end, from the lowest.")
        List<String> highest,

        @Schema(description = "How the way from chord to chord may be judged.")
        List<SchoolView> schools,

        @Schema(description = "What a left hand may be wished to mind, the usual weight of each.")
        List<WishView> wishes,

        @Schema(description = "How the pedal may be used.") List<WayView> pedals,

        @Schema(description = "How long keys may be held.") List<ValueView> touches,

        @Schema(description = "How chords may be played that come again quickly.")
        List<WayView> repeatings,

        @Schema(description = "By what fingers may be found.")
        List<ValueView> fingerings,

        @Schema(description = "How one note of a fixed chord may be played.")
        List<ValueView> manners,

        @Schema(description = "What the last bar may do.") List<ValueView> endings,

        @Schema(description = "Where a voicing may be kept.")
        List<ValueView> scopes,

        @Schema(description = "What kinds of accompaniment may be wished.")
        List<ValueView> textures,

        @Schema(description = "What a student may read with ease.")
        List<ValueView> readings,

        @Schema(description = "Hands to start from, before they are measured.")
        List<SpanView> hands,

        @Schema(description = "Pairs of fingers of which a reach is measured.")
        List<String> fingerPairs,

        @Schema(description = "What is taken where nothing is chosen.")
        ChoicesDto usual,

        @Schema(description = "The hand taken where none is known.")
        HandDto usualHand) {

    @Schema(name = "WishTerm")
    record WishView(
            @Schema(example = "shapes") String id,
            @Schema(example = "shapes to learn") String name,

            @Schema(description = "Half steps that one of it usually weighs.")
            int weight) {}

    @Schema(name = "School")
    record SchoolView(
            @Schema(example = "classical") String id,
            @Schema(example = "Classical") String name,

            @Schema(description = "Half steps that it charges for what it minds on the way, by the ids of wishes.")
            Map<String, Integer> weights) {}

    @Schema(name = "WayToPlay")
    record WayView(String id, String name, String words) {}

    @Schema(name = "Style")
    record StyleView(
            @Schema(example = "close") String id,
            @Schema(example = "Close chords") String name,

            @Schema(description = "What it lays.", example = "all notes side by side")
            String words,

            @Schema(description = "From 1, for a beginner, to 5.")
            int level,

            @Schema(description = "What the hand has to span; empty where any hand will do.", example = "a tenth")
            String hand,

            List<SettingView> settings) {}

    @Schema(name = "StyleSetting")
    record SettingView(
            @Schema(example = "inversions") String id,
            @Schema(example = "Inversions") String name,

            @Schema(description = "The usual one first.") List<ValueView> values) {}

    @Schema(name = "ChoiceValue")
    record ValueView(String id, String name) {}

    @Schema(name = "Figure")
    record FigureView(
            @Schema(example = "ALBERTI") String id,
            @Schema(example = "Alberti") String name,

            @Schema(description = "From 1, for a beginner, to 5.")
            int level,

            @Schema(description = "Its strokes as text.", example = "1/8 bass (top inner)")
            String text,

            @Schema(description = "The style that it brings with it; empty where the chosen one stays.")
            String lays) {}

    @Schema(name = "Span")
    record SpanView(
            @Schema(description = "Half steps.") int semitones,
            @Schema(example = "an octave") String name) {}

    private static final NavigableMap<Integer, String> SPANS = new TreeMap<>(Map.of(
            7, "a fifth",
            8, "a minor sixth",
            9, "a sixth",
            10, "a minor seventh",
            11, "a seventh",
            12, "an octave",
            14, "a ninth",
            16, "a tenth"));

    /** What a teacher may turn; the rest is the styles' own business. */
    private static final List<String> WISHES = List.of(
            "shapes",
            "motion",
            "common-tones",
            "leap",
            "position",
            "stretch",
            "parallels",
            "opening",
            "closing",
            "root-at-closes",
            "six-four",
            "six-four-goal",
            "cadential-six-four",
            "root-beside-slashes",
            "bass-line-broken",
            "bass-seventh",
            "missing-fifth",
            "missing-colour",
            "half-step",
            "clash",
            "collision",
            "doubled",
            "doubled-at-rest",
            "leading-tone",
            "altered",
            "mud",
            "register",
            "ledger-lines",
            "black-keys");

    static CatalogueView of() {
        return new CatalogueView(
                VoicingStyles.all().stream().map(CatalogueView::style).toList(),
                AccompanimentPatterns.all().stream()
                        .map(figure -> new FigureView(
                                figure.id(),
                                figure.name(),
                                figure.level(),
                                figure.text(),
                                figure.lays() == null ? "" : figure.lays().name()))
                        .toList(),
                SPANS.keySet().stream()
                        .map(span -> new SpanView(span, SPANS.get(span)))
                        .toList(),
                List.of("C2", "E2", "G2", "A2", "C3"),
                List.of("C4", "E4", "G4", "A4", "C5"),
                School.all().stream().map(CatalogueView::school).toList(),
                WISHES.stream()
                        .map(id -> new WishView(id, TermNames.of(id), TermNames.weight(id)))
                        .toList(),
                Arrays.stream(Pedalling.values())
                        .map(pedal -> new WayView(pedal.name(), pedal.label(), pedal.words()))
                        .toList(),
                Arrays.stream(Articulation.values())
                        .map(touch -> new ValueView(touch.name(), touch.label()))
                        .toList(),
                Arrays.stream(Repeating.values())
                        .map(how -> new WayView(how.name(), how.label(), how.words()))
                        .toList(),
                Arrays.stream(FingeringWay.values())
                        .map(way -> new ValueView(way.name(), way.label()))
                        .toList(),
                Arrays.stream(Manner.values())
                        .map(manner -> new ValueView(manner.name(), manner.label()))
                        .toList(),
                Arrays.stream(Ending.values())
                        .map(ending -> new ValueView(ending.name(), ending.label()))
                        .toList(),
                Arrays.stream(KeptVoicing.Scope.values())
                        .map(scope -> new ValueView(scope.name(), scope.label()))
                        .toList(),
                Arrays.stream(Texture.values())
                        .map(texture -> new ValueView(texture.name(), texture.label()))
                        .toList(),
                Arrays.stream(ReadingLevel.values())
                        .map(level -> new ValueView(level.name(), level.label()))
                        .toList(),
                Hand.USUAL.stream()
                        .map(hand -> new SpanView(hand.span(), hand.name()))
                        .toList(),
                Reach.PAIRS,
                ChoicesDto.of(Choices.USUAL),
                HandDto.of(Choices.USUAL.hand()));
    }

    private static SchoolView school(School school) {
        return new SchoolView(
                school.id(),
                school.name(),
                school.entries().stream()
                        .filter(entry -> entry.rule().isOnTheWay())
                        .collect(Collectors.toMap(entry -> entry.rule().id(), School.Entry::weight)));
    }

    private static String hand(int span) {
        Map.Entry<Integer, String> least = SPANS.ceilingEntry(span);
        return span == 0 ? "" : least == null ? "more than a tenth" : least.getValue();
    }

    private static StyleView style(VoicingStyle style) {
        return new StyleView(
                style.id(),
                style.name(),
                style.words(),
                style.level(),
                hand(style.needs()),
                style.settings().stream()
                        .map(setting -> new SettingView(
                                setting.id(),
                                setting.name(),
                                setting.values().stream()
                                        .map(value -> new ValueView(value.id(), value.name()))
                                        .toList()))
                        .toList());
    }
}
