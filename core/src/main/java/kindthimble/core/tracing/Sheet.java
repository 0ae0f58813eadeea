package kindthimble.core.tracing;

import java.util.List;
import kindthimble.core.geometry.Box;
import kindthimble.core.geometry.Spot;
import kindthimble.core.words.Refused;

/**
 * A flat sheet on a photo: its corners, and how large it is.
 *
 * @param corners in dots of the picture: top left, top right, bottom right, bottom left
 * @param widthMm its width as it lies on the picture
 * @param heightMm its height as it lies on the picture
 * @param rimMm how much of its rim is left away, where the table shows or the line of a frame runs
 */
public record Sheet(List<Spot> corners, double widthMm, double heightMm, double rimMm) {
    private static final double LEAST_SIDE_DOTS = 40;
    private static final int MOST_AROUND = 4;

    /**
     * @throws Refused when the corners don't go round a sheet
     */
    public Sheet {
        corners = List.copyOf(corners);
        if (corners.size() != 4) {
            throw new Refused("corners", "A sheet has four corners.");
        }
        for (int i = 0; i < 4; i++) {
            Spot a = corners.get(i);
            Spot b = corners.get((i + 1) % 4);
            Spot c = corners.get((i + 2) % 4);
            double turn = (b.x() - a.x()) * (c.y() - b.y()) - (b.y() - a.y()) * (c.x() - b.x());
            if (!(turn > 0) || !(Math.hypot(b.x() - a.x(), b.y() - a.y()) > LEAST_SIDE_DOTS)) {
                throw new Refused(
                        "corners", "These are no four corners of a sheet. Put each on the corner that it belongs to.");
            }
        }
    }

    /** A sheet of so much by so much mm, which lies upright or across as the picture shows it. */
    public static Sheet lying(List<Spot> corners, double oneMm, double otherMm, double rimMm) {
        if (corners.size() != 4) {
            throw new Refused("corners", "A sheet has four corners.");
        }
        boolean isWide = apart(corners, 0, 1) + apart(corners, 3, 2) > apart(corners, 0, 3) + apart(corners, 1, 2);
        double longer = Math.max(oneMm, otherMm);
        double shorter = Math.min(oneMm, otherMm);
        return new Sheet(corners, isWide ? longer : shorter, isWide ? shorter : longer, rimMm);
    }

    private static double apart(List<Spot> corners, int i, int j) {
        return Math.hypot(
                corners.get(i).x() - corners.get(j).x(),
                corners.get(i).y() - corners.get(j).y());
    }

    /** About how many dots of the photo a millimetre of the sheet has. */
    double dotsAMm() {
        return Math.max(apart(corners, 0, 2), apart(corners, 1, 3)) / Math.hypot(widthMm, heightMm);
    }

    /** All of it between the rims. */
    Box inner() {
        return new Box(rimMm, rimMm, widthMm - 2 * rimMm, heightMm - 2 * rimMm);
    }

    /** So much more on all sides of a part, as far as the rims allow. */
    Box around(Box part, double moreMm) {
        Box all = inner();
        double x = Math.max(all.x(), part.x() - moreMm);
        double y = Math.max(all.y(), part.y() - moreMm);
        return new Box(
                x,
                y,
                Math.min(all.x() + all.widthMm(), part.x() + part.widthMm() + moreMm) - x,
                Math.min(all.y() + all.heightMm(), part.y() + part.heightMm() + moreMm) - y);
    }

    /**
     * A part of the sheet as it is from straight above.
     *
     * @param part in mm from its top left corner
     * @param longest dots on its longer side, at most
     */
    Picture straightened(Picture photo, Box part, int longest) {
        double scale = longest / Math.max(part.widthMm(), part.heightMm());
        int w = (int) Math.round(part.widthMm() * scale);
        int h = (int) Math.round(part.heightMm() * scale);
        Slant slant = Slant.of(
                List.of(new Spot(0, 0), new Spot(widthMm, 0), new Spot(widthMm, heightMm), new Spot(0, heightMm)),
                corners);
        // Where the photo is finer, each dot is the mean of several.
        double finer = dotsAMm() / scale;
        int around = Math.max(1, Math.min(MOST_AROUND, (int) Math.ceil(finer)));
        int[] dots = new int[w * h];
        double[] sum = new double[3];
        for (int y = 0; y < h; y++) {
            for (int x = 0; x < w; x++) {
                sum[0] = 0;
                sum[1] = 0;
                sum[2] = 0;
                for (int k = 0; k < around * around; k++) {
                    Spot seen = slant.seen(
                            part.x() + (x + (k % around + 0.5) / around) / scale,
                            part.y() + (y + (k / around + 0.5) / around) / scale);
                    photo.add(seen.x(), seen.y(), sum);
                }
                double n = around * around;
                dots[y * w + x] = 0xFF << 24
                        | (int) (sum[0] / n + 0.5) << 16
                        | (int) (sum[1] / n + 0.5) << 8
                        | (int) (sum[2] / n + 0.5);
            }
        }
        return new Picture(w, h, dots);
    }
}
