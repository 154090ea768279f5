package com.zestythumb.core.checking;

import com.zestythumb.core.arrangement.Arrangement;
import com.zestythumb.core.checking.Finding.Motion;
import com.zestythumb.core.checking.Parts.Instant;
import com.zestythumb.core.checking.Parts.Step;
import com.zestythumb.core.checking.Passages.Way;
import com.zestythumb.core.voiceleading.Fault;
import com.zestythumb.core.voiceleading.Hold;
import com.zestythumb.core.voiceleading.Level;
import com.zestythumb.core.voiceleading.Meeting;
import com.zestythumb.core.voiceleading.Rhythm;
import com.zestythumb.core.voiceleading.Rule;
import com.zestythumb.core.voiceleading.School;
import com.zestythumb.core.voiceleading.Turn;
import com.zestythumb.core.voiceleading.Written;
import java.util.ArrayList;
import java.util.Comparator;
import java.util.HashSet;
import java.util.List;
import java.util.Map;
import java.util.Objects;
import java.util.Set;
import java.util.stream.Collectors;

/** Goes through an arrangement with every rule of its school. */
public final class Findings {

    private static final int FEW = 3;

    private final Arrangement arrangement;
    private final School school;
    private final Map<String, Level> own;
    private final Map<Integer, List<Hold>> holds;
    private final List<Way> ways;
    private final List<Instant> parts;
    private final List<Step> steps;
    private final Map<Integer, Turn> turns;
    private Map<Integer, Set<Meeting>> meetings;
    private Map<Integer, Written> written;
    private Map<Integer, Rhythm> rhythms;
    private final List<Finding> found = new ArrayList<>();

    private Findings(Arrangement arrangement, School school, Map<String, Level> own) {
        this.arrangement = arrangement;
        this.school = school;
        this.own = own;
        this.holds = Holds.of(arrangement);
        this.ways = Passages.of(arrangement);
        this.parts = Parts.of(arrangement);
        this.steps = parts.isEmpty() ? Passages.steps(ways) : Parts.steps(arrangement, parts);
        this.turns = Turns.of(arrangement, parts);
    }

    /** Everything to mind, by place: each chord against every chord from which it is come to when it is played. */
    public static List<Finding> in(Arrangement arrangement) {
        return in(arrangement, arrangement.choices().school());
    }

    /** The same as another school sees it. */
    public static List<Finding> in(Arrangement arrangement, School school) {
        return in(arrangement, school, Map.of());
    }

    /**
     * The same as a teacher sees it who minds some things more or less than her school.
     *
     * @param own how much, by the codes of faults; the rules of all schools can be among them
     */
    public static List<Finding> in(Arrangement arrangement, School school, Map<String, Level> own) {
        Findings findings = new Findings(arrangement, school, own);
        boolean more = own.values().stream().anyMatch(level -> level != Level.NONE);
        (more ? school.withAllRules() : school)
                .entries().stream()
                        .filter(entry -> more || entry.level() != Level.NONE)
                        .forEach(findings::look);
        return findings.together(findings.found.stream()
                .distinct()
                .sorted(Comparator.comparingInt(Finding::chord))
                .toList());
    }

    /** A leap from grip to grip, within a chord or back down from its upper grip to the next bass. */
    private boolean isOfTheFigure(Finding finding) {
        return finding.before() >= 0
                && arrangement.chords().get(finding.before()).voicing().grips().size() > 1
                && finding.rule() instanceof Rule.OfShift
                && finding.fault().measures().containsKey("shift");
    }

    /** Both hands on one key, crossed or with one third, or more than a hand has: where it comes again and again, it comes with the style. */
    private static boolean isOfTheStyle(Finding finding) {
        return Set.of("collision", "crossing", "doubled-third", "stretch-right", "held-too-far")
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

    /** Found when they are first asked for; several rules look at them. */
    private Map<Integer, Set<Meeting>> meetings() {
        meetings = meetings == null ? Meetings.of(arrangement) : meetings;
        return meetings;
    }

    private Map<Integer, Written> written() {
        written = written == null ? WrittenTones.of(arrangement) : written;
        return written;
    }

    private Map<Integer, Rhythm> rhythms() {
        rhythms = rhythms == null ? Rhythms.of(arrangement) : rhythms;
        return rhythms;
    }

    private void look(School.Entry entry) {
        Map<String, Double> limits = entry.limits();
        Rule any = entry.rule();
        if (any instanceof Rule.OfHold rule) {
            holds.forEach((chord, some) -> {
                Set<String> told = new HashSet<>();
                some.forEach(hold -> rule.check(hold, limits, fault -> {
                    // Once for each chord, where it is met first.
                    if (told.add(fault.code())) {
                        add(entry, fault, chord, -1);
                    }
                }));
            });
        } else if (any instanceof Rule.OfShift rule) {
            ways.forEach(way -> rule.check(way.shift(), limits, fault -> add(entry, fault, way.to(), way.from())));
        } else if (any instanceof Rule.OfPassage rule) {
            steps.forEach(step -> rule.check(
                    step.passage(),
                    limits,
                    fault -> add(entry, fault, step.to(), step.from(), Motions.of(step.passage(), fault))));
        } else if (any instanceof Rule.OfTurn rule) {
            turns.forEach((chord, turn) -> rule.check(turn, limits, fault -> add(entry, fault, chord, -1)));
        } else if (any instanceof Rule.OfLine rule) {
            Parts.bends(parts)
                    .forEach(bend -> rule.check(bend.line(), limits, fault -> add(entry, fault, bend.chord(), -1)));
        } else if (any instanceof Rule.OfMeeting rule && parts.isEmpty()) {
            meetings()
                    .forEach((chord, some) -> some.forEach(
                            meeting -> rule.check(meeting, limits, fault -> add(entry, fault, chord, -1))));
        } else if (any instanceof Rule.OfRun rule) {
            Runs.of(arrangement)
                    .forEach((chord, run) -> rule.check(run, limits, fault -> add(entry, fault, chord, -1)));
        } else if (any instanceof Rule.OfWritten rule) {
            written().forEach((chord, written) -> rule.check(written, limits, fault -> add(entry, fault, chord, -1)));
        } else if (any instanceof Rule.OfRhythm rule) {
            rhythms().forEach((chord, rhythm) -> rule.check(rhythm, limits, fault -> add(entry, fault, chord, -1)));
        }
    }

    /** What the teacher says of the fault, or of the one whose page it shares; else what the school says. */
    private Level level(School.Entry entry, String code) {
        if (own.isEmpty()) {
            return entry.level();
        }
        String page = Objects.requireNonNullElse(RuleExample.pageOf(code), code);
        return own.getOrDefault(code, own.getOrDefault(page, entry.level()));
    }

    private void add(School.Entry entry, Fault fault, int chord, int before) {
        add(entry, fault, chord, before, List.of());
    }

    private void add(School.Entry entry, Fault fault, int chord, int before, List<Motion> motions) {
        int bar = arrangement.chords().get(chord).event().bar();
        Level level = level(entry, fault.code());
        if (level == Level.NONE
                || arrangement.choices().waivers().stream().anyMatch(waiver -> waiver.covers(fault.code(), bar))) {
            return;
        }
        found.add(new Finding(
                entry.rule(),
                level,
                fault,
                chord,
                before,
                arrangement.sheet().bars().get(bar).number(),
                motions));
    }
}
