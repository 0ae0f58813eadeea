package kindthimble.core.mark;

import java.util.List;
import kindthimble.core.geometry.Box;
import kindthimble.core.geometry.Hundredths;
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

    static String hearts(List<Spot> spots, double mm) {
        double r = mm / 2;
        StringBuilder path = new StringBuilder();
        for (Spot s : spots) {
            path.append(text(
                    "M%.2f %.2fq%.2f %.2f %.2f %.2fq%.2f %.2f %.2f %.2fq%.2f %.2f %.2f %.2fq%.2f %.2f %.2f %.2fZ",
                    s.x(),
                    s.y() - r * 0.4,
                    r * 0.5,
                    -r * 0.9,
                    r,
                    0.0,
                    0.0,
                    r * 0.8,
                    -r,
                    r * 1.8,
                    -r,
                    -r,
                    -r,
                    -r * 1.8,
                    r * 0.5,
                    -r * 0.9,
                    r,
                    0.0));
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

    static String leaves(List<Spot> spots, double mm) {
        StringBuilder path = new StringBuilder();
        for (Spot s : spots) {
            path.append(text(
                    "M%.2f %.2fq%.2f %.2f 0 %.2fq%.2f %.2f 0 %.2fZ",
                    s.x(), s.y() - mm / 2, mm * 0.55, mm / 2, mm, -mm * 0.55, -mm / 2, -mm));
        }
        return path.toString();
    }

    /** Rounded stars: petals round a middle. */
    static String blossoms(List<Spot> spots, double mm, int petals, double inner) {
        StringBuilder path = new StringBuilder();
        for (Spot s : spots) {
            for (int i = 0; i < 2 * petals; i++) {
                double angle = Math.PI * i / petals - Math.PI / 2;
                double r = mm / 2 * (i % 2 == 0 ? 1 : inner);
                path.append(text(
                        "%s%.2f %.2f", i == 0 ? "M" : "L", s.x() + r * Math.cos(angle), s.y() + r * Math.sin(angle)));
            }
            path.append('Z');
        }
        return path.toString();
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
        return discs(Scatter.over(region.inset(mm), count), mm);
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
