package kindthimble.core.drawing;

import java.util.ArrayList;
import java.util.Comparator;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.Objects;
import java.util.function.Function;
import kindthimble.core.geometry.Box;
import kindthimble.core.geometry.Lines;
import kindthimble.core.geometry.Pen;
import kindthimble.core.geometry.Region;
import kindthimble.core.geometry.Spot;
import kindthimble.core.kitchen.Kitchen;
import kindthimble.core.kitchen.Tip;
import kindthimble.core.move.Dot;
import kindthimble.core.move.Marker;
import kindthimble.core.move.Move;
import kindthimble.core.move.RaisedFill;
import kindthimble.core.move.RaisedLines;
import kindthimble.core.move.WetShape;
import kindthimble.core.placing.Place;
import kindthimble.core.placing.Where;

/** The marks of a drawing as moves: dots and shapes that sink in, lines, fills on top, guides. */
final class DrawnMarks {
    private static final double ROUND = 0.04;
    private static final double NEAR_TIP = 0.25;
    private static final int LONGEST_PATH = 18_000;
    private static final double LINE_TOLERANCE_MM = 0.05;
    private static final double LEAST_WET_MM = 1;
    private static final double LEAST_FILL_MM = 2;
    private static final double MOST_SHAPE_MM = 120;
    private static final int MOST_DOTS = 200;

    private final Drawing drawing;
    private final Function<Drawing.Part, Becomes> becomes;
    private final Function<Drawing.Part, String> colour;
    private final Map<Integer, String> hosts;
    private final Kitchen kitchen;

    // From the drawing to the cookie: by how much it is larger, and what lies in its middle.
    private Spot from;
    private double scale;
    private Spot to;
    private Region iced;

    DrawnMarks(
            Drawing drawing,
            Function<Drawing.Part, Becomes> becomes,
            Function<Drawing.Part, String> colour,
            Map<Integer, String> hosts,
            Kitchen kitchen) {
        this.drawing = drawing;
        this.becomes = becomes;
        this.colour = colour;
        this.hosts = hosts;
        this.kitchen = kitchen;
    }

    /**
     * @param middle of the cutter, in mm of the drawing
     * @param spread by how much the cookie is larger than the drawing
     * @param icedRegion what is iced: places and paths are measured from its middle, and what lies beside it is left out
     */
    List<Move> moves(Spot middle, double spread, Region icedRegion) {
        from = middle;
        scale = spread;
        to = icedRegion.middle();
        iced = icedRegion.moved(-to.x(), -to.y());
        List<Move> moves = new ArrayList<>();
        Map<Dots, List<Place>> dots = new LinkedHashMap<>();
        Map<Run, String> lines = new LinkedHashMap<>();
        List<Move> wet = new ArrayList<>();
        List<Move> fills = new ArrayList<>();
        List<Drawing.Part> parts = drawing.parts();
        for (int i = 0; i < parts.size(); i++) {
            Drawing.Part part = parts.get(i);
            switch (becomes.apply(part)) {
                case WET -> {
                    Region region = onCookie(part.region());
                    if (region.isEmpty()) {
                        continue;
                    }
                    if (isRound(region)) {
                        double across = Math.rint(2 * Math.sqrt(region.areaMm2() / Math.PI) * 4) / 4;
                        dots.computeIfAbsent(
                                        new Dots(colour.apply(part), Math.max(0.5, across), hosts.get(i)),
                                        d -> new ArrayList<>())
                                .add(place(region));
                    } else {
                        wet.add(new WetShape(
                                colour.apply(part),
                                null,
                                null,
                                path(region),
                                size(region, LEAST_WET_MM),
                                Where.at(place(region)),
                                null,
                                null,
                                hosts.get(i)));
                    }
                }
                case RAISED, GUIDE -> {
                    boolean isGuide = becomes.apply(part) == Becomes.GUIDE;
                    Drawing.Line line = part.line() < 0 ? null : drawing.lines().get(part.line());
                    boolean isNarrow = line == null && Narrow.is(part.region());
                    double width = line != null
                            ? line.widthMm() * scale
                            : isNarrow
                                    ? Narrow.widthMm(part.region()) * scale
                                    : kitchen.shop().tip(Tip.LINE).openingMm();
                    Run run = new Run(
                            isGuide ? null : colour.apply(part),
                            isGuide ? "" : tip(width),
                            line == null ? -1 - i : part.line());
                    String path = line != null
                            ? along(Pen.following(line.path()).lines())
                            : isNarrow ? along(Narrow.middle(part.region())) : edge(part.region());
                    if (!path.isEmpty()) {
                        lines.putIfAbsent(run, path);
                    }
                }
                case RAISED_FILL -> {
                    Region region = onCookie(part.region());
                    if (region.isEmpty()) {
                        continue;
                    }
                    fills.add(new RaisedFill(
                            colour.apply(part),
                            null,
                            null,
                            path(region),
                            size(region, LEAST_FILL_MM),
                            Where.at(place(region)),
                            null,
                            null,
                            null,
                            null));
                }
                default -> {
                    // Sections are coats, and what is left out is nothing.
                }
            }
        }
        dots.forEach((like, places) -> {
            for (int i = 0; i < places.size(); i += MOST_DOTS) {
                List<Place> some = places.subList(i, Math.min(places.size(), i + MOST_DOTS));
                moves.add(new Dot(
                        like.colour,
                        some.size(),
                        null,
                        like.acrossMm,
                        Where.at(some.toArray(Place[]::new)),
                        null,
                        null,
                        like.on,
                        null));
            }
        });
        moves.addAll(wet);
        moves.addAll(fills);
        joined(lines)
                .forEach(run -> moves.add(
                        run.colour == null
                                ? new Marker(
                                        null,
                                        Marker.Drawn.LINES,
                                        1,
                                        null,
                                        null,
                                        null,
                                        null,
                                        run.path,
                                        Marker.When.GUIDE,
                                        null)
                                : new RaisedLines(
                                        run.colour, 1, null, null, run.path, run.tip, null, null, null, null)));
        return moves;
    }

