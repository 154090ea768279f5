package com.zestythumb.app.backup;

import io.swagger.v3.oas.annotations.Operation;
import io.swagger.v3.oas.annotations.Parameter;
import io.swagger.v3.oas.annotations.media.Content;
import io.swagger.v3.oas.annotations.media.Schema;
import io.swagger.v3.oas.annotations.parameters.RequestBody;
import io.swagger.v3.oas.annotations.responses.ApiResponse;
import io.swagger.v3.oas.annotations.tags.Tag;
import jakarta.servlet.http.HttpServletResponse;
import java.io.BufferedOutputStream;
import java.io.IOException;
import java.io.InputStream;
import java.io.OutputStream;
import java.nio.file.Files;
import java.nio.file.Path;
import java.nio.file.StandardCopyOption;
import java.util.function.Consumer;
import org.springframework.http.ContentDisposition;
import org.springframework.http.HttpHeaders;
import org.springframework.http.MediaType;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.PathVariable;
import org.springframework.web.bind.annotation.PostMapping;
import org.springframework.web.bind.annotation.RequestMapping;
import org.springframework.web.bind.annotation.RestController;

/** The whole studio in one file, and back. */
@RestController
@RequestMapping("/api/backup")
@Tag(name = "Backup")
class BackupController {

    private final Backups backups;
    private final Restoring restoring;

    BackupController(Backups backups, Restoring restoring) {
        this.backups = backups;
        this.restoring = restoring;
    }

    @GetMapping(produces = MediaType.APPLICATION_JSON_VALUE)
    @Operation(summary = "Everything the studio holds, removed things and history included.")
    @ApiResponse(
            responseCode = "200",
            content =
                    @Content(
                            mediaType = MediaType.APPLICATION_JSON_VALUE,
                            schema = @Schema(implementation = Backup.class)))
    void backup(HttpServletResponse response) throws IOException {
        send("zesty-thumb-backup.json", backups::write, response);
    }

    @GetMapping(path = "/students/{id}", produces = MediaType.APPLICATION_JSON_VALUE)
    @Operation(
            summary = "Everything the studio holds of one student: name, hand, what it plays, practised and answered.",
            description = "In the form of a backup, so that another studio can take it in.")
    @ApiResponse(
            responseCode = "200",
            content =
                    @Content(
                            mediaType = MediaType.APPLICATION_JSON_VALUE,
                            schema = @Schema(implementation = Backup.class)))
    void ofStudent(@PathVariable long id, HttpServletResponse response) throws IOException {
        send("zesty-thumb-student-" + id + ".json", out -> backups.writeOf(id, out), response);
    }

    private static void send(String name, Consumer<OutputStream> write, HttpServletResponse response)
            throws IOException {
        String attachment =
                ContentDisposition.attachment().filename(name).build().toString();
        // Nothing is sent before all of it is there: a file that arrives is whole.
        Path file = Files.createTempFile("backup", ".json");
        try {
            try (OutputStream out = new BufferedOutputStream(Files.newOutputStream(file))) {
                write.accept(out);
            }
            response.setContentType(MediaType.APPLICATION_JSON_VALUE);
            response.setContentLengthLong(Files.size(file));
            response.setHeader(HttpHeaders.CONTENT_DISPOSITION, attachment);
            Files.copy(file, response.getOutputStream());
        } finally {
            Files.delete(file);
        }
    }

    @PostMapping(consumes = MediaType.APPLICATION_JSON_VALUE)
    @Operation(summary = "Put back what a backup holds; tunes that stand here just so are passed over.")
    @RequestBody(
            required = true,
            content =
                    @Content(
                            mediaType = MediaType.APPLICATION_JSON_VALUE,
                            schema = @Schema(implementation = Backup.class)))
    Restored restore(@Parameter(hidden = true) InputStream body) throws IOException {
        // All of it is here before the first row is written, so that a slow sender holds no rows.
        Path file = Files.createTempFile("restoring", ".json");
        try {
            Files.copy(body, file, StandardCopyOption.REPLACE_EXISTING);
            try (InputStream in = Files.newInputStream(file)) {
                return restoring.restore(in);
            }
        } finally {
            Files.delete(file);
        }
    }
}
