package kindthimble.app.reach;

import com.google.zxing.BarcodeFormat;
import com.google.zxing.EncodeHintType;
import com.google.zxing.WriterException;
import com.google.zxing.common.BitMatrix;
import com.google.zxing.qrcode.QRCodeWriter;
import java.util.Map;

/** An address as a square that a camera reads (QR code, ISO/IEC 18004). */
final class Square {
    private static final int QUIET = 2;

    private Square() {}

    private static BitMatrix of(String text) {
        try {
            return new QRCodeWriter().encode(text, BarcodeFormat.QR_CODE, 0, 0, Map.of(EncodeHintType.MARGIN, QUIET));
        } catch (WriterException e) {
            throw new IllegalArgumentException("too long for a square: " + text, e);
        }
    }

    /** @return its side, and a path of its dark fields, a unit each */
    static Drawn path(String text) {
        BitMatrix bits = of(text);
        StringBuilder path = new StringBuilder();
        for (int y = 0; y < bits.getHeight(); y++) {
            for (int x = 0; x < bits.getWidth(); x++) {
                if (bits.get(x, y)) {
                    path.append("M%d %dh1v1h-1z".formatted(x, y));
                }
            }
        }
        return new Drawn(bits.getWidth(), path.toString());
    }

    record Drawn(int side, String path) {}

    /** For a terminal: two rows of fields to a line of letters, light on dark. */
    static String letters(String text) {
        BitMatrix bits = of(text);
        StringBuilder lines = new StringBuilder();
        for (int y = 0; y < bits.getHeight(); y += 2) {
            for (int x = 0; x < bits.getWidth(); x++) {
                boolean upper = !bits.get(x, y);
                boolean lower = y + 1 >= bits.getHeight() || !bits.get(x, y + 1);
                lines.append(upper ? lower ? '█' : '▀' : lower ? '▄' : ' ');
            }
            lines.append('\n');
        }
        return lines.toString();
    }
}
