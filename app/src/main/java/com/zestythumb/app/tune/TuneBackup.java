package com.zestythumb.app.tune;

import com.zestythumb.app.arrange.ChoicesDto;
import com.zestythumb.app.arrange.HandDto;
import com.zestythumb.app.arrange.PractisedDto;
import com.zestythumb.app.backup.BackupPart;
import com.zestythumb.app.backup.KeptReader;
import com.zestythumb.app.backup.Numbers;
import com.zestythumb.app.http.Links;
import com.zestythumb.app.student.Student;
import com.zestythumb.app.student.StudentDraft;
import com.zestythumb.app.student.Students;
import com.zestythumb.app.studio.Studios;
import com.zestythumb.core.sheet.Chart;
import io.swagger.v3.oas.annotations.media.Schema;
import jakarta.persistence.EntityManager;
import jakarta.validation.Valid;
import jakarta.validation.constraints.NotNull;
import jakarta.validation.constraints.Pattern;
import jakarta.validation.constraints.Size;
import java.time.Instant;
import java.util.ArrayList;
import java.util.HashMap;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.function.Consumer;
import java.util.stream.Collectors;
import org.springframework.core.annotation.Order;
import org.springframework.stereotype.Component;
import org.springframework.transaction.annotation.Transactional;
import tools.jackson.databind.JsonNode;
import tools.jackson.databind.node.ObjectNode;

/**
 * Tunes in the backup, with what is played of them, what was practised, and their history; so many at a time. One that was taken off the
 * shelf since stands on it again. Where a tune stands here just so, rounds that were practised and are not here are added to it.
 */
@Component
@Order(3)
@Transactional
class TuneBackup implements BackupPart {

    /** A tune; its number is told since exercises name it. */
    @Schema(name = "TuneInBackup")
    record Kept(
            Integer number,
            @NotNull String chart,
            @NotNull List<@NotNull @Valid KeptAssignment> assignments,
            @NotNull List<@NotNull String> tags,
            int level,
            @NotNull Instant updatedAt,
            Instant removedAt,
            @NotNull List<@NotNull @Valid KeptState> history) {}

    /** What one student, by its number in the file, plays of a tune; the code of a link by which it is practised, or none. */
    record KeptAssignment(
            int student,
            int place,

            @Schema(implementation = ChoicesDto.class) @NotNull
            JsonNode choices,

            @Valid KeptRecord practised,

            @Pattern(regexp = "[A-Za-z0-9_-]{20,80}") String code,

            Instant codeUntil,

            Instant removedAt) {

        KeptAssignment {
            practised = practised == null ? new KeptRecord(List.of()) : practised;
        }
    }

    record KeptRecord(@NotNull List<@NotNull @Valid KeptPage> pages) {}

    record KeptPage(
            @NotNull @Size(max = 5000) List<@NotNull @Size(max = 20) String> bars,
            @NotNull List<@NotNull @Valid KeptRound> rounds) {}

    record KeptRound(
            @NotNull @Valid PractisedDto told, @NotNull Instant toldAt, Instant takenBackAt) {}

    /** An earlier state of a tune; its name is empty where it has none. */
    record KeptState(
            @NotNull Instant savedAt,
            String name,
            @NotNull String title,
            @NotNull String chart,
            List<@NotNull @Valid KeptPlayed> played) {

        KeptState {
            name = name == null ? "" : name;
            played = played == null ? List.of() : played;
        }
    }

    /** How a tune was played once: which of its assignments, from 0; −1 where it is none of them any more. */
    record KeptPlayed(
            int assignment,
            @NotNull String student,
            @Valid HandDto hand,

            @Schema(implementation = ChoicesDto.class) @NotNull
            JsonNode choices) {}

    private static final int LOT = 100;
    private static final String STUDENTS = "students";

    private final TuneRepository tunes;
    private final AssignmentRepository assignments;
    private final TuneRevisionRepository revisions;
    private final PracticeLog practised;
    private final Students students;
    private final Studios studios;
    private final KeptReader reader;
    private final Links links;
    private final EntityManager session;

    TuneBackup(
            TuneRepository tunes,
            AssignmentRepository assignments,
            TuneRevisionRepository revisions,
            PracticeLog practised,
            Students students,
            Studios studios,
            KeptReader reader,
            Links links,
            EntityManager session) {
        this.tunes = tunes;
        this.assignments = assignments;
        this.revisions = revisions;
        this.practised = practised;
        this.students = students;
        this.studios = studios;
        this.reader = reader;
        this.links = links;
        this.session = session;
    }

    @Override
    public String list() {
        return "tunes";
    }

