package kindthimble.core.mark;

import java.util.ArrayList;
import java.util.List;
import java.util.function.DoubleUnaryOperator;
import kindthimble.core.geometry.Hundredths;
import kindthimble.core.geometry.Lines;
import kindthimble.core.geometry.Pose;

/** Path data of what follows lines and is no plain stroke: waves, fringes, ribbons that swell and taper. */
final class Ribbons {
    private static final double STEP_MM = 0.6;

    private Ribbons() {}

    /**
     * A wave about each line; on a closed one a whole number of them.
     *
     * @param crestMm from crest to crest, about
     * @param highMm how far it swings to each side
     */
    static String waves(Lines along, double crestMm, double highMm) {
        StringBuilder path = new StringBuilder();
        for (List<Pose> trail : along.trails(Math.min(STEP_MM, crestMm / 8))) {
            double crests = Math.max(1, Math.round(length(trail) / crestMm));
            for (int i = 0; i < trail.size(); i++) {
                double swing = highMm * Math.sin(2 * Math.PI * crests * i / (trail.size() - 1));
                point(path, i == 0 ? 'M' : 'L', trail.get(i), swing);
            }
        }
        return path.toString();
    }

    /**
     * Short strokes off each line: to the inside of a closed one, to the right of an open one.
     *
     * @param apartMm from one to the next
     * @param longMm how long the longest are
     */
    static String fringe(Lines along, double apartMm, double longMm) {
        StringBuilder path = new StringBuilder();
        for (List<Pose> trail : along.trails(apartMm)) {
            double side = isClosed(trail) && turnsLeft(trail) ? -1 : 1;
            for (int i = 0; i < trail.size(); i++) {
                // No two strokes of a brush are alike: five lengths that come again.
                double reach = longMm * (0.72 + 0.07 * ((i * 3) % 5));
                point(path, 'M', trail.get(i), 0);
                point(path, 'L', trail.get(i), side * reach);
            }
        }
        return path.toString();
    }

    /**
     * Along each line a filled ribbon.
     *
     * @param wideMm its width in mm at a share of the way, 0 to 1
     */
    static String swelling(Lines along, DoubleUnaryOperator wideMm) {
        StringBuilder path = new StringBuilder();
        for (List<Pose> trail : along.trails(STEP_MM)) {
            int last = trail.size() - 1;
            List<Double> halves = new ArrayList<>();
            for (int i = 0; i <= last; i++) {
                halves.add(wideMm.applyAsDouble((double) i / last) / 2);
            }
            for (int i = 0; i <= last; i++) {
                point(path, i == 0 ? 'M' : 'L', trail.get(i), halves.get(i));
            }
            for (int i = last; i >= 0; i--) {
                point(path, 'L', trail.get(i), -halves.get(i));
            }
            path.append('Z');
        }
        return path.toString();
    }

    /** A point beside a place, to the right of the way that it is turned. */
    private static void point(StringBuilder path, char command, Pose place, double rightMm) {
        double turn = Math.toRadians(place.turnDegrees());
        path.append(command);
        Hundredths.append(path, place.x() - rightMm * Math.sin(turn)).append(' ');
        Hundredths.append(path, place.y() + rightMm * Math.cos(turn));
    }

    private static double length(List<Pose> trail) {
        double length = 0;
        for (int i = 1; i < trail.size(); i++) {
            length += Math.hypot(
                    trail.get(i).x() - trail.get(i - 1).x(),
                    trail.get(i).y() - trail.get(i - 1).y());
        }
        return length;
    }

    private static boolean isClosed(List<Pose> trail) {
        return trail.get(0).spot().equals(trail.get(trail.size() - 1).spot());
    }

    /** Whether a closed line runs counter-clockwise on the screen, so that its inside is on its left. */
    private static boolean turnsLeft(List<Pose> trail) {
        double twice = 0;
        for (int i = 1; i < trail.size(); i++) {
            Pose from = trail.get(i - 1);
            Pose to = trail.get(i);
            twice += from.x() * to.y() - to.x() * from.y();
        }
        return twice < 0;
    }
}
