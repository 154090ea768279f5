package com.zestythumb.app.arrange;

import com.zestythumb.app.arrange.ArrangementView.FindingView;
import com.zestythumb.app.arrange.ArrangementView.MotionView;
import com.zestythumb.app.arrange.ArrangementView.OtherView;
import com.zestythumb.core.arrangement.ArrangedChord;
import com.zestythumb.core.arrangement.Arrangement;
import com.zestythumb.core.checking.Finding;
import com.zestythumb.core.checking.FindingWords;
import com.zestythumb.core.checking.Motions;
import com.zestythumb.core.sheet.Bar;
import com.zestythumb.core.voiceleading.Kind;
import com.zestythumb.core.voiceleading.Kind.Trait;
import com.zestythumb.core.voiceleading.School;
import com.zestythumb.core.voiceleading.Voice;
import java.util.ArrayList;
import java.util.EnumSet;
import java.util.List;
import java.util.Locale;
import java.util.Map;
import java.util.Set;
import java.util.stream.Collectors;

/** Findings as a list shows them: what comes chord after chord once, with its places. */
final class ShownFindings {

    /** More chords than so many, and it comes with the voicing or the pattern. */
    private static final int FEW = 3;

    private final Arrangement arrangement;
    private final School school;

    ShownFindings(Arrangement arrangement, School school) {
        this.arrangement = arrangement;
        this.school = school;
    }

    List<FindingView> of(List<Finding> findings) {
        Map<Kind, List<Finding>> kinds =
                findings.stream().filter(this::mayBeGrouped).collect(Collectors.groupingBy(Finding::kind));
        Set<Kind> shown = EnumSet.noneOf(Kind.class);
        List<FindingView> views = new ArrayList<>();
        for (Finding finding : findings) {
            List<Finding> alike = kinds.getOrDefault(finding.kind(), List.of());
            boolean grouped = mayBeGrouped(finding) && (school.groupsByKind() || chords(alike) > FEW);
            if (!grouped || shown.add(finding.kind())) {
                views.add(view(finding, grouped ? alike : List.of()));
            }
        }
        return views;
    }

    private static long chords(List<Finding> findings) {
        return findings.stream().mapToInt(Finding::chord).distinct().count();
    }

    /** In a school that groups, every kind; else what comes with the voicing, and leaps from grip to grip within a pattern. */
    private boolean mayBeGrouped(Finding finding) {
        boolean ofPattern = finding.kind() == Kind.LEAP
                && finding.before() >= 0
                && arrangement.chords().get(finding.before()).voicing().grips().size() > 1;
        return school.groupsByKind() || finding.kind().is(Trait.STYLE) || ofPattern;
    }

    private FindingView view(Finding finding, List<Finding> alike) {
        FindingWords words = FindingWords.of(finding, arrangement);
        List<OtherView> others = alike.stream()
                .filter(other -> other.chord() != finding.chord())
                .map(other -> new OtherView(other.chord(), other.bar()))
                .distinct()
                .toList();
        return new FindingView(
                finding.kind().code(),
                finding.severity().name().toLowerCase(Locale.ROOT),
                hand(finding),
                finding.fault().voices().stream().map(Voice::words).distinct().toList(),
                finding.chord(),
                finding.bar(),
                beat(finding.chord()),
                words.title(),
                words.message() + bars(finding, others),
                words.remedy(),
                finding.kind().page().code(),
                finding.kind().is(Trait.BODILY),
                others,
                Motions.drawn(arrangement, finding).stream()
                        .map(drawn -> new MotionView(Views.id(drawn.from()), Views.id(drawn.to())))
                        .toList());
    }

    /** The beat on which a chord begins, from 1. */
    private int beat(int chord) {
        ArrangedChord here = arrangement.chords().get(chord);
        Bar bar = arrangement.sheet().bars().get(here.event().bar());
        return 1
                + (int) here.event()
                        .start()
                        .plus(bar.offset())
                        .dividedBy(bar.meter().beatLength())
                        .floor();
    }

    private static String bars(Finding finding, List<OtherView> others) {
        List<String> bars = others.stream()
                .map(OtherView::bar)
                .filter(bar -> bar != finding.bar())
                .distinct()
                .map(String::valueOf)
                .toList();
        int last = bars.size() - 1;
        return switch (bars.size()) {
            case 0 -> "";
            case 1 -> ", and so in bar " + bars.get(0);
            default -> ", and so in bars " + String.join(", ", bars.subList(0, last)) + " and " + bars.get(last);
        };
    }

    /** Empty where it is about parts. */
    private static String hand(Finding finding) {
        Kind kind = finding.kind();
        List<Voice> voices = finding.fault().voices();
        boolean parts = !voices.isEmpty() && voices.stream().anyMatch(Voice::isSung);
        boolean right = kind == Kind.STRETCH_RIGHT || kind == Kind.CROSSING;
        boolean both = kind.page() == Kind.CLASH
                || kind == Kind.COLLISION
                || kind == Kind.DOUBLED_THIRD
                || voices.contains(Voice.TUNE);
        return parts ? "" : right ? "right" : both ? "both" : "left";
    }
}