    /** Dots that are alike. */
    private record Dots(String colour, double acrossMm, String on) {}

    /** One stroke: its colour (none for a guide), its tip, and which of the drawing it is. */
    private record Run(String colour, String tip, int line) {}

    /** Strokes that are piped with one bag. */
    private record Joined(String colour, String tip, String path) {}

    private static List<Joined> joined(Map<Run, String> lines) {
        List<Joined> joined = new ArrayList<>();
        lines.forEach((run, path) -> {
            for (int i = 0; i < joined.size(); i++) {
                Joined there = joined.get(i);
                boolean isAlike = Objects.equals(there.colour, run.colour) && there.tip.equals(run.tip);
                if (isAlike && there.path.length() + path.length() < LONGEST_PATH) {
                    joined.set(i, new Joined(there.colour, there.tip, there.path + path));
                    return;
                }
            }
            joined.add(new Joined(run.colour, run.tip, path));
        });
        return joined;
    }

    /** A region of the drawing, where it lies on the cookie from the middle of what is iced. */
    private Region onCookie(Region region) {
        return region.moved(-from.x(), -from.y())
                .scaled(scale)
                .moved(-to.x(), -to.y())
                .intersection(iced)
                .withoutHairs();
    }

    private static Place place(Region region) {
        Spot middle = region.middle();
        return new Place(DrawnDesign.hundredths(middle.x()), DrawnDesign.hundredths(middle.y()), null);
    }

    private static boolean isRound(Region region) {
        Box box = region.box();
        double disc = Math.PI / 4 * box.widthMm() * box.heightMm();
        return Math.abs(box.widthMm() - box.heightMm()) < 2 * ROUND * box.widthMm()
                && Math.abs(region.areaMm2() - disc) < ROUND * disc;
    }

    private static double size(Region region, double least) {
        return DrawnDesign.hundredths(
                Math.max(least, Math.min(MOST_SHAPE_MM, region.box().widthMm())));
    }

    private static String path(Region region) {
        double tolerance = 0.02;
        String path = region.simpler(tolerance).pathData();
        while (path.length() > LONGEST_PATH) {
            tolerance *= 2;
            path = region.simpler(tolerance).pathData();
        }
        return path;
    }

    /** The edge of a shape as a line. */
    private String edge(Region region) {
        return onCookie(region).edge().simpler(LINE_TOLERANCE_MM).pathData();
    }

    private String along(Lines lines) {
        return lines.moved(-from.x(), -from.y())
                .scaled(scale)
                .moved(-to.x(), -to.y())
                .within(iced)
                .simpler(LINE_TOLERANCE_MM)
                .pathData();
    }

    /** The shop's round tip that pipes a line about so wide, or a bag cut to it. */
    private String tip(double widthMm) {
        return kitchen.shop().tips().stream()
                .filter(tip -> tip.shape() == Tip.Shape.ROUND)
                .filter(tip -> Math.abs(tip.openingMm() - widthMm) < NEAR_TIP * widthMm)
                .min(Comparator.comparingDouble(tip -> Math.abs(tip.openingMm() - widthMm)))
                .map(Tip::name)
                .orElseGet(() -> Tip.nameOfCut(widthMm));
    }
}
