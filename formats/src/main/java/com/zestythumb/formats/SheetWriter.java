package com.zestythumb.formats;

import com.zestythumb.core.sheet.LeadSheet;

/** Writes a lead sheet, without the left hand, as text of one open format. */
public interface SheetWriter {

    /** The whole file. */
    String write(LeadSheet sheet);

    /** Its registered or usual media type. */
    String mediaType();

    /** Its usual ending, without the dot. */
    String extension();
}
