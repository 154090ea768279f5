package com.zestythumb.app.arrange;

import com.zestythumb.core.pattern.AccompanimentPattern;
import com.zestythumb.core.pattern.AccompanimentPatterns;
import io.swagger.v3.oas.annotations.media.Schema;
import jakarta.validation.constraints.NotBlank;
import jakarta.validation.constraints.Size;

/** A figure that a teacher made. */
@Schema(name = "OwnFigure")
public record OwnFigureDto(
        @Schema(example = "Rocking") @NotBlank @Size(max = 60)
        String name,

        @Schema(description = "Its strokes as text.", example = "by bar 1/8 1 3 2 3 1 3 2*2")
        @NotBlank
        @Size(max = 2000)
        String text) {

    /** The id of any figure that is none of the catalogue. */
    static final String OWN = "OWN";

    private static final int MIDDLING = 3;
    private static final int HAND = 5;

    /** Of a figure of the catalogue nothing is to be told. */
    static OwnFigureDto of(AccompanimentPattern figure) {
        return figure.id().equals(OWN) ? new OwnFigureDto(figure.name(), figure.text()) : null;
    }

    /** The figure of an id, or the own one; throws with a teacher's words where there is none. */
    static AccompanimentPattern figure(String id, OwnFigureDto own) {
        if (!OWN.equals(id)) {
            return AccompanimentPatterns.named(id);
        }
        if (own == null) {
            throw new IllegalArgumentException(
                    "a pattern of your own needs its strokes; send its name and text with it");
        }
        return own.toFigure();
    }

    /** Throws with place and remedy where the text says no figure. */
    public AccompanimentPattern toFigure() {
        return AccompanimentPattern.of(OWN, name, MIDDLING, HAND, text);
    }
}
