package kindthimble.app.drawing;

import static org.junit.jupiter.api.Assertions.assertArrayEquals;
import static org.junit.jupiter.api.Assertions.assertEquals;
import static org.junit.jupiter.api.Assertions.assertThrows;
import static org.junit.jupiter.api.Assertions.assertTrue;

import java.awt.Color;
import java.awt.Graphics2D;
import java.awt.image.BufferedImage;
import java.io.ByteArrayOutputStream;
import java.io.DataOutputStream;
import java.io.IOException;
import java.lang.management.ManagementFactory;
import java.nio.charset.StandardCharsets;
import java.util.Arrays;
import java.util.zip.CRC32;
import java.util.zip.DeflaterOutputStream;
import javax.imageio.ImageIO;
import kindthimble.core.tracing.Picture;
import kindthimble.core.words.Refused;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;

class PictureFilesTest {
    private static final int WIDTH = 96;
    private static final int HEIGHT = 48;

    /** Red at the left, blue at the right, and the lower half darker. */
    private static BufferedImage image() {
        BufferedImage image = new BufferedImage(WIDTH, HEIGHT, BufferedImage.TYPE_INT_RGB);
        Graphics2D g = image.createGraphics();
        Color[] quarters = {Color.RED, Color.BLUE, new Color(0x800000), new Color(0x000080)};
        for (int i = 0; i < 4; i++) {
            g.setColor(quarters[i]);
            g.fillRect(i % 2 * WIDTH / 2, i / 2 * HEIGHT / 2, WIDTH / 2, HEIGHT / 2);
        }
        return image;
    }

    private static byte[] written(BufferedImage image, String format) throws IOException {
        ByteArrayOutputStream out = new ByteArrayOutputStream();
        assertTrue(ImageIO.write(image, format, out));
        return out.toByteArray();
    }

    /** Puts an EXIF segment with nothing but the orientation behind the start of a JPEG (EXIF 2.32, 4.5 and 4.6). */
    private static byte[] turned(byte[] jpeg, int orientation) throws IOException {
        ByteArrayOutputStream out = new ByteArrayOutputStream();
        out.write(jpeg, 0, 2);
        out.write(new byte[] {(byte) 0xFF, (byte) 0xE1, 0, 34, 'E', 'x', 'i', 'f', 0, 0});
        out.write(new byte[] {'M', 'M', 0, 42, 0, 0, 0, 8, 0, 1});
        out.write(new byte[] {1, 0x12, 0, 3, 0, 0, 0, 1, 0, (byte) orientation, 0, 0, 0, 0, 0, 0});
        out.write(jpeg, 2, jpeg.length - 2);
        return out.toByteArray();
    }

    /** Which corner of the picture as it was taken is seen at its top left and top right (the table of the EXIF standard). */
    @ParameterizedTest
    @CsvSource({
        "1, FF0000, 0000FF, 96",
        "2, 0000FF, FF0000, 96",
        "3, 000080, 800000, 96",
        "4, 800000, 000080, 96",
        "5, FF0000, 800000, 48",
        "6, 800000, FF0000, 48",
        "7, 000080, 0000FF, 48",
        "8, 0000FF, 000080, 48"
    })
    void aPhotoIsTurnedAsTheCameraWasHeld(int orientation, String left, String right, int width) throws IOException {
        Picture picture = PictureFiles.read(turned(written(image(), "jpeg"), orientation));
        assertEquals(width, picture.width());
        assertEquals(WIDTH + HEIGHT - width, picture.height());
        assertNear(left, picture.argb()[8 * width + 8]);
        assertNear(right, picture.argb()[8 * width + width - 9]);
    }

    private static void assertNear(String hex, int dot) {
        int wanted = Integer.parseInt(hex, 16);
        for (int shift = 0; shift <= 16; shift += 8) {
            assertEquals(
                    wanted >> shift & 255,
                    dot >> shift & 255,
                    12,
                    "wanted " + hex + ", not " + Integer.toHexString(dot));
        }
    }

