package kindthimble.core.drawing;

import java.util.ArrayList;
import java.util.BitSet;
import java.util.Comparator;
import java.util.HashMap;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Locale;
import java.util.Map;
import kindthimble.core.geometry.Box;
import kindthimble.core.geometry.Deadline;
import kindthimble.core.geometry.Mosaic;
import kindthimble.core.geometry.Region;
import kindthimble.core.geometry.Spot;
import kindthimble.core.geometry.TooMuch;
import kindthimble.core.words.Range;
import kindthimble.core.words.Refused;
import kindthimble.core.words.Unit;

/**
 * Reads SVG files (SVG 2, with the style sheets that drawing programs write) as flat colours: what lies on top hides what is below, strokes are
 * areas, and all that lies outside the drawing's view is cut off.
 */
public final class SvgDrawing {
    /** How tall a drawing may be on a cookie. */
    public static final Range HEIGHT_MM = new Range("height", Unit.MM, 10, 300);

    /** How far a border may lie off what was drawn. */
    private static final double TOLERANCE_MM = 0.003;

    /** From here on a reading is for a design, and not just to be looked at. */
    private static final double DESIGN_FROM_MM = 0.01;

    private static final int MOST_PARTS = 4_000;
    private static final double NOTHING_MM2 = 1e-4;
    private static final double[] UNKNOWN = {-20_000, -20_000, 40_000, 40_000};

    private SvgDrawing() {}

    /**
     * @param file an SVG file, plain or compressed
     * @param heightMm how tall all of its view is to be on the cookie
     * @throws Refused saying what is wrong with it
     * @throws TooMuch when it is more than anybody could ice
     */
    public static Drawing read(byte[] file, double heightMm) {
        return read(file, heightMm, TOLERANCE_MM);
    }

    /**
     * The same with borders of fewer corners, as a design keeps them.
     *
     * @param toleranceMm how far a border may lie off what was drawn
     */
    public static Drawing read(byte[] file, double heightMm, double toleranceMm) {
        HEIGHT_MM.check("heightMm", heightMm);
        SvgTree tree = SvgTree.of(file);
        double[] view = view(tree);
        SvgWalk walk = new SvgWalk(tree, view, heightMm);
        if (walk.paints.isEmpty()) {
            throw new Refused(
                    "",
                    "Nothing can be seen in this drawing."
                            + String.join(
                                    "", walk.notes.stream().map(n -> " " + n).toList()));
        }
        Seen seen = new Seen(walk.paints);
        Mosaic mosaic = Mosaic.of(walk.shapes, seen, toleranceMm);
        return drawing(walk, seen, mosaic, heightMm * view[2] / view[3], heightMm, toleranceMm);
    }

    /** The view of a drawing: its viewBox, or its size; where it says neither, all that is drawn. */
    private static double[] view(SvgTree tree) {
        double[] box = SvgLength.numbers(tree.root.get("viewBox"));
        if (box.length == 4) {
            if (!(box[2] > 0 && box[3] > 0 && box[2] / box[3] < 100 && box[3] / box[2] < 100)) {
                throw new Refused(
                        "",
                        "The view of this drawing has no size. Give the page a width and a height in your drawing program.");
            }
            return box;
        }
        double width = SvgLength.read(tree.root.get("width"), Double.NaN, 16);
        double height = SvgLength.read(tree.root.get("height"), Double.NaN, 16);
        if (width > 0 && height > 0 && width / height < 100 && height / width < 100) {
            return new double[] {0, 0, width, height};
        }
        SvgWalk walk = new SvgWalk(tree, UNKNOWN, UNKNOWN[3]);
        double[] ends = {Double.MAX_VALUE, Double.MAX_VALUE, -Double.MAX_VALUE, -Double.MAX_VALUE};
        walk.paints.forEach(paint -> walk.shapes.get(paint.shape()).rings().forEach(ring -> {
            for (double[] point : ring) {
                ends[0] = Math.min(ends[0], point[0]);
                ends[1] = Math.min(ends[1], point[1]);
                ends[2] = Math.max(ends[2], point[0]);
                ends[3] = Math.max(ends[3], point[1]);
            }
        }));
        if (!(ends[2] > ends[0] && ends[3] > ends[1])) {
            throw new Refused("", "Nothing can be seen in this drawing.");
        }
        return new double[] {ends[0] + UNKNOWN[0], ends[1] + UNKNOWN[1], ends[2] - ends[0], ends[3] - ends[1]};
    }

