package kindthimble.core.mark;

import java.util.List;
import kindthimble.core.geometry.Box;
import kindthimble.core.geometry.Hundredths;
import kindthimble.core.geometry.Pose;
import kindthimble.core.geometry.Region;
import kindthimble.core.geometry.Scatter;
import kindthimble.core.geometry.Spot;

/** Path data of small repeated shapes, so that marks can be painted. */
public final class Shapes {
    private static final int SWIRL_STEPS = 40;
    private static final double SWIRL_TURNS = 2.5;

    private Shapes() {}

    /** Discs of a diameter in mm. */
    public static String discs(List<Spot> spots, double mm) {
        double r = mm / 2;
        StringBuilder path = new StringBuilder();
        for (Spot s : spots) {
            path.append(text(
                    "M%.2f %.2fa%.2f %.2f 0 1 0 %.2f 0a%.2f %.2f 0 1 0 %.2f 0Z",
                    s.x() - r, s.y(), r, r, mm, r, r, -mm));
        }
        return path.toString();
    }

    /** As quadratic curves from its dent: control and end point, in half widths. */
    private static final double[][] HEART = {
        {0, -0.4}, {0.5, -1.3, 1, -0.4}, {1, 0.4, 0, 1.4}, {-1, 0.4, -1, -0.4}, {-0.5, -1.3, 0, -0.4}
    };

    private static final double[][] LEAF = {{0, -1}, {1.1, 0, 0, 1}, {-1.1, 0, 0, -1}};

    static String hearts(List<Pose> poses, double mm) {
        return curved(HEART, poses, mm / 2, mm / 2);
    }

    /**
     * A shape of quadratic curves at each of some places.
     *
     * @param shape its first point, then control and end points, in halves of its size
     */
    private static String curved(double[][] shape, List<Pose> poses, double halfWidth, double halfLength) {
        StringBuilder path = new StringBuilder();
        for (Pose pose : poses) {
            double cos = Math.cos(Math.toRadians(pose.turnDegrees()));
            double sin = Math.sin(Math.toRadians(pose.turnDegrees()));
            for (double[] part : shape) {
                path.append(part.length == 2 ? 'M' : 'Q');
                for (int i = 0; i < part.length; i += 2) {
                    double x = part[i] * halfWidth;
                    double y = part[i + 1] * halfLength;
                    Hundredths.append(path, pose.x() + x * cos - y * sin).append(' ');
                    Hundredths.append(path, pose.y() + x * sin + y * cos);
                    if (i + 2 < part.length) {
                        path.append(' ');
                    }
                }
            }
            path.append('Z');
        }
        return path.toString();
    }

    /** Roses: a spiral drawn from the middle of each, as lines. */
    static String swirls(List<Spot> spots, double mm) {
        StringBuilder path = new StringBuilder();
        for (Spot s : spots) {
            for (int i = 0; i <= SWIRL_STEPS; i++) {
                double angle = 2 * Math.PI * SWIRL_TURNS * i / SWIRL_STEPS;
                double r = mm / 2 * i / SWIRL_STEPS;
                path.append(text(
                        "%s%.2f %.2f", i == 0 ? "M" : "L", s.x() + r * Math.cos(angle), s.y() + r * Math.sin(angle)));
            }
        }
        return path.toString();
    }

    /** Upright, round above and drawn out below: control and end points in halves of its width and its length. */
    private static final double[][] DROP = {
        {0, -1}, {0.95, -1, 1, -0.45}, {1, 0, 0, 1}, {-1, 0, -1, -0.45}, {-0.95, -1, 0, -1}
    };

    static String drops(List<Pose> poses, double widthMm, double lengthMm) {
        return curved(DROP, poses, widthMm / 2, lengthMm / 2);
    }

    /** Broad at the bottom of a place and drawn out to a tip: control and end points in half widths and lengths. */
    private static final double[][] TOOTH = {{-1, -0.05}, {-0.25, 0.1, 0, 1}, {0.25, 0.1, 1, -0.05}};

    /** Tips drawn out of a seam, each to where its place is turned. */
    public static String teeth(List<Pose> poses, double widthMm, double lengthMm) {
        return curved(TOOTH, poses, widthMm / 2, lengthMm);
    }

    static String leaves(List<Pose> poses, double mm) {
        return curved(LEAF, poses, mm / 2, mm / 2);
    }

    /** Lozenges in rows that together fill about a share of the region. */
    static String lattice(Region region, double share) {
        double half = 3 * Math.sqrt(Math.min(1, share));
        StringBuilder path = new StringBuilder();
        Region room = region.inset(half);
        Box box = room.box();
        for (double y = box.y(); y <= box.y() + box.heightMm(); y += 6) {
            for (double x = box.x(); x <= box.x() + box.widthMm(); x += 6) {
                if (room.covers(x, y)) {
                    path.append(text(
                            "M%.2f %.2fl%.2f %.2fl%.2f %.2fl%.2f %.2fZ",
                            x, y - half, half, half, -half, half, -half, -half));
                }
            }
        }
        return path.toString();
    }

    /** Small grains strewn over a region. */
    public static String grains(Region region, int count, double mm) {
        return grains(region, count, mm, mm);
    }

    /** The same, so far from its edge as there is room. */
    public static String grains(Region region, int count, double mm, double insideMm) {
        Region room = region.inset(insideMm);
        return discs(Scatter.over(room.isEmpty() ? region : room, count), mm);
    }

    /** Path data after a pattern: each {@code %.2f} takes a length in mm, each {@code %s} a command. */
    private static String text(String form, Object... parts) {
        StringBuilder path = new StringBuilder();
        int part = 0;
        for (int i = 0; i < form.length(); i++) {
            if (form.startsWith("%.2f", i)) {
                Hundredths.append(path, (Double) parts[part++]);
                i += 3;
            } else if (form.startsWith("%s", i)) {
                path.append(parts[part++]);
                i += 1;
            } else {
                path.append(form.charAt(i));
            }
        }
        return path.toString();
    }
}
