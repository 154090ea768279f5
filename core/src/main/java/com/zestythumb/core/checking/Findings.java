package com.zestythumb.core.checking;

import com.zestythumb.core.arrangement.Arrangement;
import com.zestythumb.core.stopping.StoppedException;
import com.zestythumb.core.voiceleading.Fault;
import com.zestythumb.core.voiceleading.Hold;
import com.zestythumb.core.voiceleading.Kind;
import com.zestythumb.core.voiceleading.Kind.Trait;
import com.zestythumb.core.voiceleading.Rule;
import com.zestythumb.core.voiceleading.School;
import com.zestythumb.core.voiceleading.Severity;
import java.util.ArrayList;
import java.util.Comparator;
import java.util.HashSet;
import java.util.List;
import java.util.Map;
import java.util.Set;

/** Goes through an arrangement with every rule. */
public final class Findings {

    private final Arrangement arrangement;
    private final School school;
    private final Map<Kind, Severity> own;
    private final Subjects subjects;
    private final Set<List<Object>> known = new HashSet<>();
    private final List<Finding> found = new ArrayList<>();

    private Findings(Arrangement arrangement, School school, Map<Kind, Severity> own) {
        this.arrangement = arrangement;
        this.school = school;
        this.own = own;
        this.subjects = new Subjects(arrangement);
    }

    /** All that is found, by place: each chord against every chord from which it is come to when it is played. */
    public static List<Finding> in(Arrangement arrangement) {
        return in(arrangement, arrangement.choices().school());
    }

    /** The same as another school sees it. */
    public static List<Finding> in(Arrangement arrangement, School school) {
        return in(arrangement, school, Map.of());
    }

    /** The same as a teacher sees it who holds some things more or less grave than her school. */
    public static List<Finding> in(Arrangement arrangement, School school, Map<Kind, Severity> own) {
        Findings findings = new Findings(arrangement, school, own);
        for (School.Entry entry : school.entries()) {
            StoppedException.ifInterrupted();
            findings.look(entry.rule(), entry.limits());
        }
        findings.found.sort(Comparator.comparingInt(Finding::chord));
        return findings.found;
    }

    private void look(Rule<?> rule, Map<String, Double> limits) {
        for (Placed<?> placed : subjects.of(rule.subject())) {
            rule.look(placed.subject(), limits, fault -> add(rule, fault, placed));
        }
    }

    /** What the teacher says of it, or of the one whose page it shares; else what the school says. */
    private Severity severity(Kind kind) {
        return own.getOrDefault(kind, own.getOrDefault(kind.page(), school.of(kind)));
    }

    private void add(Rule<?> rule, Fault fault, Placed<?> placed) {
        Severity severity = severity(fault.kind());
        int chord = placed.chord();
        int bar = arrangement.chords().get(chord).event().bar();
        boolean otherwise =
                subjects.isSung() ? fault.kind().is(Trait.HAND) : fault.kind().is(Trait.SUNG);
        if (severity == Severity.OFF
                || otherwise
                || arrangement.choices().waivers().stream().anyMatch(waiver -> waiver.covers(fault.kind(), bar))) {
            return;
        }
        // What a hand holds is told once for each chord, where it is met first.
        Object notes = rule.subject() == Hold.class ? "" : fault.notes();
        if (known.add(List.of(fault.kind(), chord, placed.before(), notes, fault.voices()))) {
            found.add(new Finding(
                    fault,
                    severity,
                    chord,
                    placed.before(),
                    arrangement.sheet().bars().get(bar).number()));
        }
    }
}