    @Test
    void aPngIsReadDotForDot() throws IOException {
        Picture picture = PictureFiles.read(written(image(), "png"));
        assertEquals(WIDTH, picture.width());
        assertEquals(0xFFFF0000, picture.argb()[0]);
        assertEquals(0xFF000080, picture.argb()[WIDTH * HEIGHT - 1]);
    }

    @Test
    void whatIsNoPictureIsRefused() throws IOException {
        assertThrows(Refused.class, () -> PictureFiles.read(new byte[0]));
        assertThrows(Refused.class, () -> PictureFiles.read("<svg/>".getBytes(StandardCharsets.UTF_8)));
        byte[] png = written(image(), "png");
        byte[] half = Arrays.copyOf(png, 40);
        assertThrows(Refused.class, () -> PictureFiles.read(half));
        byte[] tiny = written(new BufferedImage(4, 4, BufferedImage.TYPE_INT_RGB), "png");
        assertThrows(Refused.class, () -> PictureFiles.read(tiny));
    }

    /** Words about a picture that are 200 MB when they are unpacked: they are not, and the picture is the picture. */
    @ParameterizedTest
    @CsvSource({"zTXt", "iTXt", "iCCP"})
    void whatIsToldOfAPictureIsNotUnpacked(String type) throws IOException {
        byte[] png = written(image(), "png");
        byte[] bomb = withChunk(png, type, packed(200_000_000));
        assertTrue(bomb.length < 300_000, "small to send");
        com.sun.management.ThreadMXBean threads = (com.sun.management.ThreadMXBean) ManagementFactory.getThreadMXBean();
        long before = threads.getCurrentThreadAllocatedBytes();
        Picture picture = PictureFiles.read(bomb);
        assertTrue(threads.getCurrentThreadAllocatedBytes() - before < 20_000_000, "nothing of it is unpacked");
        assertArrayEquals(PictureFiles.read(png).argb(), picture.argb());
    }

    @Test
    void aFileThatIsNoPngIsLeftAsItIsAndABrokenOneEnds() throws IOException {
        byte[] jpeg = written(image(), "jpeg");
        assertArrayEquals(jpeg, PngChunks.pictureOnly(jpeg));
        byte[] png = written(image(), "png");
        assertArrayEquals(png, PngChunks.pictureOnly(png), "of the picture itself nothing is left out");
        for (int length = 0; length < png.length; length += 7) {
            byte[] part = Arrays.copyOf(png, length);
            assertTrue(PngChunks.pictureOnly(part).length <= length);
        }
        byte[] wild = png.clone();
        wild[8] = (byte) 0xFF;
        assertEquals(8, PngChunks.pictureOnly(wild).length, "a length that can't be ends it");
    }

    /** So many zeros, as PNG packs them: behind a word, an end and the number of the method. */
    private static byte[] packed(int zeros) throws IOException {
        ByteArrayOutputStream out = new ByteArrayOutputStream();
        out.write(new byte[] {'k', 0, 0});
        try (DeflaterOutputStream deflated = new DeflaterOutputStream(out)) {
            byte[] some = new byte[1_000_000];
            for (int i = 0; i < zeros / some.length; i++) {
                deflated.write(some);
            }
        }
        return out.toByteArray();
    }

    /** With a part of its own behind the first one. */
    private static byte[] withChunk(byte[] png, String type, byte[] content) throws IOException {
        int behind = 8 + 12 + 13;
        ByteArrayOutputStream out = new ByteArrayOutputStream();
        DataOutputStream data = new DataOutputStream(out);
        data.write(png, 0, behind);
        data.writeInt(content.length);
        byte[] named = (type + new String(content, StandardCharsets.ISO_8859_1)).getBytes(StandardCharsets.ISO_8859_1);
        data.write(named);
        CRC32 check = new CRC32();
        check.update(named);
        data.writeInt((int) check.getValue());
        data.write(png, behind, png.length - behind);
        return out.toByteArray();
    }
}
