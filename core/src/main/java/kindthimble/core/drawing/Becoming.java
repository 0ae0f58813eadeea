package kindthimble.core.drawing;

import java.util.HashMap;
import java.util.HashSet;
import java.util.List;
import java.util.Map;
import java.util.Set;
import java.util.function.IntFunction;
import kindthimble.core.colour.Lab;
import kindthimble.core.geometry.Box;
import kindthimble.core.geometry.Mosaic;
import kindthimble.core.words.Range;

/**
 * What the shapes of a drawing are taken for, by how they lie to each other and how wide they are: what is wide enough is flooded, what is
 * small inside one flooded shape sinks in, what is small over several is filled on top, strokes are piped.
 */
final class Becoming {
    /** Wet marks are no wider than this, in mm: a larger one is poured as a section. */
    private static final double WIDEST_WET = 12;

    private static final double WET_SHARE = 0.34;
    /** Below this an area is small (craters), and where it lies over several shapes it is filled on top. */
    private static final double SMALL = 9;

    /** What is narrower is a line for a tip, and no flood. */
    private static final double NARROWEST_FLOOD = 2;

    private static final double LONG = 4;
    private static final double FINEST_TIP = 0.8;
    private static final double SPECK = 1;
    private static final double HAIR_LINE = 0.35;
    private static final double WIDEST_LINE = 4;
    private static final double DARK = 45;
    private static final double WHOLE = 0.995;

    private final List<Mosaic.Face> faces;
    private final IntFunction<Drawing.Line> line;
    private final IntFunction<String> hex;
    private final Box view;
    private final Map<Integer, Double> radii = new HashMap<>();

    /** @param why in a few words */
    record Told(Becomes becomes, String why) {}

    Becoming(List<Mosaic.Face> faces, IntFunction<Drawing.Line> line, IntFunction<String> hex, Box view) {
        this.faces = faces;
        this.line = line;
        this.hex = hex;
        this.view = view;
    }

    double radiusMm(int face) {
        return radii.computeIfAbsent(face, i -> faces.get(i).region().roughRadiusMm());
    }

    Told of(int i) {
        Mosaic.Face face = faces.get(i);
        double across = 2 * radiusMm(i);
        if (line.apply(i) != null) {
            return ofLine(i, line.apply(i));
        }
        Set<Integer> around = around(i);
        if (isGround(face, around)) {
            return new Told(Becomes.LEFT_OUT, "the ground behind the drawing");
        }
        if (across < FINEST_TIP && face.areaMm2() < SPECK) {
            return new Told(Becomes.LEFT_OUT, "a speck");
        }
        if (across < FINEST_TIP / 2) {
            return new Told(Becomes.LEFT_OUT, "finer than any tip");
        }
        boolean isAlone = around.isEmpty() || around.equals(Set.of(-1));
        if (isAlone) {
            return new Told(Becomes.SECTION, "stands by itself");
        }
        double length = face.region().perimeterMm() / 2;
        if (across < NARROWEST_FLOOD && length > LONG * across) {
            return Narrow.isEven(face.region(), across)
                    ? new Told(Becomes.RAISED, "narrow and even: a line along its middle")
                    : new Told(Becomes.RAISED_FILL, "narrower than a flood: " + mm(across));
        }
        if (around.size() == 1) {
            Mosaic.Face host = faces.get(around.iterator().next());
            if (across <= WIDEST_WET && face.areaMm2() < WET_SHARE * host.areaMm2()) {
                return new Told(Becomes.WET, "lies inside one flooded shape, " + mm(across) + " across");
            }
        }
        if (across < SMALL && !around.contains(-1) && around.size() > 1 && isOnTop(i)) {
            return new Told(Becomes.RAISED_FILL, "small, and lies over " + around.size() + " shapes");
        }
        return new Told(Becomes.SECTION, "wide enough to flood: " + mm(across));
    }

    private Told ofLine(int i, Drawing.Line stroke) {
        if (stroke.widthMm() < HAIR_LINE) {
            return new Told(Becomes.GUIDE, "a hair line");
        }
        if (stroke.widthMm() > 2 * WIDEST_LINE) {
            return new Told(Becomes.SECTION, "a stroke as wide as a shape");
        }
        boolean isDark = Lab.ofHex(hex.apply(i)).l() < DARK;
        if (stroke.isClosed()) {
            return new Told(
                    Becomes.RAISED, isDark ? "a thin dark line round a shape: an outline" : "a line round a shape");
        }
        return new Told(Becomes.RAISED, "an open stroke on top");
    }

    /** The fills that a shape borders on; -1 for none. A stroke between counts as what lies behind it. */
    private Set<Integer> around(int i) {
        Set<Integer> fills = new HashSet<>();
        Set<Integer> seen = new HashSet<>(Set.of(i));
        for (int next : faces.get(i).borders().keySet()) {
            if (next >= 0 && line.apply(next) != null) {
                if (seen.add(next)) {
                    faces.get(next).borders().keySet().stream()
                            .filter(far -> far != i && (far < 0 || line.apply(far) == null))
                            .forEach(fills::add);
                }
            } else {
                fills.add(next);
            }
        }
        if (fills.size() > 1 && faces.get(i).borders().getOrDefault(-1, 0.0) == 0) {
            fills.remove(-1);
        }
        return fills;
    }

    /** Whether no neighbour is smaller: what lies on others is. */
    private boolean isOnTop(int i) {
        return faces.get(i).borders().keySet().stream()
                .filter(next -> next >= 0 && line.apply(next) == null)
                .allMatch(next -> faces.get(next).areaMm2() > 2 * faces.get(i).areaMm2());
    }

    /** Whether it goes all round the view, and others lie on it. */
    private boolean isGround(Mosaic.Face face, Set<Integer> around) {
        Box box = face.region().box();
        boolean isAllRound = box.widthMm() >= WHOLE * view.widthMm() && box.heightMm() >= WHOLE * view.heightMm();
        double edge = 2 * (view.widthMm() + view.heightMm());
        return isAllRound
                && faces.size() > 1
                && around.stream().anyMatch(next -> next >= 0)
                && face.borders().getOrDefault(-1, 0.0) >= 0.9 * edge;
    }

    private static String mm(double across) {
        return (across < 10 ? Range.plain(Math.rint(across * 10) / 10) : Math.round(across)) + " mm";
    }
}