    /** So many tunes at a time. */
    private void inLots(List<Long> ids, Consumer<List<Tune>> use) {
        for (int from = 0; from < ids.size(); from += LOT) {
            use.accept(tunes.findAllById(ids.subList(from, Math.min(from + LOT, ids.size()))));
            session.clear();
        }
    }

    @Override
    @Transactional(readOnly = true)
    public void write(Numbers numbers, Consumer<Object> out) {
        write(tunes.ids(studios.current()), null, numbers, out);
    }

    @Override
    @Transactional(readOnly = true)
    public void writeOf(long student, Numbers numbers, Consumer<Object> out) {
        write(tunes.ids(studios.current(), student), student, numbers, out);
    }

    /** Tunes with what everybody plays of them, or one student alone. */
    private void write(List<Long> ids, Long only, Numbers numbers, Consumer<Object> out) {
        inLots(ids, lot -> {
            List<Assignment> everything = assignments.findByTuneInOrderByPlaceAscIdAsc(lot).stream()
                    .filter(one -> only == null || only.equals(one.student().id()))
                    .toList();
            Map<Long, List<Assignment>> played = everything.stream()
                    .collect(Collectors.groupingBy(one -> one.tune().id()));
            Map<Long, List<TuneRevision>> histories = revisions.findByTuneInOrderBySavedAtAscIdAsc(lot).stream()
                    .collect(Collectors.groupingBy(one -> one.tune().id()));
            Map<Long, List<PracticeRound>> rounds = practised.everything(everything);
            for (Tune tune : lot) {
                out.accept(kept(
                        numbers,
                        tune,
                        played.getOrDefault(tune.id(), List.of()),
                        histories.getOrDefault(tune.id(), List.of()),
                        rounds,
                        only != null));
            }
        });
    }

    private Kept kept(
            Numbers numbers,
            Tune tune,
            List<Assignment> played,
            List<TuneRevision> history,
            Map<Long, List<PracticeRound>> rounds,
            boolean isOfOne) {
        Numbers places = new Numbers();
        played.forEach(one -> places.give(list(), one.id()));
        return new Kept(
                numbers.give(list(), tune.id()),
                tune.chart(),
                played.stream()
                        .map(one -> new KeptAssignment(
                                numbers.of(STUDENTS, one.student().id()),
                                one.place(),
                                KeptChoices.tree(one.choices()),
                                record(rounds.getOrDefault(one.id(), List.of())),
                                one.code(),
                                one.codeUntil(),
                                one.removedAt()))
                        .toList(),
                tune.tags(),
                tune.level(),
                tune.updatedAt(),
                tune.removedAt(),
                history.stream().map(one -> state(one, places, isOfOne)).toList());
    }

    private static KeptRecord record(List<PracticeRound> rounds) {
        Map<Long, KeptPage> pages = new LinkedHashMap<>();
        for (PracticeRound round : rounds) {
            pages.computeIfAbsent(
                            round.page().id(), id -> new KeptPage(round.page().bars(), new ArrayList<>()))
                    .rounds()
                    .add(new KeptRound(round.told(), round.toldAt(), round.takenBackAt()));
        }
        return new KeptRecord(List.copyOf(pages.values()));
    }

    private KeptState state(TuneRevision revision, Numbers places, boolean isOfOne) {
        return new KeptState(
                revision.savedAt(),
                revision.name(),
                revision.title(),
                revision.chart(),
                History.read(revision.choices()).stream()
                        .filter(one -> !isOfOne || places.of(list(), one.assignment()) != null)
                        .map(one -> {
                            Integer place = places.of(list(), one.assignment());
                            return new KeptPlayed(
                                    place == null ? -1 : place,
                                    one.student(),
                                    one.hand(),
                                    KeptChoices.tree(one.choices()));
                        })
                        .toList());
    }

    @Override
    public Taker begin(Numbers numbers) {
        return new Work(numbers);
    }

    /** A tune that is here, and whether it stands on the shelf. */
    private record Here(long id, boolean onTheShelf) {}

    /** What is played of a tune, by whom. */
    private record Played(StudentDraft student, ChoicesDto choices) {}

    /** What makes two tunes the same, as short as can be. */
    private static String sameness(String chart, List<Played> played, List<String> tags) {
        return TuneFacts.digest(chart + "\n" + played + "\n" + tags);
    }

    private static boolean isPlayed(Assignment one) {
        return one.removedAt() == null && one.student().removedAt() == null;
    }

    /** Tunes being put back. */
    private final class Work implements Taker {

        private final Numbers numbers;
        private final Map<String, List<Here>> here = new HashMap<>();
        private int taken;

