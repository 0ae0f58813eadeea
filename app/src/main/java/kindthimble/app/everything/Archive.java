package kindthimble.app.everything;

import java.io.ByteArrayOutputStream;
import java.io.IOException;
import java.io.InputStream;
import java.io.UncheckedIOException;
import java.nio.file.Files;
import java.nio.file.Path;
import java.util.LinkedHashMap;
import java.util.Map;
import java.util.zip.CRC32;
import java.util.zip.ZipEntry;
import java.util.zip.ZipException;
import java.util.zip.ZipFile;
import java.util.zip.ZipOutputStream;
import kindthimble.core.words.Refused;

/** Files in a zip archive. What is larger than any shop's is refused before it is unpacked. */
final class Archive {
    private static final int MOST_FILES = 20_000;
    private static final int MOST_BYTES = 150_000_000;

    /** Of what the machine gives the application so much may be an archive that is looked at. */
    private static final int SHARE_OF_MEMORY = 3;

    /** One order, or one palette; all else of a shop is one file for all of it. */
    private static final int MOST_IN_ONE = 4_000_000;

    private static final int MOST_IN_COMMON = 40_000_000;
    private static final int SHARE_IN_COMMON = 16;

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
     * All files of an archive. It is read from its list of contents, at its end: one that was cut off somewhere has none.
     *
     * @throws Refused when it is no zip archive, or larger than any shop's
     */
    static Map<String, byte[]> unzipped(byte[] archive) {
        try {
            Path file = Files.createTempFile("kind-thimble", ".zip");
            try {
                Files.write(file, archive);
                return unzipped(file);
            } finally {
                Files.delete(file);
            }
        } catch (IOException e) {
            throw new UncheckedIOException(e);
        }
    }

    private static Map<String, byte[]> unzipped(Path archive) {
        Map<String, byte[]> files = new LinkedHashMap<>();
        long left = Math.min(MOST_BYTES, Runtime.getRuntime().maxMemory() / SHARE_OF_MEMORY);
        try (ZipFile zip = new ZipFile(archive.toFile())) {
            for (ZipEntry entry : zip.stream().toList()) {
                if (!entry.isDirectory()) {
                    long own = entry.getName().contains("/")
                            ? MOST_IN_ONE
                            : Math.min(MOST_IN_COMMON, Runtime.getRuntime().maxMemory() / SHARE_IN_COMMON);
                    byte[] bytes = atMost(Math.min(left, own), zip, entry);
                    left -= bytes.length;
                    if (files.size() >= MOST_FILES) {
                        throw tooLarge();
                    }
                    files.put(entry.getName(), bytes);
                }
            }
        } catch (IOException | IllegalArgumentException e) {
            throw new Refused("", "This file is damaged, or no zip archive. Take one that was made here.");
        }
        if (files.isEmpty()) {
            throw new Refused("", "This zip archive is empty. Take one that was made here.");
        }
        return files;
    }

    private static byte[] atMost(long left, ZipFile zip, ZipEntry entry) throws IOException {
        // What says of itself how large it is need not be unpacked to be refused; what does not say the truth is found
        // out below.
        if (entry.getSize() > left) {
            throw tooLarge();
        }
        try (InputStream in = zip.getInputStream(entry)) {
            byte[] bytes = in.readNBytes((int) left + 1);
            if (bytes.length > left) {
                throw tooLarge();
            }
            CRC32 check = new CRC32();
            check.update(bytes);
            if (check.getValue() != entry.getCrc()) {
                throw new ZipException(entry.getName());
            }
            return bytes;
        }
    }

    private static Refused tooLarge() {
        return new Refused("", "This archive is larger than any shop's.");
    }
}
