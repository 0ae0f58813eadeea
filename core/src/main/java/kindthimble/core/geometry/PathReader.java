package kindthimble.core.geometry;

import java.util.regex.Matcher;
import java.util.regex.Pattern;

/**
 * Reads SVG path data (SVG 2, 9.3: M L H V C S Q T A Z, absolute and relative) into a pen. Unclosed subpaths are closed, as they
 * are when filled.
 */
final class PathReader {
    private static final Pattern TOKEN =
            Pattern.compile("[MmLlHhVvCcSsQqTtAaZz]|[-+]?(?:\\d+\\.?\\d*|\\.\\d+)(?:[eE][-+]?\\d+)?");
    private static final double FARTHEST = 1e6;

    private final Pen pen;
    private final String data;
    private final Matcher tokens;
    private final double offsetX;
    private final double offsetY;
    private String token;
    private double x;
    private double y;
    private double startX;
    private double startY;
    private double controlX;
    private double controlY;
    private char last;

    private PathReader(Pen pen, String data, double offsetX, double offsetY) {
        this.pen = pen;
        this.data = data;
        this.tokens = TOKEN.matcher(data);
        this.offsetX = offsetX;
        this.offsetY = offsetY;
    }

    /**
     * @throws IllegalArgumentException saying what is wrong
     */
    static void read(Pen pen, String data, double offsetX, double offsetY) {
        new PathReader(pen, data, offsetX, offsetY).run();
    }

    private void run() {
        next();
        if (token == null || !token.equalsIgnoreCase("M")) {
            throw new IllegalArgumentException("it starts with M");
        }
        char command = 0;
        while (token != null) {
            if (Character.isLetter(token.charAt(0)) && token.length() == 1) {
                command = token.charAt(0);
                next();
            } else if (command == 0 || command == 'Z' || command == 'z') {
                throw new IllegalArgumentException("a command is missing before " + token);
            }
            draw(command);
            last = Character.toUpperCase(command);
            // Further pairs after a move are lines.
            command = command == 'M' ? 'L' : command == 'm' ? 'l' : command;
        }
    }

    private void draw(char command) {
        boolean relative = Character.isLowerCase(command);
        double fromX = relative ? x : 0;
        double fromY = relative ? y : 0;
        switch (Character.toUpperCase(command)) {
            case 'M' -> {
                to(fromX + number(), fromY + number());
                pen.moveTo(x + offsetX, y + offsetY);
                startX = x;
                startY = y;
            }
            case 'L' -> line(fromX + number(), fromY + number());
            case 'H' -> line(fromX + number(), y);
            case 'V' -> line(x, fromY + number());
            case 'C' ->
                curve(
                        fromX + number(),
                        fromY + number(),
                        fromX + number(),
                        fromY + number(),
                        fromX + number(),
                        fromY + number());
            case 'S' -> {
                boolean smooth = last == 'C' || last == 'S';
                curve(
                        smooth ? 2 * x - controlX : x,
                        smooth ? 2 * y - controlY : y,
                        fromX + number(),
                        fromY + number(),
                        fromX + number(),
                        fromY + number());
            }
            case 'Q' -> quadratic(fromX + number(), fromY + number(), fromX + number(), fromY + number());
            case 'T' -> {
                boolean smooth = last == 'Q' || last == 'T';
                quadratic(
                        smooth ? 2 * x - controlX : x,
                        smooth ? 2 * y - controlY : y,
                        fromX + number(),
                        fromY + number());
            }
            case 'A' ->
                arc(
                        Math.abs(number()),
                        Math.abs(number()),
                        number(),
                        flag(),
                        flag(),
                        fromX + number(),
                        fromY + number());
            case 'Z' -> {
                to(startX, startY);
                pen.close();
            }
            default -> throw new IllegalArgumentException("there is no command " + command);
        }
    }

    private void line(double toX, double toY) {
        to(toX, toY);
        pen.lineTo(x + offsetX, y + offsetY);
    }

    private void curve(double c1x, double c1y, double c2x, double c2y, double toX, double toY) {
        pen.curveTo(c1x + offsetX, c1y + offsetY, c2x + offsetX, c2y + offsetY, toX + offsetX, toY + offsetY);
        to(toX, toY);
        controlX = c2x;
        controlY = c2y;
    }

    private void quadratic(double cx, double cy, double toX, double toY) {
        double fromX = x;
        double fromY = y;
        curve(
                fromX + 2 * (cx - fromX) / 3,
                fromY + 2 * (cy - fromY) / 3,
                toX + 2 * (cx - toX) / 3,
                toY + 2 * (cy - toY) / 3,
                toX,
                toY);
        controlX = cx;
        controlY = cy;
    }

    /** From end points to centre: SVG 2, appendix B.2.4. Arcs are drawn as chords of at most 1.4 degrees. */
    private void arc(
            double givenRx, double givenRy, double tiltDegrees, boolean large, boolean sweep, double toX, double toY) {
        if (givenRx == 0 || givenRy == 0 || toX == x && toY == y) {
            line(toX, toY);
            return;
        }
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
        for (int i = 1; i <= chords; i++) {
            double a = start + span * i / chords;
            double ex = rx * Math.cos(a);
            double ey = ry * Math.sin(a);
            pen.lineTo(cx + cos * ex - sin * ey + offsetX, cy + sin * ex + cos * ey + offsetY);
        }
        to(toX, toY);
    }

    private void to(double toX, double toY) {
        x = toX;
        y = toY;
    }

    private boolean flag() {
        return number() != 0;
    }

    private double number() {
        if (token == null || Character.isLetter(token.charAt(0))) {
            throw new IllegalArgumentException(
                    "a number is missing" + (token == null ? " at its end" : " before " + token));
        }
        double read = Double.parseDouble(token);
        if (!(Math.abs(read) <= FARTHEST)) {
            throw new IllegalArgumentException(token + " is too large");
        }
        next();
        return read;
    }

    private void next() {
        int from = tokens.hitEnd() && token == null ? 0 : token == null ? 0 : tokens.end();
        if (tokens.find()) {
            if (!data.substring(from, tokens.start()).matches("[\\s,]*")) {
                throw new IllegalArgumentException(
                        "\"" + data.substring(from, tokens.start()).strip() + "\" means nothing here");
            }
            token = tokens.group();
        } else {
            if (!data.substring(from).matches("[\\s,]*")) {
                throw new IllegalArgumentException("\"" + data.substring(from).strip() + "\" means nothing here");
            }
            token = null;
        }
    }
}
