package com.zestythumb.formats;

import com.zestythumb.core.sheet.ChartWriter;
import com.zestythumb.core.sheet.Heading;
import com.zestythumb.core.sheet.LeadSheet;

/**
 * A tune from a file, and what became of what the file held.
 *
 * @param hands what plays in it, and what was taken
 * @param text the chart as it stood in the file, if it was one; else null
 */
public record Imported(LeadSheet sheet, ImportReport report, Hands hands, String text) {

    public Imported(LeadSheet sheet, ImportReport report, Hands hands) {
        this(sheet, report, hands, null);
    }

    /** The same under the file's name, where the file gives the tune none. */
    public Imported called(String name) {
        boolean nameless = text == null && sheet.title().equals(Heading.NAMELESS);
        return nameless && !name.isEmpty()
                ? new Imported(new LeadSheet(sheet.heading().withTitle(name), sheet.bars()), report, hands)
                : this;
    }

    /** The tune in chart notation, guessed chords marked. */
    public String chart() {
        return text != null ? text : ChartWriter.write(sheet);
    }
}
