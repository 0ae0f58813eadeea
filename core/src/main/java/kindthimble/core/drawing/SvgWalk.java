package kindthimble.core.drawing;

import java.awt.Shape;
import java.awt.geom.AffineTransform;
import java.awt.geom.Path2D;
import java.awt.geom.Rectangle2D;
import java.util.ArrayList;
import java.util.LinkedHashSet;
import java.util.List;
import java.util.Map;
import java.util.Set;
import kindthimble.core.geometry.Deadline;
import kindthimble.core.geometry.Mosaic;
import kindthimble.core.geometry.TooMuch;
import kindthimble.core.geometry.Window;

/** Goes through a drawing in painter's order and collects its layers of paint, at the size of the cookie. */
final class SvgWalk {
    /** How far chords may lie off a curve, in mm. */
    private static final double FLATNESS_MM = 0.01;

    /** What the stroker and curves leave of points along a line is thinned by this. */
    private static final double THINNED_MM = 0.004;

    private static final int MOST_DRAWN = 20_000;
    private static final int MOST_USES = 20;
    private static final int MOST_DEPTH = 300;
    private static final int MOST_VISITS = 200_000;
    private static final double MOST_MM = 100_000;

    private final SvgTree tree;
    private final StyleSheet sheet = new StyleSheet();
    private final SvgPaints inks;
    private final double widthMm;
    private final double heightMm;
    private final double mmPerUnit;
    private final Window window;
    final List<Mosaic.Shape> shapes = new ArrayList<>();
    final List<Paint> paints = new ArrayList<>();
    final Set<String> notes = new LinkedHashSet<>();
    private final List<SvgNode> inUse = new ArrayList<>();
    private int elements;
    private int visits;
    private int depth;
    private int texts;
    private int pictures;

    SvgWalk(SvgTree tree, double[] viewBox, double heightMm) {
        this.tree = tree;
        this.heightMm = heightMm;
        widthMm = heightMm * viewBox[2] / viewBox[3];
        window = new Window(0, 0, widthMm, heightMm);
        sheet.addAll(tree.root);
        inks = new SvgPaints(tree, sheet, notes);
        mmPerUnit = heightMm / viewBox[3];
        AffineTransform to = AffineTransform.getScaleInstance(mmPerUnit, mmPerUnit);
        to.translate(-viewBox[0], -viewBox[1]);
        Map<String, String> said = sheet.of(tree.root);
        SvgAround whole = new SvgAround(
                to, SvgStyle.INITIAL.with(said), List.of(), SvgAround.opacity(List.of(), said), new double[] {
                    viewBox[2], viewBox[3]
                });
        if (!isHidden(said)) {
            children(tree.root, whole);
        }
        if (texts > 0) {
            notes.add((texts == 1 ? "One piece of text is" : texts + " pieces of text are")
                    + " left out: turn text into outlines in your drawing program.");
        }
        if (pictures > 0) {
            notes.add(
                    (pictures == 1 ? "A picture inside the drawing is" : pictures + " pictures inside the drawing are")
                            + " left out: read a picture by itself, and it is traced.");
        }
    }

    private static boolean isHidden(Map<String, String> said) {
        return "none".equals(said.get("display"));
    }

    private void children(SvgNode node, SvgAround around) {
        for (SvgNode child : node.children) {
            element(child, around);
        }
    }

    private void element(SvgNode node, SvgAround around) {
        Deadline.check();
        if (++visits > MOST_VISITS || depth >= MOST_DEPTH) {
            throw new TooMuch("its parts are used again and again. Leave out some of them in your drawing program.");
        }
        depth++;
        draw(node, around);
        depth--;
    }

    private void draw(SvgNode node, SvgAround around) {
        Map<String, String> said = sheet.of(node);
        if (isHidden(said)) {
            return;
        }
        switch (node.name) {
            case "g", "a" -> children(node, inside(node, said, around));
            case "switch" ->
                node.children.stream()
                        .filter(child -> !child.name.equals("foreignObject") && child.get("requiredExtensions") == null)
                        .findFirst()
                        .ifPresent(child -> element(child, inside(node, said, around)));
            case "svg" -> nested(node, said, inside(node, said, around), null, null);
            case "use" -> use(node, said, around);
            case "path", "rect", "circle", "ellipse", "line", "polyline", "polygon" -> shape(node, said, around);
            case "text" -> texts++;
            case "image" -> pictures++;
            case "foreignObject" -> notes.add("Something that is no drawing, but a page inside it, is left out.");
            case "script" -> notes.add("A script in the file is left out: a drawing needs none.");
            default -> {
                // Definitions are drawn where they are used; anything else paints nothing.
            }
        }
    }

