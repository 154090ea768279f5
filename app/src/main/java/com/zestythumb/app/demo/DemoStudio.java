package com.zestythumb.app.demo;

import com.zestythumb.app.arrange.ChoicesDto;
import com.zestythumb.app.tune.SettingDto;
import com.zestythumb.app.tune.ShelfLabels;
import com.zestythumb.app.tune.TuneDraft;
import com.zestythumb.app.tune.Tunes;
import com.zestythumb.core.arrangement.Choices;
import com.zestythumb.core.figure.Figure;
import com.zestythumb.core.voicing.Hand;
import com.zestythumb.core.voicing.Way;
import java.io.IOException;
import java.io.UncheckedIOException;
import java.nio.charset.StandardCharsets;
import java.util.List;
import org.springframework.beans.factory.SmartInitializingSingleton;
import org.springframework.boot.autoconfigure.condition.ConditionalOnProperty;
import org.springframework.core.io.ClassPathResource;
import org.springframework.stereotype.Component;

/** Fills an empty shelf with the tunes of a made-up teaching week; leaves a shelf in use alone. */
@Component
@ConditionalOnProperty("zesty.demo")
class DemoStudio implements SmartInitializingSingleton {

    private static final Hand SMALL = Hand.ofSpan(9);
    private static final Hand MIDDLE = Hand.ofSpan(10);

    private final Tunes tunes;

    DemoStudio(Tunes tunes) {
        this.tunes = tunes;
    }

    /** Before the first request is answered. */
    @Override
    public void afterSingletonsInstantiated() {
        if (tunes.isEmpty()) {
            fill();
        }
    }

    private void fill() {
        add(
                "paper-boats",
                labels(1, "first term"),
                setting("Wren, 8", Figure.BLOCK, SMALL),
                setting("Otto, 13", Figure.ALBERTI, Hand.OCTAVE));
        add("lantern-walk", labels(2, "recital"), setting("Otto, 13", Figure.BROKEN_UP, Hand.OCTAVE));
        add("the-tin-rooster", labels(1, "first term"), setting("Wren, 8", Figure.ALBERTI, SMALL));
        add("harbour-lights", labels(3, "recital"), setting("Ms. Adeyemi, adult", Figure.UP_AND_BACK, Hand.OCTAVE));
        add("rain-on-the-greenhouse", labels(3), setting("Juno, 11", Figure.UP_AND_BACK, MIDDLE));
        add("saturday-kitchen", labels(5, "swing"), setting("Ms. Adeyemi, adult", Figure.BLOCK, Hand.OCTAVE));
        add(
                "long-way-home",
                labels(4),
                new SettingDto(
                        "Juno, 11",
                        ChoicesDto.of(Choices.USUAL.with(Way.ROOT_POSITION).with(MIDDLE))));
        add("ferry-at-six", labels(2, "recital", "with words"), setting("Juno, 11", Figure.BROKEN_UP, MIDDLE));
        add("moth-at-the-window", labels(2), setting("Wren, 8", Figure.BLOCK, SMALL));
        add("late-bus", labels(2), setting("Otto, 13", Figure.BLOCK, Hand.OCTAVE));
        add("copper-kettle", labels(0), setting("Any hand", Figure.BLOCK, Hand.OCTAVE));
    }

    private static ShelfLabels labels(int level, String... tags) {
        return new ShelfLabels(List.of(tags), level);
    }

    private void add(String name, ShelfLabels labels, SettingDto... settings) {
        try {
            String chart = new ClassPathResource("demo/" + name + ".chart").getContentAsString(StandardCharsets.UTF_8);
            long id = tunes.add(new TuneDraft(0, chart, List.of(settings))).id();
            tunes.label(id, labels);
        } catch (IOException e) {
            throw new UncheckedIOException(e);
        }
    }

    private static SettingDto setting(String student, Figure figure, Hand hand) {
        return new SettingDto(student, ChoicesDto.of(Choices.USUAL.with(figure).with(hand)));
    }
}
