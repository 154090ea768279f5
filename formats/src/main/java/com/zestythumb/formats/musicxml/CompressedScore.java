package com.zestythumb.formats.musicxml;

import com.zestythumb.formats.UnreadableFileException;
import java.io.ByteArrayInputStream;
import java.io.ByteArrayOutputStream;
import java.io.IOException;
import java.io.InputStream;
import java.nio.charset.Charset;
import java.nio.charset.StandardCharsets;
import java.util.HashMap;
import java.util.Locale;
import java.util.Map;
import java.util.regex.Matcher;
import java.util.regex.Pattern;
import java.util.zip.ZipEntry;
import java.util.zip.ZipException;
import java.util.zip.ZipInputStream;

/**
 * Takes the score out of a compressed MusicXML file. Nothing is written to disk, so names in the archive
 * are only names; sizes and numbers of entries are bounded while unpacking.
 */
final class CompressedScore {

    private static final int MAX_ENTRIES = 200;
    private static final int MAX_UNPACKED = 48 << 20;
    private static final Pattern ROOT_FILE = Pattern.compile("<rootfile[^<>]*?full-path\\s*+=\\s*+[\"']([^\"']+)[\"']");

    private CompressedScore() {}

    static boolean isZip(byte[] file) {
        return file.length > 3 && file[0] == 'P' && file[1] == 'K' && file[2] == 3 && file[3] == 4;
    }

    /** Names of its parts are in UTF-8, or where that cannot be in the letters of older programs. */
    static byte[] unpack(byte[] file) {
        try {
            return unpack(file, StandardCharsets.UTF_8);
        } catch (NamesException e) {
            return unpack(file, StandardCharsets.ISO_8859_1);
        }
    }

    /** Names that are not in the letters that were tried. */
    private static final class NamesException extends RuntimeException {
        private static final long serialVersionUID = 1;

        NamesException(Throwable cause) {
            super(cause);
        }
    }

    private static byte[] unpack(byte[] file, Charset letters) {
        Map<String, byte[]> scores = new HashMap<>();
        String container = "";
        int unpacked = 0;
        int entries = 0;
        try (ZipInputStream zip = new ZipInputStream(new ByteArrayInputStream(file), letters)) {
            for (ZipEntry entry = zip.getNextEntry(); entry != null; entry = zip.getNextEntry()) {
                if (++entries > MAX_ENTRIES) {
                    throw new UnreadableFileException("the compressed file holds too many parts to be a score");
                }
                byte[] content = bounded(zip, MAX_UNPACKED - unpacked);
                unpacked += content.length;
                String name = entry.getName().toLowerCase(Locale.ROOT);
                if (name.equals("meta-inf/container.xml")) {
                    container = new String(content, StandardCharsets.UTF_8);
                } else if (name.endsWith(".xml") || name.endsWith(".musicxml")) {
                    scores.put(entry.getName(), content);
                }
            }
        } catch (ZipException | IllegalArgumentException e) {
            if (letters.equals(StandardCharsets.UTF_8)) {
                throw new NamesException(e);
            }
            throw new UnreadableFileException("the compressed file is damaged; export it once more", e);
        } catch (IOException e) {
            throw new UnreadableFileException("the compressed file is damaged; export it once more", e);
        }
        Matcher root = ROOT_FILE.matcher(container);
        if (root.find() && scores.containsKey(root.group(1))) {
            return scores.get(root.group(1));
        }
        return scores.entrySet().stream()
                .min(Map.Entry.comparingByKey())
                .orElseThrow(() -> new UnreadableFileException(
                        "the compressed file holds no MusicXML; export it once more as .mxl or .musicxml"))
                .getValue();
    }

    private static byte[] bounded(InputStream in, int most) throws IOException {
        ByteArrayOutputStream out = new ByteArrayOutputStream();
        byte[] buffer = new byte[1 << 14];
        for (int read = in.read(buffer); read >= 0; read = in.read(buffer)) {
            if (out.size() + read > most) {
                throw new UnreadableFileException("unpacked, the file is larger than " + (MAX_UNPACKED >> 20)
                        + " MB, which no score is; choose another");
            }
            out.write(buffer, 0, read);
        }
        return out.toByteArray();
    }
}
