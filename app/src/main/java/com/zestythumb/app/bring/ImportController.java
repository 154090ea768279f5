package com.zestythumb.app.bring;

import com.zestythumb.app.http.Computations;
import com.zestythumb.app.http.ProblemKind;
import com.zestythumb.core.sheet.ChordEvent;
import com.zestythumb.formats.Hands;
import com.zestythumb.formats.ImportReport;
import com.zestythumb.formats.Imported;
import com.zestythumb.formats.UnreadableFileException;
import com.zestythumb.formats.importing.Importer;
import io.swagger.v3.oas.annotations.Operation;
import io.swagger.v3.oas.annotations.Parameter;
import io.swagger.v3.oas.annotations.media.Content;
import io.swagger.v3.oas.annotations.media.Schema;
import io.swagger.v3.oas.annotations.parameters.RequestBody;
import io.swagger.v3.oas.annotations.tags.Tag;
import jakarta.servlet.http.HttpServletRequest;
import java.io.IOException;
import java.util.List;
import java.util.concurrent.Semaphore;
import java.util.concurrent.TimeUnit;
import org.springframework.beans.factory.annotation.Value;
import org.springframework.http.MediaType;
import org.springframework.http.ProblemDetail;
import org.springframework.web.bind.annotation.ExceptionHandler;
import org.springframework.web.bind.annotation.PostMapping;
import org.springframework.web.bind.annotation.RequestMapping;
import org.springframework.web.bind.annotation.RequestParam;
import org.springframework.web.bind.annotation.RestController;

/** Reads music files into charts. */
@RestController
@RequestMapping("/api/imports")
@Tag(name = "Imports")
class ImportController {

    /** A tune from a file. */
    @Schema(name = "ImportedTune")
    record ImportedTune(
            String title,
            String format,
            int bars,

            @Schema(description = "Chords guessed from notes, marked with ? in the chart.")
            int guesses,

            String chart,

            @Schema(description = "The staves, voices or tracks of the file, and which of them were taken.")
            Hands hands,

            List<ImportReport.Line> report) {

        static ImportedTune of(Imported imported) {
            return new ImportedTune(
                    imported.sheet().title(),
                    imported.report().format(),
                    imported.sheet().bars().size(),
                    (int) imported.sheet().events().stream()
                            .filter(ChordEvent::isGuess)
                            .count(),
                    imported.chart(),
                    imported.hands(),
                    imported.report().lines());
        }
    }

    private static final int LONGEST_QUEUE = 16;
    private static final long MOST_MILLIS = 30_000;

    private static final int KILOBYTE = 1024;

    /** Room for files that are on their way, in kilobytes: it is counted before anything is kept of them. */
    private final Semaphore memory;

    private final long waits;

    /**
     * Takes files.
     *
     * @param kilobytes of files that are on their way at one time
     * @param waits milliseconds for which the next one waits for room
     */
    ImportController(
            @Value("${zesty.imports.kilobytes:131072}") int kilobytes,
            @Value("${zesty.imports.wait:5000}") long waits) {
        memory = new Semaphore(Math.max(kilobytes, kilobytes(Importer.MAX_BYTES)));
        this.waits = waits;
    }

    /** One file at a time, so that large ones do not add up in memory. */
    private final Computations one = new Computations(1, LONGEST_QUEUE, MOST_MILLIS, MOST_MILLIS);

    @PostMapping(consumes = MediaType.APPLICATION_OCTET_STREAM_VALUE)
    @Operation(summary = "The tunes in a file of MusicXML, MIDI, ABC, ChordPro, a chart or chords over words.")
    @RequestBody(
            required = true,
            content =
                    @Content(
                            mediaType = MediaType.APPLICATION_OCTET_STREAM_VALUE,
                            schema = @Schema(type = "string", format = "binary")))
    List<ImportedTune> read(
            @Schema(description = "The file's name; empty for pasted text.") @RequestParam(defaultValue = "")
                    String name,
            @Schema(description = "The line that is the tune, by its id; the usual one where it is not told.")
                    @RequestParam(required = false)
                    String tune,
            @Schema(
                            description =
                                    "The line that is the left hand, or empty for none; the usual one where it is not told.")
                    @RequestParam(required = false)
                    String left,
            @Parameter(hidden = true) HttpServletRequest request)
            throws IOException, InterruptedException {
        int room = kilobytes(request.getContentLengthLong());
        if (!memory.tryAcquire(room, waits, TimeUnit.MILLISECONDS)) {
            throw Computations.busy();
        }
        try {
            // Read before its turn comes: a slow line holds up nobody else.
            byte[] bytes = request.getInputStream().readNBytes(Importer.MAX_BYTES + 1);
            return one.inTurn(() -> Importer.read(name, bytes, new Hands.Wanted(tune, left)).stream()
                    .map(ImportedTune::of)
                    .toList());
        } finally {
            memory.release(room);
        }
    }

    /** What a file may take that tells its length, or does not. */
    private static int kilobytes(long told) {
        return (int) ((told < 0 ? Importer.MAX_BYTES : Math.min(told, Importer.MAX_BYTES)) / KILOBYTE) + 1;
    }

    /** What cannot be read is the sender's to fix. */
    @ExceptionHandler
    ProblemDetail unreadable(UnreadableFileException e) {
        return ProblemKind.UNREADABLE_FILE.with(e.getMessage());
    }
}
