package com.zestythumb.app.tune;

import com.zestythumb.app.arrange.ChoicesDto;
import com.zestythumb.app.arrange.HandDto;
import com.zestythumb.app.arrange.PinDto;
import com.zestythumb.app.studio.Studio;
import com.zestythumb.core.figure.Figure;
import com.zestythumb.core.voicing.Way;
import jakarta.persistence.CollectionTable;
import jakarta.persistence.Column;
import jakarta.persistence.ElementCollection;
import jakarta.persistence.Entity;
import jakarta.persistence.EnumType;
import jakarta.persistence.Enumerated;
import jakarta.persistence.FetchType;
import jakarta.persistence.GeneratedValue;
import jakarta.persistence.GenerationType;
import jakarta.persistence.Id;
import jakarta.persistence.JoinColumn;
import jakarta.persistence.ManyToOne;
import jakarta.persistence.OrderColumn;
import java.util.ArrayList;
import java.util.List;

/** One way to play a tune, for example for one student. */
@Entity
class Setting {

    @Id
    @GeneratedValue(strategy = GenerationType.IDENTITY)
    private Long id;

    @ManyToOne(fetch = FetchType.LAZY, optional = false)
    private Studio studio;

    @ManyToOne(fetch = FetchType.LAZY, optional = false)
    private Tune tune;

    private int place;
    private String name;

    @Enumerated(EnumType.STRING)
    @Column(columnDefinition = "text")
    private Way way;

    @Enumerated(EnumType.STRING)
    @Column(columnDefinition = "text")
    private Figure figure;

    private int handSpan;
    private String handLowest;
    private String handHighest;

    @ElementCollection(fetch = FetchType.LAZY)
    @CollectionTable(name = "setting_pin", joinColumns = @JoinColumn(name = "setting_id"))
    @OrderColumn(name = "place")
    private List<PinRow> pins = new ArrayList<>();

    protected Setting() {}

    Setting(Tune tune, Studio studio, int place, SettingDto setting) {
        this.tune = tune;
        this.studio = studio;
        this.place = place;
        this.name = setting.name();
        ChoicesDto choices = setting.choices();
        this.way = choices.way();
        this.figure = choices.figure();
        this.handSpan = choices.hand().span();
        this.handLowest = choices.hand().lowest();
        this.handHighest = choices.hand().highest();
        choices.pins().forEach(pin -> pins.add(new PinRow(studio.id(), pin)));
    }

    SettingDto toDto() {
        List<PinDto> pinned = pins.stream().map(PinRow::toDto).toList();
        HandDto hand = new HandDto(handSpan, handLowest, handHighest);
        return new SettingDto(name, new ChoicesDto(way, figure, hand, pinned));
    }
}
