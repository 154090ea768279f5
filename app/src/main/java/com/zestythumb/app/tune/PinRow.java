package com.zestythumb.app.tune;

import com.zestythumb.app.arrange.PinDto;
import jakarta.persistence.Column;
import jakarta.persistence.Embeddable;
import java.util.List;

/** A pinned voicing as it is kept: its notes in one line. */
@Embeddable
class PinRow {

    @Column(name = "studio_id")
    private long studioId;

    private int bar;

    @Column(name = "start_at")
    private String startAt;

    private String notes;

    protected PinRow() {}

    PinRow(long studioId, PinDto pin) {
        this.studioId = studioId;
        this.bar = pin.bar();
        this.startAt = pin.start();
        this.notes = String.join(" ", pin.notes());
    }

    PinDto toDto() {
        return new PinDto(bar, startAt, List.of(notes.split(" ")));
    }
}
