package com.zestythumb.formats;

import com.zestythumb.core.sheet.ChartWriter;
import com.zestythumb.core.sheet.LeadSheet;

/**
 * A tune from a file, and what became of what the file held.
 *
 * @param text the chart as it stood in the file, if it was one; else null
 */
public record Imported(LeadSheet sheet, ImportReport report, String text) {

    public Imported(LeadSheet sheet, ImportReport report) {
        this(sheet, report, null);
    }

    /** The tune in chart notation, guessed chords marked. */
    public String chart() {
        return text != null ? text : ChartWriter.write(sheet);
    }
}
