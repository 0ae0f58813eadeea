package kindthimble.app.drawing;

import java.io.ByteArrayOutputStream;
import java.nio.ByteBuffer;
import java.nio.charset.StandardCharsets;
import java.util.Arrays;
import java.util.Set;

/**
 * The parts of a PNG file (W3C PNG, third edition, 5): length, type, content, checksum. What is only told of a picture may be small in the file and hundreds of
 * megabytes when it is unpacked, which readers do without being asked: it is left out before any of them sees the file.
 */
final class PngChunks {
    private static final byte[] SIGNATURE = {(byte) 0x89, 'P', 'N', 'G', '\r', '\n', 0x1A, '\n'};

    /** What a picture is made of, and how the camera was held. */
    private static final Set<String> KEPT = Set.of("IHDR", "PLTE", "tRNS", "IDAT", "IEND", "eXIf");

    private static final int LONGEST_EXIF = 65_536;
    private static final int AROUND = 12;

    private PngChunks() {}

    /** The file without what is only told of its picture; any file that is no PNG as it is. A broken one ends where it is broken. */
    static byte[] pictureOnly(byte[] file) {
        if (file.length < SIGNATURE.length || !Arrays.equals(SIGNATURE, Arrays.copyOf(file, SIGNATURE.length))) {
            return file;
        }
        ByteArrayOutputStream kept = new ByteArrayOutputStream(file.length);
        kept.writeBytes(SIGNATURE);
        int at = SIGNATURE.length;
        while (at + AROUND <= file.length) {
            int length = ByteBuffer.wrap(file, at, Integer.BYTES).getInt();
            if (length < 0 || length > file.length - at - AROUND) {
                break;
            }
            String type = new String(file, at + Integer.BYTES, Integer.BYTES, StandardCharsets.ISO_8859_1);
            if (KEPT.contains(type) && !(type.equals("eXIf") && length > LONGEST_EXIF)) {
                kept.write(file, at, length + AROUND);
            }
            at += length + AROUND;
        }
        return kept.toByteArray();
    }
}