    private static Drawing drawing(
            SvgWalk walk, Seen seen, Mosaic mosaic, double widthMm, double heightMm, double toleranceMm) {
        Map<String, Double> areas = new HashMap<>();
        Map<String, Integer> counts = new HashMap<>();
        List<Mosaic.Face> faces = mosaic.faces();
        for (Mosaic.Face face : faces) {
            String hex = seen.owner(face.owner()).hex();
            areas.merge(hex, face.areaMm2(), Double::sum);
            counts.merge(hex, face.areaMm2() > NOTHING_MM2 ? 1 : 0, Integer::sum);
        }
        List<Drawing.Colour> colours = areas.entrySet().stream()
                .filter(one -> one.getValue() > NOTHING_MM2)
                .map(one -> new Drawing.Colour(one.getKey(), one.getValue(), counts.get(one.getKey())))
                .sorted(Comparator.comparingDouble((Drawing.Colour colour) -> -colour.areaMm2()))
                .toList();
        List<Drawing.Line> lines = new ArrayList<>();
        Map<Integer, Integer> lineOf = new LinkedHashMap<>();
        BitSet used = seen.used();
        for (int i = used.nextSetBit(0); i >= 0; i = used.nextSetBit(i + 1)) {
            Paint.Stroke stroke = walk.paints.get(i).stroke();
            if (stroke != null) {
                lineOf.put(i, lines.size());
                lines.add(new Drawing.Line(
                        walk.paints.get(i).colour().hex(),
                        stroke.lengthMm(),
                        stroke.widthMm(),
                        stroke.isClosed(),
                        stroke.path()));
            }
        }
        List<String> notes = new ArrayList<>(walk.notes);
        if (faces.size() > MOST_PARTS) {
            notes.add("This drawing has %,d shapes; the smallest are left out.".formatted(faces.size()));
        }
        List<Drawing.Part> parts = parts(walk, seen, faces, lines, lineOf, colours, new Box(0, 0, widthMm, heightMm));
        return new Drawing(widthMm, heightMm, colours, parts, lines, notes, beneath(walk, parts, toleranceMm));
    }

    private static List<Region> beneath(SvgWalk walk, List<Drawing.Part> parts, double toleranceMm) {
        boolean isForLooking = toleranceMm < DESIGN_FROM_MM;
        if (isForLooking || parts.stream().allMatch(part -> part.line() < 0)) {
            return parts.stream().map(Drawing.Part::region).toList();
        }
        Seen fills = new Seen(
                walk.paints.stream().filter(paint -> paint.stroke() == null).toList());
        List<Mosaic.Face> faces = Mosaic.of(walk.shapes, fills, toleranceMm).faces();
        List<Region> beneath = new ArrayList<>();
        for (Drawing.Part part : parts) {
            Region found = part.line() < 0 ? part.region() : Region.EMPTY;
            Spot spot = part.region().inside();
            for (Mosaic.Face face : faces) {
                if (part.line() < 0
                        && fills.owner(face.owner()).hex().equals(part.hex())
                        && face.region().covers(spot.x(), spot.y())) {
                    found = face.region();
                    break;
                }
            }
            beneath.add(found);
        }
        return beneath;
    }

    private static List<Drawing.Part> parts(
            SvgWalk walk,
            Seen seen,
            List<Mosaic.Face> faces,
            List<Drawing.Line> lines,
            Map<Integer, Integer> lineOf,
            List<Drawing.Colour> colours,
            Box view) {
        Map<String, Integer> rank = new HashMap<>();
        colours.forEach(colour -> rank.put(colour.hex(), rank.size()));
        Becoming becoming = new Becoming(
                faces,
                i -> {
                    int line = seen.owner(faces.get(i).owner()).line();
                    return line < 0 ? null : lines.get(lineOf.get(line));
                },
                i -> seen.owner(faces.get(i).owner()).hex(),
                view);
        List<Integer> order = new ArrayList<>();
        for (int i = 0; i < faces.size(); i++) {
            if (faces.get(i).areaMm2() > NOTHING_MM2 && !faces.get(i).region().isEmpty()) {
                order.add(i);
            }
        }
        order.sort(Comparator.comparingInt(
                        (Integer i) -> rank.get(seen.owner(faces.get(i).owner()).hex()))
                .thenComparingDouble(i -> -faces.get(i).areaMm2()));
        if (order.size() > MOST_PARTS) {
            order.sort(Comparator.comparingDouble(i -> -faces.get(i).areaMm2()));
            order.subList(MOST_PARTS, order.size()).clear();
        }
        Map<Integer, Integer> partOf = new HashMap<>();
        order.forEach(face -> partOf.put(face, partOf.size()));
        Map<String, Integer> ids = new HashMap<>();
        List<Drawing.Part> parts = new ArrayList<>();
        for (int i : order) {
            Deadline.check();
            Mosaic.Face face = faces.get(i);
            Seen.Owner owner = seen.owner(face.owner());
            String id = id(owner.hex(), face, view);
            int again = ids.merge(id, 1, Integer::sum);
            Becoming.Told told = becoming.of(i);
            parts.add(new Drawing.Part(
                    again == 1 ? id : id + "-" + again,
                    owner.line() < 0 ? "" : walk.paints.get(owner.line()).id(),
                    owner.hex(),
                    face.areaMm2(),
                    face.region().perimeterMm(),
                    becoming.radiusMm(i),
                    told.becomes(),
                    told.why(),
                    face.region(),
                    owner.line() < 0 ? -1 : lineOf.get(owner.line()),
                    beside(face, partOf)));
        }
        return parts;
    }

    private static Map<Integer, Double> beside(Mosaic.Face face, Map<Integer, Integer> partOf) {
        Map<Integer, Double> beside = new HashMap<>();
        face.borders().forEach((other, mm) -> {
            if (partOf.containsKey(other)) {
                beside.put(partOf.get(other), mm);
            }
        });
        return beside;
    }

    /** By its colour, its place and its size in thousandths of the view. */
    private static String id(String hex, Mosaic.Face face, Box view) {
        Box box = face.region().box();
        double unit = view.heightMm() / 1000;
        return hex.substring(1).toLowerCase(Locale.ROOT)
                + "-" + Math.round(box.x() / unit)
                + "-" + Math.round(box.y() / unit)
                + "-" + Math.round(box.widthMm() / unit)
                + "-" + Math.round(Math.sqrt(face.areaMm2()) / unit);
    }
}