        Work(Numbers numbers) {
            this.numbers = numbers;
            inLots(tunes.ids(studios.current()), lot -> {
                Map<Long, List<Played>> played = assignments.findByTuneInOrderByPlaceAscIdAsc(lot).stream()
                        .filter(TuneBackup::isPlayed)
                        .collect(Collectors.groupingBy(
                                one -> one.tune().id(),
                                Collectors.mapping(
                                        one -> new Played(one.student().draft(), one.choices()), Collectors.toList())));
                for (Tune tune : lot) {
                    String same = sameness(tune.chart(), played.getOrDefault(tune.id(), List.of()), tune.tags());
                    here.computeIfAbsent(same, s -> new ArrayList<>())
                            .add(new Here(tune.id(), tune.removedAt() == null));
                }
            });
        }

        @Override
        public Came take(ObjectNode one) {
            Kept kept = reader.read(list(), one, Kept.class);
            List<KeptAssignment> live = new ArrayList<>();
            List<Played> played = new ArrayList<>();
            for (KeptAssignment assigned : kept.assignments()) {
                Student student = students.find(numbers.row(STUDENTS, assigned.student()));
                ChoicesDto choices = checked(assigned.choices());
                if (assigned.removedAt() == null && student.removedAt() == null) {
                    live.add(assigned);
                    played.add(new Played(student.draft(), choices));
                }
            }
            List<Here> same = here.getOrDefault(sameness(kept.chart(), played, kept.tags()), List.of());
            Came came = Came.ALREADY_HERE;
            long id;
            if (same.isEmpty()) {
                id = add(kept, played.isEmpty());
                came = Came.ADDED;
            } else {
                id = same.get(0).id();
                addRounds(id, live);
                if (kept.removedAt() == null && same.stream().noneMatch(Here::onTheShelf)) {
                    tunes.setRemoved(id, null);
                    came = Came.ADDED;
                }
            }
            if (kept.number() != null) {
                numbers.put(list(), kept.number(), id);
            }
            if (++taken % LOT == 0) {
                session.flush();
                session.clear();
            }
            return came;
        }

        /** What was practised is added to, also where the tune stands here already. */
        private void addRounds(long id, List<KeptAssignment> live) {
            List<Assignment> there =
                    assignments.findByTuneInOrderByPlaceAscIdAsc(List.of(session.getReference(Tune.class, id))).stream()
                            .filter(TuneBackup::isPlayed)
                            .toList();
            for (int i = 0; i < Math.min(live.size(), there.size()); i++) {
                practised.restore(there.get(i), live.get(i).practised().pages());
            }
        }

        private long add(Kept kept, boolean nobodyPlays) {
            Tune tune = new Tune(studios.current());
            tune.change(Chart.read(kept.chart()).sheet(), kept.chart(), kept.updatedAt());
            tune.shelve(kept.tags(), kept.level(), kept.removedAt());
            tunes.save(tune);
            List<Long> rows = new ArrayList<>();
            for (KeptAssignment one : kept.assignments()) {
                Assignment assignment = assignment(
                        tune, numbers.row(STUDENTS, one.student()), one.place(), KeptChoices.read(one.choices()));
                assignment.remove(one.removedAt());
                // A link leads to one thing: where it leads to another here, it stays with that.
                if (one.code() != null && assignments.findByCode(one.code()).isEmpty()) {
                    assignment.open(one.code(), one.codeUntil() == null ? links.until() : one.codeUntil());
                }
                rows.add(assignments.save(assignment).id());
                practised.restore(assignment, one.practised().pages());
            }
            if (nobodyPlays) {
                ChoicesDto usual = new AssignmentDraft(0, null).choices();
                assignments.save(assignment(tune, students.anyHand().id(), rows.size(), usual));
            }
            kept.history().forEach(state -> add(tune, state, rows));
            return tune.id();
        }

        private void add(Tune tune, KeptState state, List<Long> rows) {
            List<History.Played> then = state.played().stream()
                    .map(one -> new History.Played(
                            one.assignment() < 0 || one.assignment() >= rows.size() ? -1 : rows.get(one.assignment()),
                            one.student(),
                            one.hand(),
                            checked(one.choices())))
                    .toList();
            revisions.save(new TuneRevision(
                    tune, state.name(), state.title(), state.chart(), state.savedAt(), History.write(then)));
        }

        private Assignment assignment(Tune tune, long student, int place, ChoicesDto choices) {
            return new Assignment(tune, session.getReference(Student.class, student), place, choices);
        }

        /** Choices that make no sense are refused before they are kept. */
        private ChoicesDto checked(JsonNode kept) {
            ChoicesDto choices = reader.checked("choices", KeptChoices.read(kept));
            choices.toChoices(ChoicesDto.anyHand());
            return choices;
        }
    }
}
