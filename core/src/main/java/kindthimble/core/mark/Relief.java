package kindthimble.core.mark;

import java.util.ArrayList;
import java.util.List;
import kindthimble.core.geometry.Box;
import kindthimble.core.geometry.Lines;
import kindthimble.core.geometry.Region;
import kindthimble.core.geometry.Spot;

/** What the surface of a coat looks like: level, marked by a spatula, or with the pattern of what was pressed on it. */
public enum Relief {
    /** As icing levels by itself. */
    LEVEL(0),
    /** With the marks of a spatula. */
    SPREAD(3.4),
    DIAMONDS(5),
    BRICKS(6),
    /** Of a towel, or any woven cloth. */
    CLOTH(2.4),
    RIBS(3),
    DOTS(4.5);

    private static final double RIDGE = 0.3;
    private static final double HOLLOW = -0.16;

    /** On a large coat a pattern is drawn no finer than so many times across it. */
    private static final double MOST_ACROSS = 40;

    private final double repeatMm;

    Relief(double repeatMm) {
        this.repeatMm = repeatMm;
    }

    /** What to paint on a coat of a colour. */
    List<Layer> layers(Region region, String colour) {
        double apart = Math.max(repeatMm, Math.sqrt(region.areaMm2()) / MOST_ACROSS);
        return switch (this) {
            case LEVEL -> List.of();
            case SPREAD -> spread(region, colour, apart);
            case DIAMONDS ->
                List.of(
                        stroke(
                                parallel(region, apart, 45, 0.75).and(parallel(region, apart, -45, 0.75)),
                                region,
                                colour,
                                0.5,
                                HOLLOW),
                        stroke(
                                parallel(region, apart, 45, 0).and(parallel(region, apart, -45, 0)),
                                region,
                                colour,
                                1.1,
                                RIDGE));
            case RIBS ->
                List.of(
                        stroke(parallel(region, apart, 90, 0.8), region, colour, 0.6, HOLLOW),
                        stroke(parallel(region, apart, 90, 0), region, colour, 1, RIDGE));
            case CLOTH ->
                List.of(
                        stroke(parallel(region, apart, 0, 0).stitched(apart, apart), region, colour, 0.7, RIDGE),
                        stroke(
                                parallel(region, apart, 90, apart / 2).stitched(apart, apart),
                                region,
                                colour,
                                0.7,
                                HOLLOW));
            case BRICKS ->
                List.of(stroke(parallel(region, apart, 0, 0).and(bricked(region, apart)), region, colour, 0.8, HOLLOW));
            case DOTS ->
                List.of(Layer.toned(
                        Layer.Role.SUNK, colour, Shapes.discs(grid(region, apart), 0.4 * apart), null, RIDGE));
        };
    }

    /** The marks that a spatula leaves, all one way. */
    private static List<Layer> spread(Region region, String colour, double apart) {
        Box box = region.box();
        List<Lines> light = new ArrayList<>();
        List<Lines> dark = new ArrayList<>();
        for (int i = 1; i * apart < box.heightMm(); i++) {
            // No two strokes begin and end alike.
            double from = box.x() + box.widthMm() * 0.09 * ((i * 7) % 5);
            double to = box.x() + box.widthMm() * (1 - 0.09 * ((i * 3) % 4));
            List<Spot> spots = new ArrayList<>();
            for (double x = from; x < to; x += 4) {
                spots.add(new Spot(x, box.y() + i * apart + 0.5 * Math.sin(x / 9 + 1.7 * i)));
            }
            if (spots.size() > 1) {
                (i % 2 == 0 ? light : dark).add(Lines.through(spots));
            }
        }
        return List.of(
                stroke(Lines.all(light), region, colour, 0.7, RIDGE),
                stroke(Lines.all(dark), region, colour, 0.6, HOLLOW));
    }

    private static List<Spot> grid(Region region, double apart) {
        Region room = region.inset(apart / 2);
        List<Spot> spots = new ArrayList<>();
        Box box = room.box();
        int row = 0;
        for (double y = box.y(); y <= box.y() + box.heightMm(); y += apart * 0.87, row++) {
            for (double x = box.x() + row % 2 * apart / 2; x <= box.x() + box.widthMm(); x += apart) {
                if (room.covers(x, y)) {
                    spots.add(new Spot(x, y));
                }
            }
        }
        return spots;
    }

    /** The upright joints between rows of bricks, each row half a brick on. */
    private static Lines bricked(Region region, double apart) {
        Box box = region.box();
        List<Lines> joints = new ArrayList<>();
        int row = 0;
        for (double y = box.y(); y < box.y() + box.heightMm(); y += apart, row++) {
            for (double x = box.x() + row % 2 * apart; x < box.x() + box.widthMm(); x += 2 * apart) {
                joints.add(Lines.through(List.of(new Spot(x, y), new Spot(x, y + apart))));
            }
        }
        return Lines.all(joints);
    }

    /** Lines that cover a region's box, so far apart and moved on by so much. */
    private static Lines parallel(Region region, double apart, double tiltDegrees, double on) {
        Box box = region.box();
        double middleX = box.x() + box.widthMm() / 2;
        double middleY = box.y() + box.heightMm() / 2;
        double cos = Math.cos(Math.toRadians(tiltDegrees));
        double sin = Math.sin(Math.toRadians(tiltDegrees));
        double half = (box.widthMm() * Math.abs(cos) + box.heightMm() * Math.abs(sin)) / 2;
        double across = (box.widthMm() * Math.abs(sin) + box.heightMm() * Math.abs(cos)) / 2;
        // From the top of its box on, so that rows and joints of bricks meet.
        List<Lines> lines = new ArrayList<>();
        for (double v = on - across; v < across; v += apart) {
            lines.add(Lines.through(List.of(
                    new Spot(middleX - half * cos - v * sin, middleY - half * sin + v * cos),
                    new Spot(middleX + half * cos - v * sin, middleY + half * sin + v * cos))));
        }
        return Lines.all(lines);
    }

    private static Layer stroke(Lines lines, Region region, String colour, double mm, double tone) {
        return Layer.toned(Layer.Role.SUNK, colour, lines.within(region).pathData(), mm, tone);
    }
}
