package com.zestythumb.core.checking;

import com.zestythumb.core.arrangement.Arrangement;
import com.zestythumb.core.arrangement.Choices;
import com.zestythumb.core.sheet.Chart;
import com.zestythumb.core.voiceleading.School;
import com.zestythumb.core.voicing.Hand;
import java.util.List;

/**
 * What a rule is about, for its own page: to be seen and heard.
 *
 * @param code of the fault that it finds
 * @param student what a student reads
 * @param teacher why, and where it is written
 * @param wrong a chart in which it is found
 * @param better the same without
 */
public record RuleExample(String code, String student, String teacher, String wrong, String better) {

    private static final String TEXTBOOK = " (any textbook of harmony)";
    private static final String PRACTICE = " (common practice)";

    private static RuleExample of(
            String code, String student, String teacher, String bars, String wrong, String better) {
        String head = "title: " + FindingWords.title(code) + "\nkey: C major\ntempo: 60\n" + bars + "\nl: ";
        return new RuleExample(code, student, teacher, head + wrong + " |\n", head + better + " |\n");
    }

    /** One for each rule, those of the hand first. */
    public static final List<RuleExample> ALL = List.of(
            of(
                    "stretch",
                    "These keys lie too far apart for your hand. Never stretch until it hurts.",
                    "a hand holds with ease what was measured; what is wider is broken or loses a note, and pain is a sign to stop"
                            + PRACTICE,
                    "| C |",
                    "[C,G,E]8",
                    "[C,E,G,]8"),
            of(
                    "held-too-far",
                    "You cannot hold the low key while the hand goes up. Let it go, or use the pedal.",
                    "a bass is held as long as the hand reaches; beyond that the foot holds it" + PRACTICE,
                    "| C |",
                    "z4 [E,G,C]4 & C,,8",
                    "C,,4 [E,G,C]4"),
            of(
                    "finger-twice",
                    "One finger cannot be on two keys.",
                    "a finger is free once its key is let go" + PRACTICE,
                    "| C |",
                    "[!5!C,!5!E,!1!G,]8",
                    "[!5!C,!3!E,!1!G,]8"),
            of(
                    "leap",
                    "That is a long way for your hand. Look for the same chord nearer by.",
                    "more than an octave, or more than a fifth in haste, is missed oftener than it is hit" + PRACTICE,
                    "| C | F |",
                    "[C,,G,,C,]8 | [FAc]8",
                    "[C,E,G,]8 | [C,F,A,]8"),
            of(
                    "strain",
                    "So many chords in a row make the wrist tired. Take a rest in between.",
                    "speed, stretch and repetition add up; small doses, and a wrist that is let go" + PRACTICE,
                    "| C | C |",
                    String.join(" ", "[C,E,G,]/2".repeat(16)) + " | " + "[C,E,G,]/2".repeat(16),
                    "[C,E,G,]4 [C,E,G,]4 | [C,E,G,]4 [C,E,G,]4"),
            of(
                    "mud",
                    "Down here close notes growl. Play it higher, or leave the middle note out.",
                    "the lower, the wider: low interval limits, as arrangers keep them" + PRACTICE,
                    "| C |",
                    "[C,,E,,G,,]8",
                    "[C,E,G,]8"),
            of(
                    "clash",
                    "This note rubs against the tune.",
                    "a half step or minor ninth between the hands on a strong beat is heard as a wrong note, unless the chord names it"
                            + PRACTICE,
                    "| Cmaj7 |\nm: C8 |",
                    "[C,E,B,]8",
                    "[C,E,G,]8"),
            of(
                    "collision",
                    "Both hands want the same key.",
                    "one key is struck by one finger; the accompaniment gives way to the tune" + PRACTICE,
                    "| C |\nm: C8 |",
                    "[E,G,C]8",
                    "[C,E,G,]8"),
            of(
                    "crossing",
                    "Your left hand plays above the tune.",
                    "what lies on top is heard as the tune" + PRACTICE,
                    "| C |\nm: C8 |",
                    "[G,CE]8",
                    "[C,E,G,]8"),
            of(
                    "doubled-leading-tone",
                    "B wants to go up to C, and there are two of it: both would go up together.",
                    "the leading tone is not doubled, for both would have to rise in octaves" + TEXTBOOK,
                    "| G | C |\nm: B8 | c8 |",
                    "[D,G,B,]8 | [C,E,]8",
                    "[D,G,]8 | [E,G,]8"),
            of(
                    "doubled-third",
                    "The tune has E already; your chord is clear without it.",
                    "the third of a major chord stands out enough once" + TEXTBOOK,
                    "| C |\nm: e8 |",
                    "[C,E,G,]8",
                    "[C,G,]8"),
            of(
                    "parallel-fifths",
                    "Bottom and top walk side by side and sound hollow. Let one stay, or go the other way.",
                    "two voices that move a perfect fifth apart are no longer heard as two" + TEXTBOOK,
                    "| C | Dm |",
                    "[C,E,G,]8 | [D,F,A,]8",
                    "[C,E,G,]8 | [A,,D,F,]8"),
            of(
                    "parallel-octaves",
                    "Bottom and top play the same notes: one voice is gone.",
                    "two voices that move an octave apart are one voice doubled" + TEXTBOOK,
                    "| C | Dm |",
                    "[C,G,C]8 | [D,A,D]8",
                    "[C,G,C]8 | [D,F,A,]8"),
            of(
                    "parallel-fifths-tune",
                    "Your lowest note walks along with the tune. Go the other way.",
                    "bass and tune are the two voices that are heard most; fifths between them sound hollow" + TEXTBOOK,
                    "| C | Dm |\nm: g8 | a8 |",
                    "[C,E,]8 | [D,F,]8",
                    "[C,E,]8 | [A,,F,]8"),
            of(
                    "parallel-octaves-tune",
                    "Your lowest note plays the tune. Go the other way.",
                    "a bass in octaves with the tune is no bass" + TEXTBOOK,
                    "| C | Dm |\nm: c8 | d8 |",
                    "[C,G,]8 | [D,A,]8",
                    "[C,G,]8 | [F,A,]8"),
            of(
                    "direct-fifths",
                    "Both go up, and land on a fifth. Let the top go by a step.",
                    "similar motion into a perfect interval brings it out, where the top leaps" + TEXTBOOK,
                    "| C | F |",
                    "[C,G,E]8 | [F,A,c]8",
                    "[C,G,E]8 | [F,A,F]8"),
            of(
                    "direct-octaves",
                    "Both go up, and land on the same note. Let the top go by a step.",
                    "similar motion into a perfect interval brings it out, where the top leaps" + TEXTBOOK,
                    "| Dm/F | G |",
                    "[F,,A,D]8 | [G,,B,G]8",
                    "[F,,A,D]8 | [G,,G,B,]8"),
            of(
                    "contrary-fifths",
                    "From fifth to fifth: it sounds hollow the other way round as well.",
                    "fifths by contrary motion are fifths to the ear" + TEXTBOOK,
                    "| C | G |",
                    "[C,EG]8 | [G,B,D]8",
                    "[C,EG]8 | [G,,DG]8"),
            of(
                    "contrary-octaves",
                    "From octave to octave: one voice is gone.",
                    "octaves by contrary motion are octaves to the ear" + TEXTBOOK,
                    "| G | C |",
                    "[G,B,DG]8 | [C,CEc]8",
                    "[G,B,DG]8 | [C,CEG]8"),
            of(
                    "unequal-fifths",
                    "The narrow fifth wants to close, not to open.",
                    "a diminished fifth closes into a third; rising into a perfect fifth it does not resolve"
                            + TEXTBOOK,
                    "| Bdim | C |",
                    "[B,,DF]8 | [C,EG]8",
                    "[B,,DF]8 | [C,CE]8"),
            of(
                    "leading-unresolved",
                    "B is nearly home: let it go up to C.",
                    "the leading tone rises; in an inner voice it may fall to the fifth" + TEXTBOOK,
                    "| G | C |",
                    "[G,,DGB]8 | [C,CEG]8",
                    "[G,,DGB]8 | [C,CEc]8"),
            of(
                    "leading-doubled",
                    "Two Bs both want to go up to C. One is enough.",
                    "the leading tone is not doubled" + TEXTBOOK,
                    "| G | C |",
                    "[G,,B,DB]8 | [C,CEc]8",
                    "[G,,DGB]8 | [C,CEc]8"),
            of(
                    "seventh-unresolved",
                    "F, the seventh, leans on E: let it fall a step.",
                    "the seventh of a chord falls a step, stays, or goes on in another voice" + TEXTBOOK,
                    "| G7 | C |",
                    "[G,,B,DF]8 | [C,CEG]8",
                    "[G,,DFB]8 | [C,CEc]8"),
            of(
                    "augmented-step",
                    "From F to G sharp is no step; it is hard to hear and to find.",
                    "augmented seconds are avoided in a voice" + TEXTBOOK,
                    "| Dm/F | E |",
                    "[F,DF]8 | [E,B,^G]8",
                    "[F,DA]8 | [E,B,^G]8"),
            of(
                    "tritone-leap",
                    "From F up to B is hard to hear. Go down instead.",
                    "an augmented fourth is avoided in a voice; a diminished fifth turns back by step" + TEXTBOOK,
                    "| F | Bdim |",
                    "[F,,CF]8 | [B,,DF]8",
                    "[F,CF]8 | [B,,DF]8"),
            of(
                    "seventh-leap",
                    "The top leaps nearly an octave. Look for a nearer note.",
                    "sevenths are avoided in a voice" + TEXTBOOK,
                    "| C | G |",
                    "[C,G,C]8 | [G,,DB]8",
                    "[C,G,C]8 | [D,G,B,]8"),
            of(
                    "overlap",
                    "The low voice goes above where its neighbour was.",
                    "the ear takes the one voice for the other" + TEXTBOOK,
                    "| C | F |",
                    "[C,E,CG]8 | [F,A,CA]8",
                    "[C,E,CG]8 | [F,,F,CA]8"),
            of(
                    "spacing",
                    "There is a hole in the middle of the chord.",
                    "neighbouring upper voices lie within an octave; only the bass may lie apart" + TEXTBOOK,
                    "| C | F |",
                    "[C,G,CE]8 | [F,,A,,cf]8",
                    "[C,G,CE]8 | [F,,A,CF]8"),
            of(
                    "false-relation",
                    "C and C sharp come one after the other in two voices and quarrel.",
                    "a chromatic step belongs to one voice" + TEXTBOOK,
                    "| C/E | A/C# |",
                    "[E,G,C]8 | [^C,A,E]8",
                    "[C,G,E]8 | [^C,A,E]8"));

    /** The page that tells of a fault; null where there is none. */
    public static String pageOf(String code) {
        String base = code.replaceAll("-(inside|within|ninth|wide|right)$", "");
        return ALL.stream()
                .map(RuleExample::code)
                .filter(one -> one.equals(code) || one.equals(base))
                .findFirst()
                .orElse(null);
    }

    /** One of its charts under a wide hand, by the strict rules. */
    public static Arrangement arranged(String chart) {
        return Arrangement.of(
                Chart.read(chart).sheet(), Choices.USUAL.with(School.STRICT).with(Hand.ofSpan(WIDE)));
    }

    private static final int WIDE = 12;
}
