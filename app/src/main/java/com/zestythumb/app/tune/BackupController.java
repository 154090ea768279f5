package com.zestythumb.app.tune;

import io.swagger.v3.oas.annotations.Operation;
import io.swagger.v3.oas.annotations.media.Content;
import io.swagger.v3.oas.annotations.media.Schema;
import io.swagger.v3.oas.annotations.tags.Tag;
import org.springframework.http.ContentDisposition;
import org.springframework.http.HttpHeaders;
import org.springframework.http.ResponseEntity;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.PostMapping;
import org.springframework.web.bind.annotation.RequestBody;
import org.springframework.web.bind.annotation.RequestMapping;
import org.springframework.web.bind.annotation.RestController;
import tools.jackson.databind.JsonNode;

/** The whole studio in one file, and back. */
@RestController
@RequestMapping("/api/backup")
@Tag(name = "Backup")
class BackupController {

    private final Backups backups;
    private final BackupReader reader;

    BackupController(Backups backups, BackupReader reader) {
        this.backups = backups;
        this.reader = reader;
    }

    /** What a restore did. */
    record Restored(int added, int alreadyHere) {}

    @GetMapping
    @Operation(summary = "Everything the studio holds, with labels and history.")
    ResponseEntity<Backup> backup() {
        String attachment = ContentDisposition.attachment()
                .filename("zesty-thumb-backup.json")
                .build()
                .toString();
        return ResponseEntity.ok()
                .header(HttpHeaders.CONTENT_DISPOSITION, attachment)
                .body(backups.take());
    }

    @PostMapping
    @Operation(summary = "Put back what a backup holds; tunes that stand here just so are passed over.")
    Restored restore(
            @io.swagger.v3.oas.annotations.parameters.RequestBody(
                            content = @Content(schema = @Schema(implementation = Backup.class)))
                    @RequestBody
                    JsonNode file) {
        Backup backup = reader.read(file);
        int added = backups.restore(backup);
        return new Restored(added, backup.tunes().size() - added);
    }
}
