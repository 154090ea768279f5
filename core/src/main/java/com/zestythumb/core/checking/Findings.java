package com.zestythumb.core.checking;

import com.zestythumb.core.arrangement.ArrangedChord;
import com.zestythumb.core.arrangement.Arrangement;
import com.zestythumb.core.arrangement.TimedNote;
import com.zestythumb.core.sheet.Fraction;
import com.zestythumb.core.sheet.Transitions.Transition;
import com.zestythumb.core.voiceleading.Fault;
import com.zestythumb.core.voiceleading.Passage;
import com.zestythumb.core.voiceleading.Rule;
import com.zestythumb.core.voiceleading.School;
import com.zestythumb.core.voicing.Grip;
import com.zestythumb.core.voicing.Hand;
import com.zestythumb.core.voicing.Voicing;
import java.util.ArrayList;
import java.util.Comparator;
import java.util.HashSet;
import java.util.List;
import java.util.Map;
import java.util.Set;
import java.util.stream.Collectors;
import java.util.stream.Stream;

/** Goes through an arrangement with every rule of its school. */
public final class Findings {

    private static final int FEW = 3;

    private final Arrangement arrangement;
    private final School school;
    private final List<Way> ways = new ArrayList<>();
    private final List<Finding> found = new ArrayList<>();

    /** The way of the hand from one chord, or one grip of it, to another. */
    private record Way(int from, int to, Passage passage) {}

    private Findings(Arrangement arrangement, School school) {
        this.arrangement = arrangement;
        this.school = school;
        arrangement.chords().forEach(this::addWithin);
        arrangement.transitions().pairs().forEach(this::addBetween);
    }

    /** Everything to mind, by place: each chord against every chord from which it is come to when it is played. */
    public static List<Finding> in(Arrangement arrangement) {
        return in(arrangement, arrangement.choices().school());
    }

    /** The same as another school sees it. */
    public static List<Finding> in(Arrangement arrangement, School school) {
        Findings findings = new Findings(arrangement, school);
        school.entries().stream().filter(School.Entry::told).forEach(findings::look);
        return findings.together(findings.found.stream()
                .distinct()
                .sorted(Comparator.comparingInt(Finding::chord))
                .toList());
    }

    /** A leap from grip to grip, within a chord or back down from its upper grip to the next bass. */
    private boolean isOfTheFigure(Finding finding) {
        return finding.before() >= 0
                && arrangement.chords().get(finding.before()).voicing().grips().size() > 1
                && finding.rule() instanceof Rule.OfPassage
                && finding.fault().measures().containsKey("shift");
    }

    /** Both hands on one key, crossed or with one third: where it comes again and again, it comes with the style. */
    private static boolean isOfTheStyle(Finding finding) {
        return Set.of("collision", "crossing", "doubled-third")
                .contains(finding.fault().code());
    }

    private boolean isSaidOnce(Finding finding) {
        return isOfTheFigure(finding) || isOfTheStyle(finding);
    }

    /** What comes with the figure or the style, chord after chord, is said once; in a school that gathers, every kind. */
    private List<Finding> together(List<Finding> all) {
        Map<String, List<Finding>> kinds = all.stream()
                .filter(finding -> school.gathers() || isSaidOnce(finding))
                .collect(Collectors.groupingBy(finding -> finding.fault().code()));
        Set<String> said = new HashSet<>();
        List<Finding> some = new ArrayList<>();
        for (Finding finding : all) {
            List<Finding> kind = kinds.getOrDefault(finding.fault().code(), List.of());
            boolean gathered = school.gathers() || isSaidOnce(finding) && chords(kind) > FEW;
            if (!gathered) {
                some.add(finding);
            } else if (said.add(finding.fault().code())) {
                some.add(finding.with(kind));
            }
        }
        return some;
    }

    private static long chords(List<Finding> kind) {
        return kind.stream().mapToInt(Finding::chord).distinct().count();
    }

