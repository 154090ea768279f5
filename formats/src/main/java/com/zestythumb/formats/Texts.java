package com.zestythumb.formats;

import java.nio.ByteBuffer;
import java.nio.charset.CharacterCodingException;
import java.nio.charset.Charset;
import java.nio.charset.CodingErrorAction;
import java.nio.charset.StandardCharsets;

/** Text of a file whose encoding is not told. */
public final class Texts {

    private static final int LOOK = 4096;

    private Texts() {}

    /** UTF-8 or UTF-16 by its mark, else UTF-8 if it is that, else Windows-1252, which any bytes are. */
    public static String decode(byte[] file) {
        // A form feed parts pages, and with them lines.
        return decoded(file).replace('\f', '\n').replace("\0", "");
    }

    private static String decoded(byte[] file) {
        if (starts(file, 0xFE, 0xFF)) {
            return new String(file, 2, file.length - 2, StandardCharsets.UTF_16BE);
        }
        if (starts(file, 0xFF, 0xFE)) {
            return new String(file, 2, file.length - 2, StandardCharsets.UTF_16LE);
        }
        int from = starts(file, 0xEF, 0xBB, 0xBF) ? 3 : 0;
        try {
            return StandardCharsets.UTF_8
                    .newDecoder()
                    .onMalformedInput(CodingErrorAction.REPORT)
                    .onUnmappableCharacter(CodingErrorAction.REPORT)
                    .decode(ByteBuffer.wrap(file, from, file.length - from))
                    .toString();
        } catch (CharacterCodingException e) {
            return new String(file, Charset.forName("windows-1252"));
        }
    }

    private static boolean starts(byte[] file, int... mark) {
        for (int i = 0; i < mark.length; i++) {
            if (i >= file.length || (file[i] & 0xFF) != mark[i]) {
                return false;
            }
        }
        return true;
    }

    /** Whether the file holds text at all, and not some other kind of data. */
    public static boolean isText(byte[] file) {
        if (starts(file, 0xFE, 0xFF) || starts(file, 0xFF, 0xFE)) {
            return true;
        }
        int strange = 0;
        int length = Math.min(file.length, LOOK);
        for (int i = 0; i < length; i++) {
            if (file[i] >= 0
                    && file[i] < ' '
                    && file[i] != '\n'
                    && file[i] != '\r'
                    && file[i] != '\t'
                    && file[i] != '\f') {
                strange++;
            }
        }
        return strange == 0;
    }
}
