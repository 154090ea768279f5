package com.zestythumb.app.backup;

import static org.assertj.core.api.Assertions.assertThat;

import java.nio.file.Files;
import java.nio.file.Path;
import java.time.LocalDate;
import java.util.List;
import java.util.stream.Stream;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.io.TempDir;
import org.springframework.beans.factory.annotation.Autowired;
import org.springframework.boot.test.context.SpringBootTest;

/** Every night a whole file, and two weeks of them. */
@SpringBootTest
class NightlyBackupsTest {

    @Autowired
    private NightlyBackups nightly;

    private static List<String> names(Path folder) throws Exception {
        try (Stream<Path> all = Files.list(folder)) {
            return all.map(one -> one.getFileName().toString()).sorted().toList();
        }
    }

    @Test
    void keepsTwoWeeksAndWhatIsSomebodyElses(@TempDir Path folder) throws Exception {
        Files.writeString(folder.resolve("letter.txt"), "our own");
        LocalDate first = LocalDate.of(2026, 11, 1);
        for (int day = 0; day < 16; day++) {
            nightly.keep(folder, first.plusDays(day));
        }
        assertThat(names(folder))
                .hasSize(15)
                .contains("letter.txt", "zesty-thumb-2026-11-03.json", "zesty-thumb-2026-11-16.json");
        assertThat(Files.readString(folder.resolve("zesty-thumb-2026-11-16.json")))
                .contains("\"kind\":\"zesty-thumb-backup\"")
                .endsWith("}}");
        Files.writeString(folder.resolve("zesty-thumb-2026-11-16.json"), "as it was");
        nightly.keep(folder, first.plusDays(15));
        assertThat(folder.resolve("zesty-thumb-2026-11-16.json")).hasContent("as it was");
    }
}
