package kindthimble.core.tracing;

import java.util.Arrays;
import java.util.Comparator;
import java.util.stream.IntStream;
import kindthimble.core.geometry.Box;
import kindthimble.core.geometry.Mosaic;
import kindthimble.core.geometry.Region;
import kindthimble.core.words.Refused;

/** The outline of one thing that lies on a sheet of paper: a cutter, or a cookie. */
public final class OnPaper {
    /** Dots on the longer side, first of the sheet and then of the part where something is. */
    private static final int FIRST = 900;

    private static final int LONGEST = 1_500;
    private static final double AROUND_MM = 6;
    private static final int RIM_DOTS = 12;
    private static final double LEAST_SPECK_MM2 = 1;
    private static final double LEAST_TOLERANCE_DOTS = 0.75;
    private static final float LEAST_DIFFERENCE = 9;
    private static final double LEAST_THING_MM2 = 60;
    private static final double RING_SHARE = 0.4;
    private static final double TOLERANCE_MM = 0.09;
    private static final int STEPS = 128;

    private OnPaper() {}

    /**
     * @param outline in mm, its middle at the origin
     * @param wallMm how thick the wall of a cutter looks, whose middle the outline follows; 0 for a thing that is no ring
     */
    public record Thing(Region outline, double wallMm) {}

    /**
     * The largest thing on a sheet.
     *
     * @throws Refused when nothing lies on it
     */
    public static Thing of(Picture photo, Sheet sheet) {
        Region first = largest(photo, sheet, sheet.inner(), FIRST);
        Box part = first.moved(sheet.rimMm(), sheet.rimMm()).box();
        Region ring = largest(photo, sheet, sheet.around(part, AROUND_MM), LONGEST);
        Region filled = ring.withoutHoles();
        Region outline = filled;
        double wall = 0;
        if (ring.areaMm2() < RING_SHARE * filled.areaMm2()) {
            Region inside = filled.difference(ring);
            wall = 2 * ring.areaMm2() / (filled.perimeterMm() + inside.perimeterMm());
            outline = inside.grownToCorners(wall / 2).withoutHoles();
        }
        Box box = outline.box();
        return new Thing(outline.moved(-box.x() - box.widthMm() / 2, -box.y() - box.heightMm() / 2), wall);
    }

    /** The largest thing in a part of the sheet, in mm from the corner of that. */
    private static Region largest(Picture photo, Sheet sheet, Box part, int longest) {
        Picture straight = sheet.straightened(photo, part, longest);
        int[] labels = things(straight);
        double mm = part.widthMm() / straight.width();
        double tolerance = Math.max(LEAST_TOLERANCE_DOTS, TOLERANCE_MM / mm);
        return Mosaic.ofDots(labels, straight.width(), straight.height(), tolerance).faces().stream()
                .filter(face -> face.owner() == 1)
                .map(Mosaic.Face::region)
                .filter(region -> isInside(region, straight))
                .max(Comparator.comparingDouble(region -> region.withoutHoles().areaMm2()))
                .map(region -> region.scaled(mm))
                .filter(region -> region.withoutHoles().areaMm2() > LEAST_THING_MM2)
                .orElseThrow(
                        () -> new Refused(
                                "",
                                "Nothing is made out on the paper. Lay one cutter or cookie on it that is darker than the paper, away from its edge."));
    }

    /** 1 for each dot that is not paper. */
    private static int[] things(Picture straight) {
        LabDots dots = new LabDots(straight, Light.factors(straight));
        dots.smooth();
        float[] differences = differences(dots);
        float between = between(differences);
        int[] labels = new int[differences.length];
        for (int i = 0; i < labels.length; i++) {
            labels[i] = differences[i] > between ? 1 : 0;
        }
        return labels;
    }

    /** The box round all that is on a sheet, in mm from its corner; all of it where nothing is. */
    static Box all(Picture photo, Sheet sheet) {
        Picture straight = sheet.straightened(photo, sheet.inner(), FIRST);
        int[] labels = things(straight);
        int w = straight.width();
        double mm = sheet.inner().widthMm() / w;
        Box all = null;
        for (Mosaic.Face face : Mosaic.ofDots(labels, w, straight.height(), 1).faces()) {
            if (face.owner() == 1 && face.areaMm2() * mm * mm > LEAST_SPECK_MM2) {
                Box there = face.region()
                        .scaled(mm)
                        .moved(sheet.rimMm(), sheet.rimMm())
                        .box();
                all = all == null ? there : all.with(there);
            }
        }
        return all == null ? sheet.inner() : all;
    }

    /** What runs over the sheet's edge is the table, a hand or a shadow. */
    private static boolean isInside(Region region, Picture picture) {
        Box box = region.box();
        return box.x() > 2
                && box.y() > 2
                && box.x() + box.widthMm() < picture.width() - 2
                && box.y() + box.heightMm() < picture.height() - 2;
    }

    /** How far each dot is from the paper, in CIE L*a*b*: from what runs all round along the edge. */
    private static float[] differences(LabDots dots) {
        int[] rim = IntStream.range(0, dots.l.length)
                .filter(i -> Math.min(
                                Math.min(i % dots.width, dots.width - 1 - i % dots.width),
                                Math.min(i / dots.width, dots.height - 1 - i / dots.width))
                        < RIM_DOTS)
                .toArray();
        float[] paper = {middle(dots.l, rim), middle(dots.a, rim), middle(dots.b, rim)};
        float[] differences = new float[dots.l.length];
        for (int i = 0; i < differences.length; i++) {
            differences[i] = (float) Math.sqrt(dots.squareTo(i, paper));
        }
        return differences;
    }

    private static float middle(float[] values, int[] rim) {
        float[] sorted = new float[rim.length];
        for (int i = 0; i < rim.length; i++) {
            sorted[i] = values[rim[i]];
        }
        Arrays.sort(sorted);
        return sorted[sorted.length / 2];
    }

    /**
     * What lies between paper and thing: where the two kinds of dots differ most from each other and least among themselves (N. Otsu, A threshold
     * selection method from gray-level histograms, 1979), half-way between their means, where the blur of an edge is half of each.
     */
    private static float between(float[] differences) {
        float most = 0;
        for (float difference : differences) {
            most = Math.max(most, difference);
        }
        if (most < LEAST_DIFFERENCE) {
            return most;
        }
        long[] counts = new long[STEPS];
        double all = 0;
        for (float difference : differences) {
            int step = Math.min(STEPS - 1, (int) (difference / most * STEPS));
            counts[step]++;
            all += step;
        }
        long n = 0;
        double sum = 0;
        double best = -1;
        double half = LEAST_DIFFERENCE;
        for (int step = 0; step < STEPS - 1; step++) {
            n += counts[step];
            sum += (double) step * counts[step];
            long others = differences.length - n;
            if (n == 0 || others == 0) {
                continue;
            }
            double apart = sum / n - (all - sum) / others;
            double worth = (double) n * others * apart * apart;
            if (worth > best) {
                best = worth;
                half = (sum / n + (all - sum) / others + 1) / 2 * most / STEPS;
            }
        }
        return (float) Math.max(LEAST_DIFFERENCE, half);
    }
}
