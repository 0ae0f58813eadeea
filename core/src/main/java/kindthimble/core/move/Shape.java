package kindthimble.core.move;

import java.util.ArrayList;
import java.util.Comparator;
import java.util.List;
import kindthimble.core.cutter.SmallForm;
import kindthimble.core.drying.Gate;
import kindthimble.core.drying.Stage;
import kindthimble.core.geometry.Box;
import kindthimble.core.geometry.CoatVolume;
import kindthimble.core.geometry.Lines;
import kindthimble.core.geometry.Pose;
import kindthimble.core.geometry.Region;
import kindthimble.core.mark.Dressing;
import kindthimble.core.placing.Where;
import kindthimble.core.words.Refused;

/** What is filled on a coat: a form, an outline of her own, letters, or whole sections. */
final class Shape {
    private Shape() {}

    /**
     * The regions that are filled.
     *
     * @param form null for none
     * @param path a closed outline of her own; blank for none
     * @param text letters; blank for none
     * @param sizeMm how wide a form, how tall letters are
     * @param gapMm between two letters, beside what the face has; null for no more
     * @return whole sections where nothing of that is given
     */
    static List<Region> regions(
            Ground ground,
            Where where,
            String on,
            SmallForm form,
            String path,
            String text,
            double sizeMm,
            Double gapMm) {
        boolean ofSections = form == null && path.isBlank() && text.isBlank();
        if (ofSections) {
            return ground.named(on).stream().map(ground::region).toList();
        }
        Region drawn = text.isBlank() ? SmallForm.region(form, path, sizeMm) : Writing.cut(text, sizeMm, gapMm);
        List<Region> regions = new ArrayList<>();
        for (Pose pose : ground.stand(where, on, 1, sizeMm)) {
            Region there = drawn.at(text.isBlank() ? pose : pose.readable()).intersection(ground.whole());
            if (there.isEmpty()) {
                throw new Refused("where", "This lies beside the cookie. Put it nearer to the middle.");
            }
            regions.add(there);
        }
        return regions;
    }

    /**
     * Every other letter of some regions, or all in one go: what touches is filled in two.
     *
     * @param everyOther whether in two
     * @return one or two lists, in the order in which they are filled
     */
    static List<List<Region>> turns(List<Region> regions, boolean everyOther) {
        if (!everyOther) {
            return List.of(regions);
        }
        List<Region> first = new ArrayList<>();
        List<Region> second = new ArrayList<>();
        for (Region region : regions) {
            List<Region> pieces = new ArrayList<>(region.pieces());
            pieces.sort(Comparator.comparingDouble(piece -> piece.box().x()));
            double right = Double.NEGATIVE_INFINITY;
            boolean odd = false;
            for (Region piece : pieces) {
                Box box = piece.box();
                // A dot over its stem is of the same letter.
                if (box.x() + box.widthMm() / 2 > right) {
                    odd = !odd;
                }
                right = Math.max(right, box.x() + box.widthMm());
                (odd ? first : second).add(piece);
            }
        }
        return second.isEmpty() ? List.of(first) : List.of(first, second);
    }

    /** What goes on regions of their own at a thickness. */
    static double mm3(List<Region> regions, double thicknessMm, double fullness) {
        return fullness
                * regions.stream()
                        .mapToDouble(region -> CoatVolume.mm3(region, thicknessMm))
                        .sum();
    }

    /** A line through shapes before they are filled, so that they do not sink; its volume is part of theirs. */
    static Dressing squiggle(Ground ground, String colour, List<Region> regions, Gate gate, Stage stage) {
        Region all = Region.union(regions);
        Region inner = all.inset(SQUIGGLE_MM);
        Lines line = Strokes.across(inner.isEmpty() ? all : inner, Squiggle.TURNS, 0, Strokes.Form.WAVY);
        return Squiggle.dressing(ground, colour, line, gate, stage);
    }

    private static final double SQUIGGLE_MM = 1;
}
