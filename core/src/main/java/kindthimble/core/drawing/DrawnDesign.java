package kindthimble.core.drawing;

import java.util.ArrayList;
import java.util.Arrays;
import java.util.Comparator;
import java.util.HashMap;
import java.util.LinkedHashMap;
import java.util.LinkedHashSet;
import java.util.List;
import java.util.Map;
import java.util.TreeMap;
import java.util.function.UnaryOperator;
import kindthimble.core.cutter.Cutter;
import kindthimble.core.cutter.OwnForm;
import kindthimble.core.design.Design;
import kindthimble.core.geometry.Across;
import kindthimble.core.geometry.Box;
import kindthimble.core.geometry.Region;
import kindthimble.core.geometry.Spot;
import kindthimble.core.habit.Habit;
import kindthimble.core.kitchen.Kitchen;
import kindthimble.core.move.Flood;
import kindthimble.core.move.Move;
import kindthimble.core.move.Outline;
import kindthimble.core.move.Outlines;
import kindthimble.core.words.Refused;

/**
 * Makes a design of a drawing: what is flooded becomes sections that meet as they were drawn, and reach under all that lies on them; what lies
 * on them becomes wet marks, raised lines and fills where they were drawn. From there on it is a design like any other.
 */
public final class DrawnDesign {
    /** The one division of a design that comes from a drawing. */
    public static final String KEY = "a";

    /** Two shapes are the same when they share so much of what both cover. */
    private static final double SAME = 0.7;

    /** A section that is narrower than two outlines is flooded without one. */
    private static final double LEAST_OUTLINED_MM = 1.2;

    private final Drawing drawing;
    private final Wish wish;
    private final UnaryOperator<String> colours;
    private final Kitchen kitchen;

    /**
     * What she wants of a drawing.
     *
     * @param name what the design is called
     * @param edge what it is cut with
     * @param marginMm of a silhouette: how much wider the cutter is
     * @param cutter of {@link CutBy#CUTTER}: which; null otherwise
     * @param taken what she wants of single shapes, by their id; of others what was proposed
     */
    public record Wish(String name, CutBy edge, double marginMm, Cutter cutter, Map<String, Taken> taken) {}

    /**
     * @param becomes what it is to be
     * @param colour key of the order's colour that it is made with; null for the one that looks like it
     */
    public record Taken(Becomes becomes, String colour) {}

    private DrawnDesign(Drawing drawing, Wish wish, UnaryOperator<String> colours, Kitchen kitchen) {
        this.drawing = drawing;
        this.wish = wish;
        this.colours = colours;
        this.kitchen = kitchen;
    }

    /**
     * @param colours key of the order's colour for each of the drawing's, given as # and six digits
     * @throws Refused when nothing is left to be iced
     */
    public static Design of(Drawing drawing, Wish wish, UnaryOperator<String> colours, Kitchen kitchen) {
        return new DrawnDesign(drawing, wish, colours, kitchen).made(null);
    }

    /**
     * Puts a drawing, read again, in the place of the one that a design was made of: sections whose shape is the same keep their name and all that
     * was done to them, others are added at the end. Her other moves stay.
     */
    public static Design again(
            Drawing drawing, Wish wish, UnaryOperator<String> colours, Kitchen kitchen, Design before) {
        return new DrawnDesign(drawing, wish, colours, kitchen).made(before);
    }

    private Design made(Design before) {
        Region outline = CutOutline.of(drawing, this::becomes, wish.edge, wish.marginMm, wish.cutter);
        Box box = outline.box();
        Cutter cutter = wish.edge == CutBy.CUTTER
                ? wish.cutter
                : new Cutter(new OwnForm.Drawn(CutOutline.path(outline)), Across.WIDTH, hundredths(box.widthMm()));
        double spread = 1 + kitchen.mean(Habit.SPREAD_PERCENT) / 100;
        Double margin = wish.edge == CutBy.SILHOUETTE ? Double.valueOf(hundredths(wish.marginMm * spread)) : null;
        List<Section> sections = sections();
        if (sections.isEmpty()) {
            throw new Refused("taken", "Nothing of this drawing is flooded. Let at least one shape be a section.");
        }
        Spot middle = outline.middle();
        Region baked = cutter.baked(kitchen.mean(Habit.SPREAD_PERCENT));
        Region iced = baked.inset(margin == null ? kitchen.mean(Habit.MARGIN_MM) : margin);
        if (before != null) {
            return again(before, cutter, margin, sections, middle, box.widthMm(), laid(sections, iced, middle, spread));
        }
        Map<Section, String> names = new HashMap<>();
        List<String> outlines = new ArrayList<>();
        for (Section section : sections) {
            outlines.add(section.region.moved(-middle.x(), -middle.y()).cornerData());
            names.put(section, KEY + outlines.size());
        }
        List<Move> moves = new ArrayList<>();
        moves.add(new Outlines(KEY, null, String.join("|", outlines), hundredths(box.widthMm())));
        moves.addAll(coats(sections, names, laid(sections, iced, middle, spread)));
        Map<Integer, String> hosts = new HashMap<>();
        names.forEach((section, name) -> section.under.forEach(part -> hosts.put(part, name)));
        moves.addAll(new DrawnMarks(drawing, this::becomes, this::colour, hosts, kitchen).moves(middle, spread, iced));
        return new Design(Design.FORMAT, wish.name, cutter, null, margin, moves);
    }

