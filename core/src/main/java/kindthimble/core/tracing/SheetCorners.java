package kindthimble.core.tracing;

import boofcv.alg.filter.binary.GThresholdImageOps;
import boofcv.alg.filter.binary.ThresholdImageOps;
import boofcv.alg.shapes.polygon.DetectPolygonBinaryGrayRefine;
import boofcv.factory.shape.ConfigPolygonDetector;
import boofcv.factory.shape.FactoryShapeDetector;
import boofcv.struct.image.GrayF32;
import boofcv.struct.image.GrayU8;
import georegression.struct.point.Point2D_F64;
import georegression.struct.shapes.Polygon2D_F64;
import java.util.ArrayList;
import java.util.Comparator;
import java.util.List;
import java.util.Optional;
import kindthimble.core.geometry.Spot;

/** Finds the four corners of a sheet of paper on a table, or of a frame printed on it. */
public final class SheetCorners {
    private static final int LOOKED_AT = 1_600;
    private static final double LEAST_SHARE = 0.08;

    private SheetCorners() {}

    /** What the corners are of. */
    public enum Of {
        /** A light sheet on something darker. */
        PAPER,
        /** A dark line around what was drawn. */
        FRAME
    }

    /**
     * @return in dots of the picture: top left, top right, bottom right, bottom left; empty where none are made out
     */
    public static Optional<List<Spot>> find(Picture photo, Of of) {
        Picture small = photo.atMost(LOOKED_AT);
        GrayF32 grey = new GrayF32(small.width(), small.height());
        for (int i = 0; i < grey.data.length; i++) {
            int dot = small.argb()[i];
            float light = 0.299f * (dot >> 16 & 255) + 0.587f * (dot >> 8 & 255) + 0.114f * (dot & 255);
            // What is looked for is dark on light.
            grey.data[i] = of == Of.PAPER ? 255 - light : light;
        }
        double between = GThresholdImageOps.computeOtsu(grey, 0, 255);
        GrayU8 binary = new GrayU8(small.width(), small.height());
        ThresholdImageOps.threshold(grey, binary, (float) between, true);
        ConfigPolygonDetector config = new ConfigPolygonDetector(4, 4);
        config.detector.minimumEdgeIntensity = 3;
        config.refineContour = true;
        DetectPolygonBinaryGrayRefine<GrayF32> detector = FactoryShapeDetector.polygon(config, GrayF32.class);
        detector.process(grey, binary);
        detector.refineAll();
        double least = LEAST_SHARE * small.width() * small.height();
        double scale = (double) photo.width() / small.width();
        return detector.getPolygons(null, null).stream()
                .filter(four -> four.size() == 4 && four.areaSimple() > least)
                .max(Comparator.comparingDouble(Polygon2D_F64::areaSimple))
                .map(four -> inOrder(four, scale));
    }

    /** From the corner nearest to the picture's own top left, the way a clock goes. */
    private static List<Spot> inOrder(Polygon2D_F64 four, double scale) {
        List<Spot> corners = new ArrayList<>();
        for (Point2D_F64 corner : four.vertexes.toList()) {
            corners.add(new Spot((corner.x + 0.5) * scale, (corner.y + 0.5) * scale));
        }
        Spot middle = new Spot(
                corners.stream().mapToDouble(Spot::x).average().orElseThrow(),
                corners.stream().mapToDouble(Spot::y).average().orElseThrow());
        corners.sort(Comparator.comparingDouble(at -> Math.atan2(at.y() - middle.y(), at.x() - middle.x())));
        int first = 0;
        for (int i = 1; i < corners.size(); i++) {
            if (corners.get(i).x() + corners.get(i).y()
                    < corners.get(first).x() + corners.get(first).y()) {
                first = i;
            }
        }
        List<Spot> ordered = new ArrayList<>(corners.subList(first, corners.size()));
        ordered.addAll(corners.subList(0, first));
        return ordered;
    }
}
