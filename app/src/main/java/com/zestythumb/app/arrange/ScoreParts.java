package com.zestythumb.app.arrange;

import com.zestythumb.app.arrange.ArrangementView.MeasureView;
import com.zestythumb.app.arrange.ArrangementView.ScoreView;
import java.nio.charset.StandardCharsets;
import java.security.MessageDigest;
import java.security.NoSuchAlgorithmException;
import java.util.ArrayList;
import java.util.Arrays;
import java.util.Base64;
import java.util.List;
import java.util.Set;

/** Parts a score into measures, so that only those the page does not have yet are sent. */
final class ScoreParts {

    private static final String BEGIN = "<measure ";
    private static final String END = "</measure>";

    /** Of a digest of 128 bits: 72 are far more than chance needs, and nobody gains by two measures with one mark. */
    private static final int BYTES = 9;

    private ScoreParts() {}

    /**
     * Parts a score.
     *
     * @param known marks of measures whose text is not wanted
     */
    static ScoreView of(String score, Set<String> known) {
        int from = score.indexOf(BEGIN);
        int behind = score.lastIndexOf(END) + END.length();
        List<MeasureView> measures = new ArrayList<>();
        for (int at = from; at >= 0 && at < behind; ) {
            int end = score.indexOf(END, at) + END.length();
            String text = score.substring(at, end);
            String mark = mark(text);
            measures.add(new MeasureView(mark, known.contains(mark) ? "" : text));
            at = end;
        }
        return new ScoreView(score.substring(0, from), measures, score.substring(behind));
    }

    private static String mark(String text) {
        try {
            byte[] digest = MessageDigest.getInstance("MD5").digest(text.getBytes(StandardCharsets.UTF_8));
            return Base64.getUrlEncoder().encodeToString(Arrays.copyOf(digest, BYTES));
        } catch (NoSuchAlgorithmException e) {
            throw new IllegalStateException("every Java has MD5", e);
        }
    }
}