    /** What holds inside an element: its transform, its style, its clips, and how much it hides. */
    private SvgAround inside(SvgNode node, Map<String, String> said, SvgAround around) {
        AffineTransform to = new AffineTransform(around.to());
        to.concatenate(SvgTransform.read(said.get("transform")));
        SvgAround own = new SvgAround(
                to,
                around.style().with(said),
                around.clips(),
                SvgAround.opacity(around.groups(), said),
                around.window());
        List<Paint.Clip> clips = clips(node, said, own);
        if (said.get("filter") != null && !said.get("filter").equals("none")) {
            notes.add("Effects such as shadows and blur are left out.");
        }
        return new SvgAround(to, own.style(), clips, own.groups(), around.window());
    }

    private void use(SvgNode node, Map<String, String> said, SvgAround around) {
        String reference = node.reference();
        SvgNode used = reference == null ? null : tree.byId.get(reference);
        if (used == null) {
            if (node.get("href") != null) {
                notes.add("Something that lies outside the file is left out.");
            }
            return;
        }
        if (inUse.contains(used) || inUse.size() >= MOST_USES || used.holds(node)) {
            notes.add("A part that uses itself is drawn once.");
            return;
        }
        SvgAround own = inside(node, said, around);
        AffineTransform to = new AffineTransform(own.to());
        double font = own.style().fontSize();
        to.translate(
                SvgOutline.length(said, "x", around.window()[0], font, 0),
                SvgOutline.length(said, "y", around.window()[1], font, 0));
        inUse.add(used);
        if (used.name.equals("symbol") || used.name.equals("svg")) {
            Map<String, String> usedSaid = sheet.of(used);
            if (!isHidden(usedSaid)) {
                nested(used, usedSaid, inside(used, usedSaid, own.with(to)), said.get("width"), said.get("height"));
            }
        } else {
            element(used, own.with(to));
        }
        inUse.remove(inUse.size() - 1);
    }

    /** A window of its own: an svg inside, or a symbol. */
    private void nested(
            SvgNode node, Map<String, String> said, SvgAround around, String givenWidth, String givenHeight) {
        double font = around.style().fontSize();
        double[] outer = around.window();
        boolean isSymbol = node.name.equals("symbol");
        double x = isSymbol ? 0 : SvgOutline.length(said, "x", outer[0], font, 0);
        double y = isSymbol ? 0 : SvgOutline.length(said, "y", outer[1], font, 0);
        double width = SvgLength.first(givenWidth, said.get("width"), outer[0], font);
        double height = SvgLength.first(givenHeight, said.get("height"), outer[1], font);
        if (!(width > 0 && height > 0)) {
            return;
        }
        AffineTransform to = new AffineTransform(around.to());
        to.translate(x, y);
        List<Paint.Clip> clips = around.clips();
        if (!"visible".equals(said.get("overflow"))) {
            Path2D frame = new Path2D.Double(new Rectangle2D.Double(0, 0, width, height));
            clips = new ArrayList<>(clips);
            clips.add(new Paint.Clip(List.of(new Paint.Clip.Part(add(frame, to, false), List.of(), true))));
        }
        double[] box = SvgLength.numbers(said.get("viewBox"));
        double[] inner = {width, height};
        if (box.length == 4 && box[2] > 0 && box[3] > 0) {
            to.concatenate(SvgTransform.fitting(box, width, height, said.get("preserveAspectRatio")));
            inner = new double[] {box[2], box[3]};
        }
        children(node, new SvgAround(to, around.style(), clips, around.groups(), inner));
    }

