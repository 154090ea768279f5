package com.zestythumb.app.tune;

import com.zestythumb.app.http.ProblemKind;
import com.zestythumb.app.http.Versions;
import com.zestythumb.app.student.Student;
import com.zestythumb.app.student.StudentRemoved;
import com.zestythumb.app.student.Students;
import com.zestythumb.app.studio.Purge;
import com.zestythumb.app.studio.Studio;
import com.zestythumb.app.studio.Studios;
import com.zestythumb.core.sheet.Chart;
import java.time.Instant;
import java.time.temporal.ChronoUnit;
import java.util.ArrayList;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import java.util.stream.Stream;
import org.springframework.context.event.EventListener;
import org.springframework.stereotype.Service;
import org.springframework.transaction.annotation.Transactional;

/** Keeps tunes, each in the studio of whoever asks. */
@Service
@Transactional
public class Tunes {

    private final TuneRepository tunes;
    private final AssignmentRepository assignments;
    private final PracticeLog practised;
    private final History history;
    private final Students students;
    private final Studios studios;

    Tunes(
            TuneRepository tunes,
            AssignmentRepository assignments,
            PracticeLog practised,
            History history,
            Students students,
            Studios studios) {
        this.tunes = tunes;
        this.assignments = assignments;
        this.practised = practised;
        this.history = history;
        this.students = students;
        this.studios = studios;
    }

    /** All tunes on the shelf, by title. */
    @Transactional(readOnly = true)
    public List<TuneSummary> all() {
        return summaries(tunes.shelf(studios.current()));
    }

    /** Tunes taken off the shelf, the latest first. */
    @Transactional(readOnly = true)
    public List<TuneSummary> removed() {
        return summaries(tunes.removed(studios.current()));
    }

    private List<TuneSummary> summaries(List<TuneSummary.Row> rows) {
        Map<Long, TuneFacts> facts = new HashMap<>();
        List<Long> unknown = new ArrayList<>();
        for (TuneSummary.Row row : rows) {
            if (TuneFacts.isOfToday(row.facts())) {
                facts.put(row.id(), TuneFacts.read(row.facts()));
            } else {
                unknown.add(row.id());
            }
        }
        if (!unknown.isEmpty()) {
            tunes.texts(unknown).forEach(text -> facts.put(text.id(), facts(text)));
        }
        return TuneSummary.of(rows, facts, names());
    }

    private static TuneFacts facts(TuneRepository.Text text) {
        return TuneFacts.of(Chart.read(text.chart()).sheet());
    }

    /** Computes what the shelf shows where it is not kept as it is computed today; done when the app starts. */
    public void computeFacts() {
        Studio studio = studios.current();
        List<Long> unknown = Stream.concat(tunes.shelf(studio).stream(), tunes.removed(studio).stream())
                .filter(row -> !TuneFacts.isOfToday(row.facts()))
                .map(TuneSummary.Row::id)
                .toList();
        if (!unknown.isEmpty()) {
            tunes.texts(unknown)
                    .forEach(text -> tunes.setFacts(
                            text.id(), text.version(), facts(text).write()));
        }
    }

    private Map<Long, List<String>> names() {
        Map<Long, List<String>> names = new HashMap<>();
        for (Object[] row : assignments.namesByTune(studios.current())) {
            names.computeIfAbsent((Long) row[0], tune -> new ArrayList<>()).add((String) row[1]);
        }
        return names;
    }

    @Transactional(readOnly = true)
    public boolean isEmpty() {
        return !tunes.existsByStudio(studios.current());
    }

    /** A tune with what is played of it. */
    @Transactional(readOnly = true)
    public TuneView get(long id) {
        Tune tune = find(id);
        List<Assignment> played =
                assignments.findByTuneAndRemovedAtIsNullAndStudentRemovedAtIsNullOrderByPlaceAscIdAsc(tune);
        return TuneView.of(tune, played, practised.of(played));
    }

    /** Somebody plays every tune, if only nobody in particular. */
    @EventListener
    void playOn(StudentRemoved gone) {
        tunes.withoutPlayers(studios.current()).forEach(this::forAnyHand);
    }

    @EventListener
    void purge(Purge purge) {
        tunes.purge(purge.before());
    }

    private Assignment forAnyHand(Tune tune) {
        AssignmentDraft usual = new AssignmentDraft(students.anyHand().id(), null);
        return give(tune, usual, assignments.countByTune(tune));
    }

    private Assignment give(Tune tune, AssignmentDraft draft, int place) {
        Student student = students.find(draft.student());
        // Choices that make no sense are refused before they are kept.
        draft.choices().toChoices(student.hand());
        return assignments.saveAndFlush(new Assignment(tune, student, place, draft.choices()));
    }

    public TuneView add(NewTune added) {
        Tune tune = change(new Tune(studios.current()), added.chart());
        List<Assignment> played = new ArrayList<>();
        for (AssignmentDraft draft : added.assignments()) {
            played.add(give(tune, draft, played.size()));
        }
        if (played.isEmpty()) {
            played.add(forAnyHand(tune));
        }
        return TuneView.of(tune, played, Map.of());
    }

    /** Saves the chart over the version that whoever saves has seen. */
    public SavedChart save(long id, long version, String chart) {
        Tune tune = find(id);
        Versions.check("this tune", version, tune.version());
        if (!tune.chart().equals(chart)) {
            history.keep(tune, chart.length() < tune.chart().length() / 2);
        }
        change(tune, chart);
        return new SavedChart(tune.version(), tune.title(), tune.updatedAt());
    }

    public void label(long id, ShelfLabels labels) {
        List<String> tags = labels.tags().stream().map(String::strip).distinct().toList();
        tunes.label(find(id).id(), Tune.kept(tags), labels.level());
    }

    /** Takes a tune off the shelf; it can be put back. */
    public void remove(long id) {
        tunes.setRemoved(find(id).id(), now());
    }

    public void putBack(long id) {
        tunes.setRemoved(findAny(id).id(), null);
    }

    /** Earlier states of a tune, the latest first. */
    @Transactional(readOnly = true)
    public List<RevisionView> history(long id) {
        return history.of(find(id));
    }

    /** A state that has a name is kept for ever; without one it goes the way of the others. */
    public void nameState(long id, long state, String name) {
        history.name(find(id), state, name);
    }

    private Tune change(Tune tune, String chart) {
        tune.change(Chart.read(chart).sheet(), chart, now());
        return tunes.saveAndFlush(tune);
    }

    private static Instant now() {
        return Instant.now().truncatedTo(ChronoUnit.MICROS);
    }

    public Tune find(long id) {
        Tune tune = findAny(id);
        if (tune.removedAt() != null) {
            throw ProblemKind.NOT_FOUND.because(
                    "tune number " + id + " was taken off the shelf; put it back there first");
        }
        return tune;
    }

    private Tune findAny(long id) {
        return tunes.findByIdAndStudio(id, studios.current())
                .orElseThrow(() ->
                        ProblemKind.NOT_FOUND.because("there is no tune number " + id + "; it may have been removed"));
    }
}
