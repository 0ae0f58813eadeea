package kindthimble.app.everything;

import java.io.ByteArrayInputStream;
import java.io.ByteArrayOutputStream;
import java.io.IOException;
import java.io.UncheckedIOException;
import java.util.LinkedHashMap;
import java.util.Map;
import java.util.zip.ZipEntry;
import java.util.zip.ZipInputStream;
import java.util.zip.ZipOutputStream;
import kindthimble.core.words.Refused;

/** Files in a zip archive. What is larger than any shop's is refused before it is unpacked. */
final class Archive {
    private static final int MOST_FILES = 20_000;
    private static final int MOST_BYTES = 150_000_000;
    private static final int CHUNK = 8_192;

    private Archive() {}

    static byte[] zipped(Map<String, byte[]> files) {
        ByteArrayOutputStream bytes = new ByteArrayOutputStream();
        try (ZipOutputStream zip = new ZipOutputStream(bytes)) {
            for (Map.Entry<String, byte[]> file : files.entrySet()) {
                zip.putNextEntry(new ZipEntry(file.getKey()));
                zip.write(file.getValue());
                zip.closeEntry();
            }
        } catch (IOException e) {
            throw new UncheckedIOException(e);
        }
        return bytes.toByteArray();
    }

    /**
     * @throws Refused when it is no zip archive, or larger than any shop's
     */
    static Map<String, byte[]> unzipped(byte[] archive) {
        Map<String, byte[]> files = new LinkedHashMap<>();
        long left = MOST_BYTES;
        try (ZipInputStream zip = new ZipInputStream(new ByteArrayInputStream(archive))) {
            for (ZipEntry entry = zip.getNextEntry(); entry != null; entry = zip.getNextEntry()) {
                ByteArrayOutputStream bytes = new ByteArrayOutputStream();
                byte[] chunk = new byte[CHUNK];
                for (int read = zip.read(chunk); read >= 0; read = zip.read(chunk)) {
                    left -= read;
                    if (left < 0 || files.size() >= MOST_FILES) {
                        throw new Refused("", "This archive is larger than any shop's.");
                    }
                    bytes.write(chunk, 0, read);
                }
                if (!entry.isDirectory()) {
                    files.put(entry.getName(), bytes.toByteArray());
                }
            }
        } catch (IOException | IllegalArgumentException e) {
            throw new Refused("", "This file is damaged, or no zip archive. Take one that was made here.");
        }
        if (files.isEmpty()) {
            throw new Refused("", "This is no zip archive, or an empty one. Take one that was made here.");
        }
        return files;
    }
}