    private void shape(SvgNode node, Map<String, String> said, SvgAround around) {
        Deadline.check();
        if (++elements > MOST_DRAWN) {
            throw new TooMuch("it has more than %,d shapes. Join or leave out some of them.".formatted(MOST_DRAWN));
        }
        SvgAround own = inside(node, said, around);
        SvgStyle style = own.style();
        if (!style.isVisible()) {
            return;
        }
        Path2D path = SvgOutline.of(node, said, own.window(), style.fontSize());
        if (path == null || path.getCurrentPoint() == null) {
            return;
        }
        SvgColour fill = node.name.equals("line") ? null : inks.of(style.get("fill", "black"), style, "fill-opacity");
        SvgColour stroke = inks.of(style.get("stroke", "none"), style, "stroke-opacity");
        boolean strokeFirst = style.get("paint-order", "").strip().startsWith("stroke");
        if (strokeFirst) {
            stroke(node, said, own, path, stroke, fill);
        }
        if (fill != null) {
            paint(node, own, add(path, own.to(), style.isEvenOdd("fill-rule")), fill, null);
        }
        if (!strokeFirst) {
            stroke(node, said, own, path, stroke, fill);
        }
    }

    private void stroke(
            SvgNode node, Map<String, String> said, SvgAround own, Path2D path, SvgColour colour, SvgColour fill) {
        if (colour == null) {
            return;
        }
        double diagonal = Math.hypot(own.window()[0], own.window()[1]) / Math.sqrt(2);
        double width = SvgLength.read(
                own.style().get("stroke-width", "1"), diagonal, own.style().fontSize());
        if (!(width > 0)) {
            return;
        }
        for (String marker : List.of("marker-start", "marker-mid", "marker-end", "marker")) {
            if (said.get(marker) != null && !said.get(marker).equals("none")) {
                notes.add("Arrow heads and the like at the ends of lines are left out.");
            }
        }
        boolean isFixed = "non-scaling-stroke".equals(said.get("vector-effect"));
        AffineTransform to = own.to();
        Path2D drawn = path;
        if (isFixed) {
            // Its width is that of the outermost window, whatever the transforms between.
            drawn = new Path2D.Double(path, own.to());
            drawn.transform(AffineTransform.getScaleInstance(1 / mmPerUnit, 1 / mmPerUnit));
            to = AffineTransform.getScaleInstance(mmPerUnit, mmPerUnit);
        }
        double scale = Math.sqrt(Math.abs(to.getDeterminant()));
        List<double[][]> lines = SvgOutline.lines(drawn, to, FLATNESS_MM);
        double length = LinePath.length(lines);
        Shape area = Strokes.area(drawn, own.style(), width, diagonal, scale, scale > 0 ? length / scale : 0);
        Paint.Stroke line = new Paint.Stroke(
                length,
                width * scale,
                SvgOutline.isClosed(path),
                LinePath.of(lines),
                SvgOutline.isFlat(path) || fill == null || fill.alpha() < 1 ? null : fill.hex());
        paint(node, own, add(area, to, false), colour, line);
    }

    private void paint(SvgNode node, SvgAround own, int shape, SvgColour colour, Paint.Stroke stroke) {
        if (shape >= 0 && colour.alpha() > 0) {
            String id = node.get("id");
            paints.add(new Paint(elements, id == null ? "" : id, shape, colour, own.clips(), own.groups(), stroke));
        }
    }

    /** A shape at the size of the cookie, cut to what can be seen; its number. */
    private int add(Shape shape, AffineTransform to, boolean evenOdd) {
        List<double[][]> rings = new ArrayList<>();
        Rectangle2D box = to.createTransformedShape(shape.getBounds2D()).getBounds2D();
        boolean isNear = Math.abs(box.getX()) < MOST_MM
                && Math.abs(box.getY()) < MOST_MM
                && box.getMaxX() < MOST_MM
                && box.getMaxY() < MOST_MM;
        boolean isIn =
                isNear && box.getX() >= 0 && box.getY() >= 0 && box.getMaxX() <= widthMm && box.getMaxY() <= heightMm;
        for (double[][] ring : SvgOutline.lines(shape, to, FLATNESS_MM)) {
            double[][] fewer = SvgOutline.thinned(ring, THINNED_MM);
            double[][] cut = isIn ? fewer : window.cut(fewer);
            if (cut.length > 2) {
                rings.add(cut);
            }
        }
        shapes.add(new Mosaic.Shape(rings, evenOdd));
        return shapes.size() - 1;
    }

