package kindthimble.app.drawing;

import com.drew.imaging.ImageMetadataReader;
import com.drew.imaging.ImageProcessingException;
import com.drew.metadata.Metadata;
import com.drew.metadata.MetadataException;
import com.drew.metadata.exif.ExifIFD0Directory;
import java.awt.geom.AffineTransform;
import java.awt.image.AffineTransformOp;
import java.awt.image.BufferedImage;
import java.io.ByteArrayInputStream;
import java.io.IOException;
import java.util.Iterator;
import javax.imageio.ImageIO;
import javax.imageio.ImageReadParam;
import javax.imageio.ImageReader;
import javax.imageio.stream.ImageInputStream;
import kindthimble.core.tracing.Picture;
import kindthimble.core.tracing.Tracing;
import kindthimble.core.words.Refused;

/** Picture files: PNG, JPEG and WebP by ImageIO and its plugin, turned the way the camera was held. */
final class PictureFiles {
    private static final long MOST_DOTS = 20_500_000;

    static {
        // Nothing of a picture is written to a disk.
        ImageIO.setUseCache(false);
    }

    private PictureFiles() {}

    /**
     * @throws Refused saying why it can't be read
     */
    static Picture read(byte[] sent) {
        byte[] file = PngChunks.pictureOnly(sent);
        try (ImageInputStream in = ImageIO.createImageInputStream(new ByteArrayInputStream(file))) {
            Iterator<ImageReader> readers = ImageIO.getImageReaders(in);
            if (!readers.hasNext()) {
                throw unreadable();
            }
            ImageReader reader = readers.next();
            try {
                reader.setInput(in, true, false);
                int width = reader.getWidth(0);
                int height = reader.getHeight(0);
                if ((long) width * height > MOST_DOTS || width < 8 || height < 8) {
                    throw new Refused(
                            "",
                            "A picture has from 8 dots a side to 20 million in all. Save it smaller, or cut it to what is drawn.");
                }
                ImageReadParam how = reader.getDefaultReadParam();
                // Of a large picture every other dot, so that it stays small in memory; it is looked at smaller anyway.
                int every = Math.max(1, Math.max(width, height) / (2 * Tracing.LONGEST));
                how.setSourceSubsampling(every, every, 0, 0);
                return picture(upright(reader.read(0, how), orientation(file)));
            } finally {
                reader.dispose();
            }
        } catch (IOException | RuntimeException e) {
            if (e instanceof Refused refused) {
                throw refused;
            }
            throw unreadable();
        }
    }

    private static Refused unreadable() {
        return new Refused("", "This is no picture that can be read. Take a PNG, a JPEG or a WebP file.");
    }

    private static int orientation(byte[] file) {
        try {
            Metadata metadata = ImageMetadataReader.readMetadata(new ByteArrayInputStream(file));
            ExifIFD0Directory exif = metadata.getFirstDirectoryOfType(ExifIFD0Directory.class);
            return exif != null && exif.containsTag(ExifIFD0Directory.TAG_ORIENTATION)
                    ? exif.getInt(ExifIFD0Directory.TAG_ORIENTATION)
                    : 1;
        } catch (ImageProcessingException | MetadataException | IOException e) {
            return 1;
        }
    }

    /** The eight ways in which a camera may have been held (EXIF 2.32, 4.6.4). */
    private static BufferedImage upright(BufferedImage image, int orientation) {
        int w = image.getWidth();
        int h = image.getHeight();
        AffineTransform to = switch (orientation) {
            case 2 -> new AffineTransform(-1, 0, 0, 1, w, 0);
            case 3 -> new AffineTransform(-1, 0, 0, -1, w, h);
            case 4 -> new AffineTransform(1, 0, 0, -1, 0, h);
            case 5 -> new AffineTransform(0, 1, 1, 0, 0, 0);
            case 6 -> new AffineTransform(0, 1, -1, 0, h, 0);
            case 7 -> new AffineTransform(0, -1, -1, 0, h, w);
            case 8 -> new AffineTransform(0, -1, 1, 0, 0, w);
            default -> null;
        };
        if (to == null) {
            return image;
        }
        boolean isTurned = orientation >= 5;
        BufferedImage turned = new BufferedImage(isTurned ? h : w, isTurned ? w : h, BufferedImage.TYPE_INT_ARGB);
        turned.createGraphics()
                .drawImage(image, new AffineTransformOp(to, AffineTransformOp.TYPE_NEAREST_NEIGHBOR), 0, 0);
        return turned;
    }

    private static Picture picture(BufferedImage image) {
        int w = image.getWidth();
        int h = image.getHeight();
        return new Picture(w, h, image.getRGB(0, 0, w, h, null, 0, w));
    }
}
