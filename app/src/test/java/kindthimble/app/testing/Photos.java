package kindthimble.app.testing;

import java.awt.Color;
import java.awt.Graphics2D;
import java.awt.RenderingHints;
import java.awt.geom.Ellipse2D;
import java.awt.geom.Path2D;
import java.awt.image.BufferedImage;
import java.io.ByteArrayOutputStream;
import java.io.IOException;
import javax.imageio.ImageIO;

/** Photos as a phone would send them. */
public final class Photos {
    private Photos() {}

    /** A sheet of A4 from straight above on a dark table, 4 dots a mm, its corner at 100 and 80: a disc of 60 mm lies on it. */
    public static byte[] discOnPaper() throws IOException {
        BufferedImage image = new BufferedImage(1040, 1348, BufferedImage.TYPE_INT_RGB);
        Graphics2D g = image.createGraphics();
        g.setRenderingHint(RenderingHints.KEY_ANTIALIASING, RenderingHints.VALUE_ANTIALIAS_ON);
        g.setColor(new Color(0x4A3A30));
        g.fillRect(0, 0, 1040, 1348);
        g.setColor(new Color(0xF4F4F0));
        Path2D sheet = new Path2D.Double();
        sheet.moveTo(100, 80);
        sheet.lineTo(940, 80);
        sheet.lineTo(940, 1268);
        sheet.lineTo(100, 1268);
        g.fill(sheet);
        g.setColor(new Color(0xC08A4A));
        g.fill(new Ellipse2D.Double(300, 400, 240, 240));
        ByteArrayOutputStream out = new ByteArrayOutputStream();
        ImageIO.write(image, "jpeg", out);
        return out.toByteArray();
    }
}
