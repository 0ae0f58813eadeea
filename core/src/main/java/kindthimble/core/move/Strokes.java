package kindthimble.core.move;

import java.util.ArrayList;
import java.util.List;
import kindthimble.core.geometry.Box;
import kindthimble.core.geometry.Lines;
import kindthimble.core.geometry.Pen;
import kindthimble.core.geometry.Pose;
import kindthimble.core.geometry.Region;
import kindthimble.core.geometry.Spot;
import kindthimble.core.words.Refused;

/** Draws the lines that moves lay across a region. */
public final class Strokes {
    private static final double STEP_MM = 0.5;
    static final double SPLIT_MM = 0.1;

    private Strokes() {}

    /**
     * A path of one's own where there is one, else evenly spaced lines. Only what of the path lies inside counts.
     *
     * @param path SVG path data in mm, from the middle of the region; blank for none
     */
    static Lines drawn(Ground ground, String on, String path, int count, double tiltDegrees, Form form) {
        return Lines.all(each(ground, on, path, count, tiltDegrees, form));
    }

    /** The same line by line, in order. */
    static List<Lines> each(Ground ground, String on, String path, int count, double tiltDegrees, Form form) {
        Region region = ground.on(on);
        if (path.isBlank()) {
            return eachAcross(region, count, tiltDegrees, form == null ? Form.STRAIGHT : form);
        }
        Lines inside = followed(region, path).within(region);
        if (inside.isEmpty()) {
            throw new Refused("path", "This path misses the section. Its 0 0 lies in the section's middle, in mm.");
        }
        return List.of(inside);
    }

    /** Share of the length of a path that lies outside a region, 0 to 1. */
    public static double shareOutside(Region region, String path) {
        Lines whole = followed(region, path);
        return 1 - whole.within(region).lengthMm() / whole.lengthMm();
    }

    private static Lines followed(Region region, String path) {
        Box box = region.box();
        try {
            return Pen.following(path).lines().moved(box.x() + box.widthMm() / 2, box.y() + box.heightMm() / 2);
        } catch (IllegalArgumentException e) {
            throw new Refused("path", "This path can't be read: " + e.getMessage() + ".");
        }
    }

    /**
     * The line along the inside of an edge.
     *
     * @throws Refused when there is no room for it
     */
    static Lines alongEdge(Region region, double insetMm) {
        Region inner = region.inset(insetMm);
        if (inner.isEmpty()) {
            throw new Refused(
                    "",
                    "There is no room for a line %.1f mm inside this edge. Take a finer tip or a larger cookie."
                            .formatted(insetMm));
        }
        return inner.edge();
    }

    /** The lines where sections meet each other, each once. */
    static Lines splits(Ground ground, String on) {
        List<Lines> seams = new ArrayList<>();
        Region before = Region.EMPTY;
        Region inside = ground.on(on).inset(SPLIT_MM);
        for (String name : ground.named(on)) {
            Region region = ground.region(name);
            seams.add(region.edge().within(inside).outside(before.grown(SPLIT_MM)));
            before = before.isEmpty() ? region : Region.union(List.of(before, region));
        }
        return Lines.all(seams);
    }

    /**
     * Evenly spaced lines across a region.
     *
     * @param tiltDegrees 0 for level ones
     * @param form how each runs
     * @throws Refused when none of them meets the region
     */
    static Lines across(Region region, int count, double tiltDegrees, Form form) {
        return Lines.all(eachAcross(region, count, tiltDegrees, form));
    }

    static List<Lines> eachAcross(Region region, int count, double tiltDegrees, Form form) {
        List<Lines> lines =
                new ArrayList<>(form == Form.RINGS ? rings(region, count) : parallel(region, count, tiltDegrees, form));
        if (form == Form.PLAID) {
            lines.addAll(parallel(region, count, tiltDegrees + 90, form));
        }
        lines.removeIf(Lines::isEmpty);
        if (lines.isEmpty()) {
            throw new Refused("", "None of these lines meets the section. Change their number or their tilt.");
        }
        return lines;
    }

