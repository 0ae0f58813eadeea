package kindthimble.core.mark;

import java.util.List;
import java.util.function.DoubleUnaryOperator;
import kindthimble.core.geometry.Hundredths;
import kindthimble.core.geometry.Pose;

/** How piped pieces look from above: their outline as the tip leaves it, and the folds in it by their shade. */
final class PieceDrawing {
    private static final double DARK = -0.2;
    private static final double LIGHT = 0.28;
    private static final int STAR_RAYS = 8;
    private static final int PETALS = 5;
    private static final double FOLD_SHARE = 0.05;

    private PieceDrawing() {}

    /** What to paint of some pieces, all of one kind and size. */
    static List<Layer> layers(Pieces pieces) {
        List<Pose> poses = pieces.poses();
        double mm = pieces.sizeMm();
        return switch (pieces.kind()) {
            case LEAF ->
                List.of(
                        body(pieces, Shapes.leaves(poses, mm)),
                        fold(pieces, lines(poses, mm, LEAF_VEINS), DARK),
                        fold(pieces, lines(poses, mm, LEAF_GLEAM), LIGHT));
            case PETAL ->
                List.of(
                        body(pieces, Shapes.drops(poses, 0.7 * mm, mm)),
                        fold(pieces, lines(poses, mm, PETAL_FOLDS), DARK));
            case ROSETTE ->
                List.of(
                        body(
                                pieces,
                                round(
                                        poses,
                                        mm,
                                        share -> 0.94 + 0.06 * Math.abs(Math.cos(STAR_RAYS * Math.PI * share)))),
                        fold(pieces, spirals(poses, 0.84 * mm, 2.2, 0), DARK),
                        fold(pieces, spirals(poses, 0.68 * mm, 1.7, 0.5), LIGHT));
            case STAR ->
                List.of(
                        body(
                                pieces,
                                round(
                                        poses,
                                        mm,
                                        share -> 0.72 + 0.28 * Math.pow(Math.cos(STAR_RAYS * Math.PI * share), 2))),
                        fold(pieces, rays(poses, mm, STAR_RAYS, 0.1, 0.72), DARK));
            case FLOWER ->
                List.of(
                        body(
                                pieces,
                                round(
                                        poses,
                                        mm,
                                        share -> 0.5 + 0.5 * Math.sqrt(Math.abs(Math.cos(PETALS * Math.PI * share))))),
                        fold(pieces, rays(poses, mm, PETALS, 0.25, 0.55), DARK),
                        Layer.toned(
                                Layer.Role.RAISED,
                                pieces.icing().colour(),
                                Shapes.discs(Pose.spots(poses), 0.24 * mm),
                                null,
                                LIGHT));
        };
    }

    private static Layer body(Pieces pieces, String path) {
        return new Layer(Layer.Role.RAISED, pieces.icing().colour(), path, null);
    }

    private static Layer fold(Pieces pieces, String path, double tone) {
        return Layer.toned(Layer.Role.RAISED, pieces.icing().colour(), path, FOLD_SHARE * pieces.sizeMm(), tone);
    }

    /** Lines of pieces, from point to point in half sizes: a middle vein, and two off it on each side. */
    private static final double[][] LEAF_VEINS = {
        {0, -0.85, 0, 0.9}, {0, -0.3, 0.28, -0.05}, {0, -0.3, -0.28, -0.05}, {0, 0.15, 0.24, 0.4}, {0, 0.15, -0.24, 0.4}
    };

    private static final double[][] LEAF_GLEAM = {{-0.28, -0.35, -0.36, 0.05}};
    private static final double[][] PETAL_FOLDS = {{0, -0.55, 0, 0.8}, {-0.3, -0.6, -0.08, 0.5}, {0.3, -0.6, 0.08, 0.5}
    };

    private static String lines(List<Pose> poses, double mm, double[][] lines) {
        StringBuilder path = new StringBuilder();
        for (Pose pose : poses) {
            for (double[] line : lines) {
                point(path, 'M', pose, line[0] * mm / 2, line[1] * mm / 2);
                point(path, 'L', pose, line[2] * mm / 2, line[3] * mm / 2);
            }
        }
        return path.toString();
    }

    /** A closed outline about each place, its radius in half sizes by the share of the way round. */
    private static String round(List<Pose> poses, double mm, DoubleUnaryOperator radius) {
        int steps = (int) Math.min(64, Math.max(32, 6 * mm));
        StringBuilder path = new StringBuilder();
        for (Pose pose : poses) {
            for (int i = 0; i < steps; i++) {
                double share = (double) i / steps;
                polar(path, i == 0 ? 'M' : 'L', pose, radius.applyAsDouble(share) * mm / 2, share);
            }
            path.append('Z');
        }
        return path.toString();
    }

    /** A spiral out from each place, from a share of a turn on. */
    private static String spirals(List<Pose> poses, double mm, double turns, double from) {
        int steps = (int) (12 * turns);
        StringBuilder path = new StringBuilder();
        for (Pose pose : poses) {
            for (int i = 0; i <= steps; i++) {
                double share = (double) i / steps;
                polar(path, i == 0 ? 'M' : 'L', pose, share * mm / 2, from + share * turns);
            }
        }
        return path.toString();
    }

    /** Folds from the middle outward, each between two of its rays. */
    private static String rays(List<Pose> poses, double mm, int count, double from, double to) {
        StringBuilder path = new StringBuilder();
        for (Pose pose : poses) {
            for (int i = 0; i < count; i++) {
                double share = (i + 0.5) / count;
                polar(path, 'M', pose, from * mm / 2, share);
                polar(path, 'L', pose, to * mm / 2, share);
            }
        }
        return path.toString();
    }

    /** A point so far from a place, by the share of the way round from its top, clockwise. */
    private static void polar(StringBuilder path, char command, Pose pose, double mm, double share) {
        double angle = 2 * Math.PI * share;
        point(path, command, pose, mm * Math.sin(angle), -mm * Math.cos(angle));
    }

    private static void point(StringBuilder path, char command, Pose pose, double right, double down) {
        double cos = Math.cos(Math.toRadians(pose.turnDegrees()));
        double sin = Math.sin(Math.toRadians(pose.turnDegrees()));
        path.append(command);
        Hundredths.append(path, pose.x() + right * cos - down * sin).append(' ');
        Hundredths.append(path, pose.y() + right * sin + down * cos);
    }
}