    private void look(School.Entry entry) {
        if (entry.rule() instanceof Rule.OfGrip rule) {
            Hand hand = arrangement.choices().hand();
            for (ArrangedChord chord : arrangement.chords()) {
                rule.check(chord.together(), hand, entry.limits(), fault -> add(rule, fault, chord.index(), -1));
            }
        } else if (entry.rule() instanceof Rule.OfPassage rule) {
            ways.forEach(
                    way -> rule.check(way.passage(), entry.limits(), fault -> add(rule, fault, way.to(), way.from())));
        } else if (entry.rule() instanceof Rule.OfLine rule) {
            List<Voicing> line =
                    arrangement.chords().stream().map(ArrangedChord::voicing).toList();
            rule.check(line, entry.limits(), (chord, fault) -> add(rule, fault, chord, -1));
        } else if (entry.rule() instanceof Rule.OfMeeting rule) {
            Meetings.of(arrangement)
                    .forEach((chord, meetings) -> meetings.forEach(
                            meeting -> rule.check(meeting, entry.limits(), fault -> add(rule, fault, chord, -1))));
        } else if (entry.rule() instanceof Rule.OfRun rule) {
            Runs.of(arrangement)
                    .forEach((chord, run) -> rule.check(run, entry.limits(), fault -> add(rule, fault, chord, -1)));
        }
    }

    private void add(Rule rule, Fault fault, int chord, int before) {
        int bar = arrangement.chords().get(chord).event().bar();
        found.add(new Finding(
                rule, fault, chord, before, arrangement.sheet().bars().get(bar).number()));
    }

    private void addBetween(Transition pair) {
        Voicing from = arrangement.chords().get(pair.from()).voicing();
        Voicing to = arrangement.chords().get(pair.to()).voicing();
        List<TimedNote> before = arrangement.notesOf(pair.from());
        List<TimedNote> here = arrangement.notesOf(pair.to());
        if (from.isSilent() || to.isSilent() || before.isEmpty() || here.isEmpty()) {
            return;
        }
        Fraction quarters = arrangement
                .transitions()
                .distance(pair)
                .plus(since(pair.to(), here.get(0)))
                .minus(since(pair.from(), before.get(before.size() - 1)));
        Grip left = left(from, before.get(before.size() - 1));
        ways.add(new Way(
                pair.from(), pair.to(), new Passage(left, to.first(), seconds(quarters), true, goesToAndFro(pair))));
    }

    /** Whether the style makes the hand leap: from bass to chord, or from root to root. */
    private boolean goesToAndFro(Transition pair) {
        return Stream.of(pair.from(), pair.to())
                .map(arrangement.chords()::get)
                .anyMatch(chord -> chord.voicing().grips().size() > 1
                        || !chord.isWritten()
                                && arrangement
                                        .choices()
                                        .styleOf(chord.event())
                                        .style()
                                        .keepsPlace());
    }

    /** What lay under the hand last: a run into the next chord ends on a note of its own. */
    private static Grip left(Voicing voicing, TimedNote last) {
        boolean ran = !last.isRight() && voicing.grips().stream().noneMatch(grip -> has(grip, last));
        return ran ? Grip.of(voicing.chord(), List.of(last.pitch())) : voicing.last();
    }

    /** The hand may shift within one chord too, from grip to grip. */
    private void addWithin(ArrangedChord chord) {
        List<Grip> grips = chord.voicing().grips();
        for (int i = 1; i < grips.size(); i++) {
            double seconds = secondsWithin(chord.index(), grips.get(i - 1), grips.get(i));
            // Where the pattern never goes there, there is no way to look at.
            if (seconds < Double.MAX_VALUE) {
                Passage passage = new Passage(grips.get(i - 1), grips.get(i), seconds, false, true);
                ways.add(new Way(chord.index(), chord.index(), passage));
            }
        }
    }

    /** From the last key that only the one grip has until the first key of the other behind it. */
    private double secondsWithin(int chord, Grip from, Grip to) {
        TimedNote last = null;
        for (TimedNote note : arrangement.notesOf(chord)) {
            if (has(from, note) && !has(to, note)) {
                last = note;
            } else if (last != null && has(to, note)) {
                return seconds(since(chord, note).minus(since(chord, last)));
            }
        }
        return Double.MAX_VALUE;
    }

    private double seconds(Fraction quarters) {
        return quarters.toDouble() * arrangement.sheet().secondsPerQuarter();
    }

    /** Quarter notes from the bar line before a chord to one of its notes, which may stand in another bar. */
    private Fraction since(int chord, TimedNote note) {
        int bar = arrangement.chords().get(chord).event().bar();
        Fraction since = note.onset();
        for (int passed = bar; passed < note.bar(); passed++) {
            since = since.plus(arrangement.sheet().bars().get(passed).length());
        }
        for (int before = note.bar(); before < bar; before++) {
            since = since.minus(arrangement.sheet().bars().get(before).length());
        }
        return since;
    }

    private static boolean has(Grip grip, TimedNote note) {
        return grip.tones().stream()
                .anyMatch(tone -> tone.pitch().midi() == note.pitch().midi());
    }
}
