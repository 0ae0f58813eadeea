package kindthimble.core.geometry;

import org.apache.batik.parser.ParseException;
import org.apache.batik.parser.PathHandler;
import org.apache.batik.parser.PathParser;

/**
 * Reads SVG path data (SVG 2, 9.3: M L H V C S Q T A Z, absolute and relative, as tightly written as the grammar allows) along a track.
 * Batik's parser reads it; numbers are single precision, a part in ten million. Unclosed subpaths are closed, as they are when filled.
 */
final class PathReader implements PathHandler {
    private static final double FARTHEST = 1e6;

    private final Track pen;
    private final double offsetX;
    private final double offsetY;
    private boolean begun;
    private boolean closed;
    private double x;
    private double y;
    private double startX;
    private double startY;

    /** Where the next smooth curve's first control point comes from; the current point where the last curve was of another kind. */
    private double cubicX;

    private double cubicY;
    private double quadraticX;
    private double quadraticY;

    private PathReader(Track pen, double offsetX, double offsetY) {
        this.pen = pen;
        this.offsetX = offsetX;
        this.offsetY = offsetY;
    }

    /**
     * @throws IllegalArgumentException saying what is wrong
     */
    static void read(Track pen, String data, double offsetX, double offsetY) {
        PathParser parser = new PathParser();
        PathReader reader = new PathReader(pen, offsetX, offsetY);
        parser.setPathHandler(reader);
        parser.setErrorHandler(e -> {
            throw e;
        });
        try {
            parser.parse(data.strip());
        } catch (ParseException e) {
            throw new IllegalArgumentException(
                    e.getColumnNumber() > 0
                            ? "what stands from letter " + e.getColumnNumber() + " on means nothing here"
                            : "it is no path data",
                    e);
        }
        if (!reader.begun) {
            throw new IllegalArgumentException("it starts with M");
        }
    }

    @Override
    public void startPath() {}

    @Override
    public void endPath() {}

    @Override
    public void movetoRel(float dx, float dy) {
        movetoAbs(x + dx, y + dy);
    }

    @Override
    public void movetoAbs(float toX, float toY) {
        movetoAbs((double) toX, (double) toY);
    }

    private void movetoAbs(double toX, double toY) {
        checked(toX, toY);
        to(toX, toY);
        pen.moveTo(x + offsetX, y + offsetY);
        startX = x;
        startY = y;
        begun = true;
        closed = false;
    }

    @Override
    public void closePath() {
        begin();
        pen.close();
        to(startX, startY);
        closed = true;
    }

    @Override
    public void linetoRel(float dx, float dy) {
        line(x + dx, y + dy);
    }

    @Override
    public void linetoAbs(float toX, float toY) {
        line(toX, toY);
    }

    @Override
    public void linetoHorizontalRel(float dx) {
        line(x + dx, y);
    }

    @Override
    public void linetoHorizontalAbs(float toX) {
        line(toX, y);
    }

    @Override
    public void linetoVerticalRel(float dy) {
        line(x, y + dy);
    }

    @Override
    public void linetoVerticalAbs(float toY) {
        line(x, toY);
    }

    @Override
    public void curvetoCubicRel(float c1x, float c1y, float c2x, float c2y, float dx, float dy) {
        cubic(x + c1x, y + c1y, x + c2x, y + c2y, x + dx, y + dy);
    }

    @Override
    public void curvetoCubicAbs(float c1x, float c1y, float c2x, float c2y, float toX, float toY) {
        cubic(c1x, c1y, c2x, c2y, toX, toY);
    }

    @Override
    public void curvetoCubicSmoothRel(float c2x, float c2y, float dx, float dy) {
        cubic(2 * x - cubicX, 2 * y - cubicY, x + c2x, y + c2y, x + dx, y + dy);
    }

    @Override
    public void curvetoCubicSmoothAbs(float c2x, float c2y, float toX, float toY) {
        cubic(2 * x - cubicX, 2 * y - cubicY, c2x, c2y, toX, toY);
    }

    @Override
    public void curvetoQuadraticRel(float cx, float cy, float dx, float dy) {
        quadratic(x + cx, y + cy, x + dx, y + dy);
    }

    @Override
    public void curvetoQuadraticAbs(float cx, float cy, float toX, float toY) {
        quadratic(cx, cy, toX, toY);
    }

    @Override
    public void curvetoQuadraticSmoothRel(float dx, float dy) {
        quadratic(2 * x - quadraticX, 2 * y - quadraticY, x + dx, y + dy);
    }

    @Override
    public void curvetoQuadraticSmoothAbs(float toX, float toY) {
        quadratic(2 * x - quadraticX, 2 * y - quadraticY, toX, toY);
    }