    /** The sections as they lie on the cookie: what is left of them inside the edge margin. */
    private static Map<Section, Region> laid(List<Section> sections, Region iced, Spot middle, double spread) {
        Map<Section, Region> laid = new HashMap<>();
        sections.forEach(section -> laid.put(
                section,
                section.region
                        .moved(-middle.x(), -middle.y())
                        .scaled(spread)
                        .intersection(iced)
                        .withoutHairs()));
        return laid;
    }

    private Becomes becomes(Drawing.Part part) {
        Taken taken = wish.taken.get(part.id());
        return taken == null || taken.becomes == null ? part.becomes() : taken.becomes;
    }

    private String colour(Drawing.Part part) {
        Taken taken = wish.taken.get(part.id());
        return taken == null || taken.colour == null ? colours.apply(part.hex()) : taken.colour;
    }

    /** A section: its shape with all that lies on it, and which parts that are. */
    private static final class Section {
        private final String colour;
        private Region region;
        private final List<Integer> under = new ArrayList<>();

        Section(String colour, Region region, int part) {
            this.colour = colour;
            this.region = region;
            under.add(part);
        }
    }

    /** Sections with all that lies on them: a mark belongs to the section that it borders on longest, smaller ones first. */
    private List<Section> sections() {
        List<Drawing.Part> parts = drawing.parts();
        // Unless a stroke is a section itself, sections reach as far as they do without any.
        boolean onlyMarksLieOn = parts.stream().noneMatch(part -> part.line() >= 0 && becomes(part) == Becomes.SECTION);
        List<Integer> lines = new ArrayList<>();
        Map<Integer, Section> of = new TreeMap<>();
        List<Integer> marks = new ArrayList<>();
        for (int i = 0; i < parts.size(); i++) {
            if (becomes(parts.get(i)) == Becomes.SECTION) {
                Section section = onlyMarksLieOn ? under(i, of) : null;
                if (section == null) {
                    section = new Section(
                            colour(parts.get(i)),
                            onlyMarksLieOn
                                    ? drawing.beneath().get(i)
                                    : parts.get(i).region(),
                            i);
                } else {
                    section.under.add(i);
                }
                of.put(i, section);
            } else if (onlyMarksLieOn && parts.get(i).line() >= 0) {
                lines.add(i);
            } else if (becomes(parts.get(i)) != Becomes.LEFT_OUT || !isAtTheEdge(parts.get(i))) {
                marks.add(i);
            }
        }
        List<Section> sections = new ArrayList<>(new LinkedHashSet<>(of.values()));
        boolean goesOn = true;
        while (goesOn) {
            goesOn = false;
            for (int i : List.copyOf(marks)) {
                goesOn |= lies(host(parts.get(i), of), i, of, marks);
            }
        }
        // What only strokes border on lies on what is all round them.
        List.copyOf(marks).forEach(i -> lies(around(parts.get(i), sections), i, of, marks));
        for (Section section : sections) {
            List<Region> marked = new ArrayList<>(List.of(section.region));
            section.under.stream()
                    .filter(i -> becomes(parts.get(i)) != Becomes.SECTION)
                    .forEach(i -> marked.add(
                            onlyMarksLieOn
                                    ? drawing.beneath().get(i)
                                    : parts.get(i).region()));
            section.region = Region.union(marked);
        }
        for (int i : lines) {
            Section host = host(parts.get(i), of);
            if (host != null) {
                host.under.add(i);
            }
        }
        return sections;
    }

    /** The section of which a part is only another piece, divided by strokes on top; null for none. */
    private Section under(int part, Map<Integer, Section> of) {
        Region beneath = drawing.beneath().get(part);
        String colour = colour(drawing.parts().get(part));
        return of.values().stream()
                .filter(section -> section.region == beneath && section.colour.equals(colour))
                .findFirst()
                .orElse(null);
    }

    /** What is left out beside the cookie is no part of it; what is left out inside lies on what is there. */
    private boolean isAtTheEdge(Drawing.Part part) {
        double inside = part.beside().values().stream().mapToDouble(mm -> mm).sum();
        return inside < part.perimeterMm() * 0.98;
    }

    private static boolean lies(Section host, int mark, Map<Integer, Section> of, List<Integer> marks) {
        if (host == null) {
            return false;
        }
        host.under.add(mark);
        of.put(mark, host);
        marks.remove(Integer.valueOf(mark));
        return true;
    }

