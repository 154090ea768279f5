package com.zestythumb.app.demo;

import com.zestythumb.app.arrange.ChoicesDto;
import com.zestythumb.app.tune.SettingDto;
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
        add("paper-boats", setting("Wren, 8", Figure.BLOCK, SMALL), setting("Otto, 13", Figure.ALBERTI, Hand.OCTAVE));
        add("lantern-walk", setting("Otto, 13", Figure.BROKEN_UP, Hand.OCTAVE));
        add("the-tin-rooster", setting("Wren, 8", Figure.ALBERTI, SMALL));
        add("harbour-lights", setting("Ms. Adeyemi, adult", Figure.UP_AND_BACK, Hand.OCTAVE));
        add("rain-on-the-greenhouse", setting("Juno, 11", Figure.UP_AND_BACK, MIDDLE));
        add("saturday-kitchen", setting("Ms. Adeyemi, adult", Figure.BLOCK, Hand.OCTAVE));
        add(
                "long-way-home",
                new SettingDto(
                        "Juno, 11",
                        ChoicesDto.of(Choices.USUAL.with(Way.ROOT_POSITION).with(MIDDLE))));
    }

    private void add(String name, SettingDto... settings) {
        try {
            String chart = new ClassPathResource("demo/" + name + ".chart").getContentAsString(StandardCharsets.UTF_8);
            tunes.add(new TuneDraft(0, chart, List.of(settings)));
        } catch (IOException e) {
            throw new UncheckedIOException(e);
        }
    }

    private static SettingDto setting(String student, Figure figure, Hand hand) {
        return new SettingDto(student, ChoicesDto.of(Choices.USUAL.with(figure).with(hand)));
    }
}