    private List<Paint.Clip> clips(SvgNode node, Map<String, String> said, SvgAround own) {
        List<Paint.Clip> clips = own.clips();
        for (String property : List.of("clip-path", "mask")) {
            String written = said.get(property);
            if (written == null || written.equals("none")) {
                continue;
            }
            String id = SvgPaints.reference(written);
            SvgNode clip = id == null ? null : tree.byId.get(id);
            boolean isMask = property.equals("mask");
            if (clip == null || !clip.name.equals(isMask ? "mask" : "clipPath") || inUse.contains(clip)) {
                if (id == null) {
                    notes.add("A cut that is no shape of the drawing is left out.");
                }
                continue;
            }
            inUse.add(clip);
            clips = new ArrayList<>(clips);
            clips.add(clip(clip, node, own, isMask));
            inUse.remove(inUse.size() - 1);
        }
        return clips;
    }

    private Paint.Clip clip(SvgNode clip, SvgNode of, SvgAround own, boolean isMask) {
        Map<String, String> said = sheet.of(clip);
        AffineTransform to = new AffineTransform(own.to());
        String units = said.get(isMask ? "maskContentUnits" : "clipPathUnits");
        if ("objectBoundingBox".equals(units)) {
            Path2D outline =
                    SvgOutline.of(of, sheet.of(of), own.window(), own.style().fontSize());
            if (outline == null) {
                notes.add("A cut that is measured by a group is left out.");
                return new Paint.Clip(List.of(new Paint.Clip.Part(everything(), List.of(), true)));
            }
            Rectangle2D box = outline.getBounds2D();
            to.translate(box.getX(), box.getY());
            to.scale(box.getWidth(), box.getHeight());
        }
        to.concatenate(SvgTransform.read(said.get("transform")));
        SvgAround around = new SvgAround(to, SvgStyle.INITIAL.with(said), List.of(), List.of(), own.window());
        List<Paint.Clip> further = clips(clip, said, around);
        List<Paint.Clip.Part> parts = new ArrayList<>();
        boolean byAlpha = !isMask || "alpha".equals(said.get("mask-type"));
        clip.children.forEach(child -> clipParts(child, around, further, parts, isMask, byAlpha));
        return new Paint.Clip(parts);
    }

    private int everything() {
        return add(new Rectangle2D.Double(0, 0, widthMm, heightMm), new AffineTransform(), false);
    }

    private void clipParts(
            SvgNode node,
            SvgAround around,
            List<Paint.Clip> further,
            List<Paint.Clip.Part> parts,
            boolean isMask,
            boolean byAlpha) {
        Map<String, String> said = sheet.of(node);
        if (isHidden(said) || ++elements > MOST_DRAWN) {
            return;
        }
        AffineTransform to = new AffineTransform(around.to());
        to.concatenate(SvgTransform.read(said.get("transform")));
        SvgAround own = new SvgAround(to, around.style().with(said), List.of(), List.of(), around.window());
        if (node.name.equals("use")) {
            SvgNode used = node.reference() == null ? null : tree.byId.get(node.reference());
            if (used != null && !inUse.contains(used) && inUse.size() < MOST_USES) {
                to.translate(
                        SvgOutline.length(
                                said, "x", around.window()[0], own.style().fontSize(), 0),
                        SvgOutline.length(
                                said, "y", around.window()[1], own.style().fontSize(), 0));
                inUse.add(used);
                clipParts(used, own, further, parts, isMask, byAlpha);
                inUse.remove(inUse.size() - 1);
            }
            return;
        }
        if (node.name.equals("g")) {
            node.children.forEach(child -> clipParts(child, own, further, parts, isMask, byAlpha));
            return;
        }
        Path2D outline = SvgOutline.of(node, said, own.window(), own.style().fontSize());
        if (outline == null || !own.style().isVisible()) {
            return;
        }
        boolean shows = true;
        if (isMask) {
            SvgColour fill = inks.of(own.style().get("fill", "black"), own.style(), "fill-opacity");
            if (fill == null) {
                return;
            }
            double light = (0.2126 * fill.red() + 0.7152 * fill.green() + 0.0722 * fill.blue()) / 255;
            shows = (byAlpha ? 1 : light) * fill.alpha() >= 0.5;
        }
        List<Paint.Clip> cut = new ArrayList<>(further);
        cut.addAll(clips(node, said, own));
        parts.add(new Paint.Clip.Part(
                add(outline, to, own.style().isEvenOdd(isMask ? "fill-rule" : "clip-rule")), cut, shows));
    }
}
