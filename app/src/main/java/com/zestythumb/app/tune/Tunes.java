package com.zestythumb.app.tune;

import com.zestythumb.app.http.ConflictException;
import com.zestythumb.app.http.NotFoundException;
import com.zestythumb.app.studio.Studios;
import com.zestythumb.core.sheet.Chart;
import com.zestythumb.core.sheet.Heading;
import java.time.Duration;
import java.time.Instant;
import java.time.temporal.ChronoUnit;
import java.util.List;
import org.springframework.stereotype.Service;
import org.springframework.transaction.annotation.Transactional;

/** Keeps tunes, each in the studio of whoever asks. */
@Service
@Transactional
public class Tunes {

    /** Changes that follow one another sooner than this are one step of the history. */
    private static final Duration STEP = Duration.ofMinutes(2);

    private final TuneRepository tunes;
    private final TuneRevisionRepository revisions;
    private final Studios studios;

    Tunes(TuneRepository tunes, TuneRevisionRepository revisions, Studios studios) {
        this.tunes = tunes;
        this.revisions = revisions;
        this.studios = studios;
    }

    /** All tunes on the shelf, by title. */
    @Transactional(readOnly = true)
    public List<TuneSummary> all() {
        return TuneSummary.of(tunes.findByStudioAndRemovedAtIsNullOrderByTitle(studios.current()));
    }

    /** Tunes taken off the shelf, the latest first. */
    @Transactional(readOnly = true)
    public List<TuneSummary> removed() {
        return TuneSummary.of(tunes.findByStudioAndRemovedAtIsNotNullOrderByRemovedAtDesc(studios.current()));
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
        keepRevision(tune, draft.chart());
        return change(tune, draft);
    }

    public void label(long id, ShelfLabels labels) {
        Tune tune = find(id);
        tune.label(labels.tags().stream().map(String::strip).distinct().toList(), labels.level());
    }

    /** Takes a tune off the shelf; it can be put back. */
    public void remove(long id) {
        find(id).remove(now());
    }

    public void putBack(long id) {
        findAny(id).putBack();
    }

    /** Earlier states of a tune, the latest first. */
    @Transactional(readOnly = true)
    public List<RevisionView> history(long id) {
        return revisions.findTop100ByTuneOrderBySavedAtDesc(find(id)).stream()
                .map(RevisionView::of)
                .toList();
    }

    /** Everything the studio holds, to be kept in a file. */
    @Transactional(readOnly = true)
    public Backup backup() {
        return Backup.of(tunes.findByStudioOrderById(studios.current()), revisions::findByTuneOrderBySavedAt);
    }

    /**
     * Puts back what a backup holds, but for tunes that stand here already just so; says how many were added. One that
     * was taken off the shelf since stands on it again.
     */
    public int restore(Backup backup) {
        List<Tune> here = tunes.findByStudioOrderById(studios.current());
        int added = 0;
        for (Backup.KeptTune kept : backup.tunes()) {
            List<Tune> same = here.stream().filter(kept::isSameAs).toList();
            boolean offTheShelf = same.stream().allMatch(tune -> tune.removedAt() != null);
            if (!same.isEmpty() && kept.removedAt() == null && offTheShelf) {
                same.get(0).putBack();
                added++;
            } else if (same.isEmpty()) {
                Tune tune = new Tune(studios.current());
                change(tune, new TuneDraft(0, kept.chart(), kept.settings()), kept.updatedAt());
                tune.label(kept.tags(), kept.level());
                if (kept.removedAt() != null) {
                    tune.remove(kept.removedAt());
                }
                tunes.saveAndFlush(tune);
                kept.history()
                        .forEach(state ->
                                revisions.save(new TuneRevision(tune, state.title(), state.chart(), state.savedAt())));
                added++;
            }
        }
        return added;
    }

    /** What stood here goes into the history, unless the last step there is quite fresh. */
    private void keepRevision(Tune tune, String newChart) {
        if (tune.chart().equals(newChart)) {
            return;
        }
        Instant now = now();
        boolean fresh = revisions
                .findFirstByTuneOrderBySavedAtDesc(tune)
                .map(last -> last.savedAt().isAfter(now.minus(STEP)))
                .orElse(false);
        boolean losesMuch = newChart.length() < tune.chart().length() / 2;
        if (!fresh || losesMuch) {
            revisions.save(new TuneRevision(tune, tune.title(), tune.chart(), now));
        }
    }

    private TuneView change(Tune tune, TuneDraft draft) {
        return change(tune, draft, now());
    }

    private TuneView change(Tune tune, TuneDraft draft, Instant at) {
        // A setting that makes no sense is refused before it is kept.
        draft.settings().forEach(setting -> setting.choices().toChoices());
        Heading heading = Chart.read(draft.chart()).sheet().heading();
        tune.change(heading, draft.chart(), draft.settings(), at);
        return TuneView.of(tunes.saveAndFlush(tune));
    }

    private static Instant now() {
        return Instant.now().truncatedTo(ChronoUnit.MICROS);
    }

    private Tune find(long id) {
        Tune tune = findAny(id);
        if (tune.removedAt() != null) {
            throw new NotFoundException("tune number " + id + " was taken off the shelf; put it back there first");
        }
        return tune;
    }

    private Tune findAny(long id) {
        return tunes.findByIdAndStudio(id, studios.current())
                .orElseThrow(
                        () -> new NotFoundException("there is no tune number " + id + "; it may have been removed"));
    }
}
