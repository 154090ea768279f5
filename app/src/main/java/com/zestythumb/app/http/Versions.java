package com.zestythumb.app.http;

import java.util.regex.Matcher;
import java.util.regex.Pattern;

/** Saving needs the version one has seen, named in If-Match (RFC 9110, 13.1.1). */
public final class Versions {

    private static final Pattern TAG = Pattern.compile("\\s*\"(\\d{1,18})\"\\s*");

    private Versions() {}

    /** The version named by an If-Match header. */
    public static long of(String ifMatch) {
        if (ifMatch == null) {
            throw ProblemKind.VERSION_NEEDED.because("name the version you have seen in If-Match");
        }
        Matcher m = TAG.matcher(ifMatch);
        if (!m.matches()) {
            throw new IllegalArgumentException("If-Match holds the version you have seen in quotes, like \"3\"");
        }
        return Long.parseLong(m.group(1));
    }

    /** Refuses to write over what someone else saved meanwhile. */
    public static void check(String what, long seen, long now) {
        if (seen != now) {
            throw ProblemKind.CHANGED_ELSEWHERE.because(changed(what));
        }
    }

    /** Says so; names what was changed, as in "this tune". */
    static String changed(String what) {
        return what + " was changed elsewhere since you opened it; load it anew or keep yours";
    }
}
