package com.zestythumb.core.arrangement;

import com.zestythumb.core.arrangement.SignedHands.Signed;
import com.zestythumb.core.checking.Findings;
import com.zestythumb.core.figure.Figures;
import com.zestythumb.core.voiceleading.School;
import com.zestythumb.core.voicing.Hand;
import com.zestythumb.core.voicing.StyleChoice;
import com.zestythumb.core.voicing.VoicingStyles;
import java.util.*;

public class SignedReport {
    public static void main(String[] args) {
        Map<String, int[]> by = new TreeMap<>();
        int tunes = 0, good = 0, bars = 0, goodBars = 0, fingerBars = 0, goodFingers = 0, findings = 0, moved = 0;
        StringBuilder bad = new StringBuilder();
        for (Signed one : SignedHands.read("left-hands.txt")) {
            for (int span : one.hands()) {
                Arrangement tune = null;
                try {
                    tune = Arrangement.of(
                            one.sheet(),
                            Choices.of(
                                    new StyleChoice(VoicingStyles.named(one.style()), Map.of()),
                                    Figures.named(one.figure()),
                                    Hand.ofSpan(span),
                                    School.POPULAR));
                } catch (IllegalArgumentException e) {
                }
                boolean all = true;
                StringBuilder here = new StringBuilder();
                for (int bar = 0; bar < one.bars().size(); bar++) {
                    if (one.bars().get(bar).equals(List.of("*"))) continue;
                    boolean ok = tune != null && one.accepts(tune, bar);
                    if (tune != null
                            && !one.fingers().isEmpty()
                            && !one.fingers().get(bar).equals("*")) {
                        fingerBars++;
                        boolean f = one.acceptsFingers(tune, bar);
                        goodFingers += f ? 1 : 0;
                        if (!f && ok)
                            here.append("   fingers bar ").append(bar + 1).append('\n');
                    }
                    bars++;
                    goodBars += ok ? 1 : 0;
                    all &= ok;
                    for (String k : List.of("style " + one.style(), "pattern " + one.figure(), "hand " + span)) {
                        int[] c = by.computeIfAbsent(k, x -> new int[2]);
                        c[1]++;
                        c[0] += ok ? 1 : 0;
                    }
                    if (!ok) {
                        here.append("   bar ")
                                .append(bar + 1)
                                .append(" wants ")
                                .append(one.bars().get(bar))
                                .append(" got ");
                        if (tune != null)
                            SignedHands.strokes(tune, bar).forEach((at, notes) -> {
                                here.append(at).append(':');
                                notes.forEach(n -> here.append(n.pitch()));
                                here.append(' ');
                            });
                        here.append('\n');
                    }
                }
                if (tune != null && args.length > 0) {
                    for (var f : Findings.in(tune)) {
                        findings++;
                        here.append("   finding ")
                                .append(f.fault())
                                .append(" bar ")
                                .append(f.bar())
                                .append('\n');
                    }
                }
                if (tune != null) {
                    Map<String, Set<String>> f = new TreeMap<>();
                    for (ArrangedChord c : tune.chords()) {
                        for (int g = 0; g < c.voicing().grips().size(); g++) {
                            var grip = c.voicing().grips().get(g);
                            if (grip.tones().size() < 2) continue;
                            f.computeIfAbsent(grip.toString(), k -> new TreeSet<>())
                                    .add(c.fingers().get(g).toString());
                            if (grip.tones().size() >= 3
                                    && c.fingers().get(g).get(grip.tones().size() - 1) != 1)
                                here.append("   nothumb " + grip + c.fingers().get(g) + "\n");
                        }
                    }
                    f.forEach((k, v) -> {
                        if (v.size() > 1) here.append("   twofingerings " + k + v + "\n");
                    });
                }
                if (tune != null)
                    for (ArrangedChord c : tune.chords())
                        moved += c.solved().map(s -> s.cost().semitones()).orElse(0);
                tunes++;
                good += all ? 1 : 0;
                if (here.length() > 0)
                    bad.append(one.name())
                            .append(" > ")
                            .append(one.style())
                            .append(' ')
                            .append(one.figure())
                            .append(' ')
                            .append(span)
                            .append('\n')
                            .append(here);
            }
        }
        System.out.println(bad);
        by.forEach((k, c) -> System.out.printf("%-32s %4d of %4d  %3d%%%n", k, c[0], c[1], 100 * c[0] / c[1]));
        System.out.printf(
                "bars %d of %d = %.1f%%; whole %d of %d = %.1f%%; fingers %d of %d; findings %d; moved %d%n",
                goodBars,
                bars,
                100.0 * goodBars / bars,
                good,
                tunes,
                100.0 * good / tunes,
                goodFingers,
                fingerBars,
                findings,
                moved);
    }
}
