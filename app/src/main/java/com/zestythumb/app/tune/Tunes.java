package com.zestythumb.app.tune;

import com.zestythumb.app.http.ConflictException;
import com.zestythumb.app.http.NotFoundException;
import com.zestythumb.app.studio.Studios;
import com.zestythumb.core.sheet.Chart;
import java.time.Instant;
import java.time.temporal.ChronoUnit;
import java.util.List;
import org.springframework.stereotype.Service;
import org.springframework.transaction.annotation.Transactional;

/** Keeps tunes, each in the studio of whoever asks. */
@Service
@Transactional
public class Tunes {

    private final TuneRepository tunes;
    private final Studios studios;

    Tunes(TuneRepository tunes, Studios studios) {
        this.tunes = tunes;
        this.studios = studios;
    }

    /** All tunes of the studio, by title. */
    @Transactional(readOnly = true)
    public List<TuneSummary> all() {
        return tunes.findByStudioOrderByTitle(studios.current()).stream()
                .map(TuneSummary::of)
                .toList();
    }

    @Transactional(readOnly = true)
    public boolean isEmpty() {
        return !tunes.existsByStudio(studios.current());
    }

    @Transactional(readOnly = true)
    public TuneView get(long id) {
        return TuneView.of(find(id));
    }

    public TuneView add(TuneDraft draft) {
        return change(new Tune(studios.current()), draft);
    }

    /** Saves over the version the draft was made from; refuses where another was saved meanwhile. */
    public TuneView save(long id, TuneDraft draft) {
        Tune tune = find(id);
        if (tune.version() != draft.version()) {
            throw new ConflictException("version " + draft.version() + " was overtaken by " + tune.version());
        }
        return change(tune, draft);
    }

    public void remove(long id) {
        tunes.delete(find(id));
    }

    private TuneView change(Tune tune, TuneDraft draft) {
        // A setting that makes no sense is refused before it is kept.
        draft.settings().forEach(setting -> setting.choices().toChoices());
        String title = Chart.read(draft.chart()).sheet().title();
        tune.change(title, draft.chart(), draft.settings(), Instant.now().truncatedTo(ChronoUnit.MICROS));
        return TuneView.of(tunes.saveAndFlush(tune));
    }

    private Tune find(long id) {
        return tunes.findByIdAndStudio(id, studios.current())
                .orElseThrow(
                        () -> new NotFoundException("there is no tune number " + id + "; it may have been removed"));
    }
}