    /** The smallest section that goes all round a part; null for none. */
    private static Section around(Drawing.Part part, List<Section> sections) {
        Spot inside = part.region().inside();
        return sections.stream()
                .filter(section -> section.region.withoutHoles().covers(inside.x(), inside.y()))
                .min(Comparator.comparingDouble(section -> section.region.areaMm2()))
                .orElse(null);
    }

    private Section host(Drawing.Part part, Map<Integer, Section> of) {
        Map<Section, Double> lengths = new LinkedHashMap<>();
        part.beside().forEach((other, mm) -> {
            Section section = of.get(other);
            if (section != null) {
                lengths.merge(section, mm, Double::sum);
            }
        });
        return lengths.entrySet().stream()
                .max(Map.Entry.comparingByValue())
                .map(Map.Entry::getKey)
                .orElse(null);
    }

    /** An outline and a flood for each colour, the largest first. */
    private static List<Move> coats(List<Section> sections, Map<Section, String> names, Map<Section, Region> laid) {
        Map<String, Double> areas = new LinkedHashMap<>();
        sections.forEach(section -> areas.merge(section.colour, section.region.areaMm2(), Double::sum));
        List<Move> moves = new ArrayList<>();
        areas.entrySet().stream()
                .sorted(Comparator.comparingDouble((Map.Entry<String, Double> one) -> -one.getValue()))
                .forEach(one -> {
                    List<Section> own = sections.stream()
                            .filter(section -> section.colour.equals(one.getKey())
                                    && !laid.get(section).isEmpty())
                            .toList();
                    if (own.isEmpty()) {
                        return;
                    }
                    List<String> outlined = own.stream()
                            .filter(section -> laid.get(section).roughRadiusMm() > LEAST_OUTLINED_MM)
                            .map(names::get)
                            .toList();
                    if (!outlined.isEmpty()) {
                        moves.add(new Outline(one.getKey(), null, null, null, null, String.join(" ", outlined)));
                    }
                    String on = String.join(" ", own.stream().map(names::get).toList());
                    moves.add(new Flood(one.getKey(), null, null, null, on, null));
                });
        return moves;
    }

    private Design again(
            Design before,
            Cutter cutter,
            Double margin,
            List<Section> sections,
            Spot middle,
            double acrossMm,
            Map<Section, Region> laid) {
        int at = -1;
        for (int i = 0; i < before.moves().size(); i++) {
            if (before.moves().get(i) instanceof Outlines) {
                at = i;
                break;
            }
        }
        if (at < 0) {
            throw new Refused("before", "This design was not made of a drawing. Make a new one of it.");
        }
        Outlines old = (Outlines) before.moves().get(at);
        List<Region> oldShapes = old.shapes();
        String[] outlines = new String[oldShapes.size()];
        Arrays.fill(outlines, "");
        List<String> all = new ArrayList<>();
        List<Section> added = new ArrayList<>();
        for (Section section : sections) {
            Region region = section.region.moved(-middle.x(), -middle.y());
            int same = -1;
            for (int i = 0; i < oldShapes.size() && same < 0; i++) {
                same = outlines[i].isEmpty() && isSame(region, oldShapes.get(i)) ? i : -1;
            }
            if (same < 0) {
                added.add(section);
            } else {
                outlines[same] = region.cornerData();
            }
        }
        all.addAll(List.of(outlines));
        Map<Section, String> names = new HashMap<>();
        for (Section section : added) {
            all.add(section.region.moved(-middle.x(), -middle.y()).cornerData());
            names.put(section, old.key() + all.size());
        }
        List<Move> moves = new ArrayList<>(before.moves());
        moves.set(at, new Outlines(old.key(), old.of(), String.join("|", all), hundredths(acrossMm)));
        List<String> gone = new ArrayList<>();
        for (int i = 0; i < outlines.length; i++) {
            if (outlines[i].isEmpty() && !oldShapes.get(i).isEmpty()) {
                gone.add(old.key() + (i + 1));
            }
        }
        List<Move> kept =
                Renaming.without(moves, gone, old.key() + (oldShapes.size() + 1), old.key() + (all.size() + 1));
        kept.addAll(coats(added, names, laid));
        return new Design(
                before.format(),
                before.name(),
                cutter,
                before.spreadPercent(),
                margin == null ? before.marginMm() : margin,
                before.filling(),
                before.withoutThoughts(),
                kept);
    }

    private static boolean isSame(Region one, Region other) {
        if (other.isEmpty()) {
            return false;
        }
        double both = one.intersection(other).areaMm2();
        return both > SAME * (one.areaMm2() + other.areaMm2() - both);
    }

    static double hundredths(double mm) {
        return Math.rint(mm * 100) / 100;
    }
}