    @Override
    public void arcRel(float rx, float ry, float tilt, boolean large, boolean sweep, float dx, float dy) {
        arc(Math.abs(rx), Math.abs(ry), tilt, large, sweep, x + dx, y + dy);
    }

    @Override
    public void arcAbs(float rx, float ry, float tilt, boolean large, boolean sweep, float toX, float toY) {
        arc(Math.abs(rx), Math.abs(ry), tilt, large, sweep, toX, toY);
    }

    /** What is drawn after a ring was closed begins a new one where that began. */
    private void begin() {
        if (!begun) {
            throw new IllegalArgumentException("it starts with M");
        }
        if (closed) {
            pen.moveTo(startX + offsetX, startY + offsetY);
            closed = false;
        }
    }

    private void line(double toX, double toY) {
        begin();
        checked(toX, toY);
        pen.lineTo(toX + offsetX, toY + offsetY);
        to(toX, toY);
    }

    private void cubic(double c1x, double c1y, double c2x, double c2y, double toX, double toY) {
        begin();
        checked(c1x, c1y);
        checked(c2x, c2y);
        checked(toX, toY);
        pen.curveTo(c1x + offsetX, c1y + offsetY, c2x + offsetX, c2y + offsetY, toX + offsetX, toY + offsetY);
        to(toX, toY);
        cubicX = c2x;
        cubicY = c2y;
    }

    private void quadratic(double cx, double cy, double toX, double toY) {
        double fromX = x;
        double fromY = y;
        cubic(
                fromX + 2 * (cx - fromX) / 3,
                fromY + 2 * (cy - fromY) / 3,
                toX + 2 * (cx - toX) / 3,
                toY + 2 * (cy - toY) / 3,
                toX,
                toY);
        // Only a cubic curve lends its control point to a smooth cubic one, and likewise here.
        cubicX = toX;
        cubicY = toY;
        quadraticX = cx;
        quadraticY = cy;
    }

    /** From end points to centre: SVG 2, appendix B.2.4. Arcs are drawn as chords of at most 1.4 degrees. */
    private void arc(
            double givenRx, double givenRy, double tiltDegrees, boolean large, boolean sweep, double toX, double toY) {
        if (givenRx == 0 || givenRy == 0 || toX == x && toY == y) {
            line(toX, toY);
            return;
        }
        begin();
        checked(givenRx, givenRy);
        checked(toX, toY);
        double tilt = Math.toRadians(tiltDegrees);
        double cos = Math.cos(tilt);
        double sin = Math.sin(tilt);
        double hx = (x - toX) / 2;
        double hy = (y - toY) / 2;
        double px = cos * hx + sin * hy;
        double py = -sin * hx + cos * hy;
        double grow = Math.sqrt(Math.max(1, px * px / (givenRx * givenRx) + py * py / (givenRy * givenRy)));
        double rx = givenRx * grow;
        double ry = givenRy * grow;
        double over = rx * rx * ry * ry - rx * rx * py * py - ry * ry * px * px;
        double root =
                (large == sweep ? -1 : 1) * Math.sqrt(Math.max(0, over / (rx * rx * py * py + ry * ry * px * px)));
        double cxp = root * rx * py / ry;
        double cyp = -root * ry * px / rx;
        double cx = cos * cxp - sin * cyp + (x + toX) / 2;
        double cy = sin * cxp + cos * cyp + (y + toY) / 2;
        double start = Math.atan2((py - cyp) / ry, (px - cxp) / rx);
        double span = Math.atan2((-py - cyp) / ry, (-px - cxp) / rx) - start;
        if (sweep && span < 0) {
            span += 2 * Math.PI;
        } else if (!sweep && span > 0) {
            span -= 2 * Math.PI;
        }
        int chords = Math.max(1, (int) Math.ceil(Math.abs(span) / Math.toRadians(1.4)));
        for (int i = 1; i < chords; i++) {
            double a = start + span * i / chords;
            double ex = rx * Math.cos(a);
            double ey = ry * Math.sin(a);
            pen.lineTo(cx + cos * ex - sin * ey + offsetX, cy + sin * ex + cos * ey + offsetY);
        }
        pen.lineTo(toX + offsetX, toY + offsetY);
        to(toX, toY);
    }

    private static void checked(double toX, double toY) {
        if (!(Math.abs(toX) <= FARTHEST && Math.abs(toY) <= FARTHEST)) {
            throw new IllegalArgumentException("it goes farther than anything on a cookie");
        }
    }

    /** The pen is there, and no curve led to it. */
    private void to(double toX, double toY) {
        x = toX;
        y = toY;
        cubicX = toX;
        cubicY = toY;
        quadraticX = toX;
        quadraticY = toY;
    }
}