    /**
     * Short lines about some places, each as its place is turned.
     *
     * @param tiltDegrees turned more
     * @throws Refused when there is no place for one
     */
    static Lines shortOnes(List<Pose> poses, double lengthMm, double tiltDegrees, Form form) {
        if (poses.isEmpty()) {
            throw new Refused("lengthMm", "A line of that length does not fit there. Make it shorter.");
        }
        Form run = form == null ? Form.STRAIGHT : form;
        double step = run.isStraight() ? lengthMm : STEP_MM;
        List<Lines> lines = new ArrayList<>();
        for (Pose pose : poses) {
            double cos = Math.cos(Math.toRadians(pose.turnDegrees() + tiltDegrees));
            double sin = Math.sin(Math.toRadians(pose.turnDegrees() + tiltDegrees));
            List<Spot> spots = new ArrayList<>();
            for (double along = 0; along < lengthMm + step; along += step) {
                double u = Math.min(along, lengthMm);
                double v = run.offset(u, lengthMm, lengthMm / 12);
                spots.add(new Spot(
                        pose.x() + (u - lengthMm / 2) * cos - v * sin, pose.y() + (u - lengthMm / 2) * sin + v * cos));
            }
            lines.add(Lines.through(spots));
        }
        return Lines.all(lines);
    }

    private static List<Lines> rings(Region region, int count) {
        double apart = region.inscribedRadiusMm() / (count + 0.5);
        List<Lines> rings = new ArrayList<>();
        Region inner = region.inset(apart / 2);
        for (int i = 0; i < count && !inner.isEmpty(); i++) {
            rings.add(inner.edge());
            inner = inner.inset(apart);
        }
        return rings;
    }

    private static List<Lines> parallel(Region region, int count, double tiltDegrees, Form form) {
        List<Lines> lines = new ArrayList<>();
        Box box = region.turned(-tiltDegrees).box();
        if (!(box.widthMm() > 0)) {
            return lines;
        }
        double apart = box.heightMm() / (count + 1);
        double cos = Math.cos(Math.toRadians(tiltDegrees));
        double sin = Math.sin(Math.toRadians(tiltDegrees));
        double step = form.isStraight() ? box.widthMm() : STEP_MM;
        for (int i = 1; i <= count; i++) {
            double y = box.y() + i * apart;
            List<Spot> spots = new ArrayList<>();
            for (double x = 0; x < box.widthMm() + step; x += step) {
                double px = box.x() + Math.min(x, box.widthMm());
                double py = y + form.offset(Math.min(x, box.widthMm()), box.widthMm(), Math.min(apart / 3, 3));
                spots.add(new Spot(px * cos - py * sin, px * sin + py * cos));
            }
            lines.add(Lines.through(spots).within(region));
        }
        return lines;
    }

    /** How a line runs. */
    public enum Form {
        STRAIGHT,
        CURVE,
        WAVY,
        SCALLOP,
        ZIGZAG,
        PLAID,
        /** As the edge runs, one inside the other. */
        RINGS;

        private static final double WAVE_MM = 8;

        boolean isStraight() {
            return this == STRAIGHT || this == PLAID || this == RINGS;
        }

        double offset(double along, double length, double heightMm) {
            double turn = along / WAVE_MM;
            return switch (this) {
                case STRAIGHT, PLAID, RINGS -> 0;
                case CURVE -> 3 * heightMm * (1 - Math.pow(2 * along / length - 1, 2)) - 1.5 * heightMm;
                case WAVY -> heightMm * Math.sin(2 * Math.PI * turn);
                case SCALLOP -> heightMm * (Math.abs(Math.sin(Math.PI * turn)) - 0.5);
                case ZIGZAG -> heightMm * (Math.abs(2 * (turn - Math.floor(turn + 0.5))) - 0.5);
            };
        }
    }
}
