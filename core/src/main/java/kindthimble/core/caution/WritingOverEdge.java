package kindthimble.core.caution;

import java.util.List;
import kindthimble.core.geometry.Pose;
import kindthimble.core.geometry.Region;
import kindthimble.core.move.Writing;

/** Writing that reaches beyond its section. */
final class WritingOverEdge implements Warning {
    private static final double MOST_OUTSIDE = 0.02;
    private static final double LEAST_MM = 2;

    @Override
    public Weight weight() {
        return Weight.WILL_SPOIL;
    }

    @Override
    public void look(IcedCookie cookie, Found found) {
        cookie.each(Writing.class, (at, writing) -> {
            Region region = cookie.on(at);
            List<Pose> poses = cookie.poses(at);
            if (reachesOver(writing.letters(writing.heightMm()), poses, region)) {
                double fits = fitting(writing, poses, region);
                found.add(
                        at,
                        "The writing reaches over the edge. Write smaller, or fewer letters.",
                        region,
                        fits < LEAST_MM
                                ? null
                                : Remedy.set("Write it %.1f mm high".formatted(fits), at, "heightMm", fits));
            }
        });
    }

    private static boolean reachesOver(Region written, List<Pose> poses, Region region) {
        return poses.stream().map(Pose::readable).map(written::at).anyMatch(letters -> isOver(letters, region));
    }

    private static boolean isOver(Region letters, Region region) {
        return letters.areaMm2() - region.intersection(letters).areaMm2() > MOST_OUTSIDE * letters.areaMm2();
    }

    /** The largest height in tenths of a mm at which it stays inside. */
    private static double fitting(Writing writing, List<Pose> poses, Region region) {
        double fits = 0;
        double tooTall = writing.heightMm();
        while (tooTall - fits > 0.1) {
            double middle = (fits + tooTall) / 2;
            if (reachesOver(writing.letters(middle), poses, region)) {
                tooTall = middle;
            } else {
                fits = middle;
            }
        }
        return Math.floor(10 * fits) / 10;
    }
}
