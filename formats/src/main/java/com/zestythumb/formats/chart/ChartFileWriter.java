package com.zestythumb.formats.chart;

import com.zestythumb.core.sheet.ChartWriter;
import com.zestythumb.core.sheet.LeadSheet;
import com.zestythumb.formats.SheetWriter;

/** Writes the app's own charts. */
public final class ChartFileWriter implements SheetWriter {

    @Override
    public String write(LeadSheet sheet) {
        return ChartWriter.write(sheet);
    }

    @Override
    public String mediaType() {
        return "text/plain";
    }

    @Override
    public String extension() {
        return "txt";
    }
}
