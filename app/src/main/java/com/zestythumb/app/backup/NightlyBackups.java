package com.zestythumb.app.backup;

import java.io.BufferedOutputStream;
import java.io.IOException;
import java.io.OutputStream;
import java.nio.file.Files;
import java.nio.file.Path;
import java.nio.file.StandardCopyOption;
import java.time.LocalDate;
import java.util.List;
import java.util.concurrent.TimeUnit;
import java.util.stream.Stream;
import org.slf4j.Logger;
import org.slf4j.LoggerFactory;
import org.springframework.beans.factory.annotation.Value;
import org.springframework.scheduling.annotation.Scheduled;
import org.springframework.stereotype.Component;

/** A backup for each day in a folder, where one is named; the last two weeks of them. */
@Component
class NightlyBackups {

    private static final int KEPT = 14;
    private static final String NAME = "zesty-thumb-\\d{4}-\\d\\d-\\d\\d\\.json";
    private static final Logger LOG = LoggerFactory.getLogger(NightlyBackups.class);

    private final Backups backups;
    private final String folder;

    NightlyBackups(Backups backups, @Value("${zesty.backup.folder}") String folder) {
        this.backups = backups;
        this.folder = folder;
    }

    /** Looked at every hour: a machine that is off at night has its backup in the morning. */
    @Scheduled(initialDelay = 5, fixedDelay = 60, timeUnit = TimeUnit.MINUTES)
    void keep() {
        if (folder.isEmpty()) {
            return;
        }
        try {
            keep(Path.of(folder), LocalDate.now());
        } catch (IOException | RuntimeException e) {
            LOG.error("no backup could be laid in the folder for backups", e);
        }
    }

    /** That of a day, unless it is there; what is older than the last two weeks of them goes. */
    void keep(Path where, LocalDate day) throws IOException {
        Path file = where.resolve("zesty-thumb-" + day + ".json");
        if (Files.exists(file)) {
            return;
        }
        Path half = Files.createTempFile(where, "half", ".part");
        try {
            try (OutputStream out = new BufferedOutputStream(Files.newOutputStream(half))) {
                backups.write(out);
            }
            // A file of this name is whole.
            Files.move(half, file, StandardCopyOption.ATOMIC_MOVE);
        } finally {
            Files.deleteIfExists(half);
        }
        try (Stream<Path> all = Files.list(where)) {
            List<Path> days = all.filter(one -> one.getFileName().toString().matches(NAME))
                    .sorted()
                    .toList();
            for (Path old : days.subList(0, Math.max(0, days.size() - KEPT))) {
                Files.delete(old);
            }
        }
    }
}
