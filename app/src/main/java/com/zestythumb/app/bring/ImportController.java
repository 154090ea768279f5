package com.zestythumb.app.bring;

import com.zestythumb.app.http.Reckoning;
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
import java.io.IOException;
import java.io.InputStream;
import java.util.List;
import org.springframework.http.HttpStatus;
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

    /** One file at a time, so that large ones do not add up in memory. */
    private final Reckoning one = new Reckoning(1, LONGEST_QUEUE, MOST_MILLIS, MOST_MILLIS);

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
            @Parameter(hidden = true) InputStream file)
            throws IOException {
        // Read before its turn comes: a slow line holds up nobody else.
        byte[] bytes = file.readNBytes(Importer.MAX_BYTES + 1);
        return one.inTurn(() -> Importer.read(name, bytes, new Hands.Wanted(tune, left)).stream()
                .map(ImportedTune::of)
                .toList());
    }

    /** What cannot be read is the sender's to mend. */
    @ExceptionHandler
    ProblemDetail unreadable(UnreadableFileException e) {
        return ProblemDetail.forStatusAndDetail(HttpStatus.UNPROCESSABLE_CONTENT, e.getMessage());
    }
}
