package kindthimble.core.move;

import static org.junit.jupiter.api.Assertions.assertEquals;
import static org.junit.jupiter.api.Assertions.assertNotEquals;
import static org.junit.jupiter.api.Assertions.assertNull;
import static org.junit.jupiter.api.Assertions.assertTrue;

import java.lang.reflect.RecordComponent;
import java.util.ArrayList;
import java.util.HashMap;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import kindthimble.core.catalogue.Amount;
import kindthimble.core.catalogue.Catalogue;
import kindthimble.core.catalogue.Choice;
import kindthimble.core.catalogue.Laying;
import kindthimble.core.catalogue.Text;
import kindthimble.core.colour.Palette;
import kindthimble.core.cutter.BasicForm;
import kindthimble.core.cutter.Cutter;
import kindthimble.core.cutter.SmallForm;
import kindthimble.core.design.Cookie;
import kindthimble.core.design.Design;
import kindthimble.core.design.Measuring;
import kindthimble.core.geometry.Across;
import kindthimble.core.habit.Habits;
import kindthimble.core.kitchen.ShopSettings;
import kindthimble.core.placing.Laid;
import kindthimble.core.placing.Place;
import kindthimble.core.placing.Where;
import kindthimble.core.testing.Kitchens;
import kindthimble.core.testing.Moves;
import kindthimble.core.words.Range;
import kindthimble.core.words.Refused;
import org.junit.jupiter.api.Test;

/**
 * Over the whole catalogue of moves: what is left out is what the catalogue calls usual, and each parameter changes something that can be
 * seen or weighed (grams, length, seconds, gate, or picture).
 */
class EveryMoveTest {
    private static final Measuring MEASURING = new Measuring(Kitchens.of(ShopSettings.house(), 15, Palette.UNKNOWN));
    private static final String PATH = "M-12 -8L10 -6L4 11Z";

    /** What a parameter needs beside it before it can mean anything, by move and parameter. */
    private static final Map<String, Map<String, String>> WITH = new LinkedHashMap<>();

    private static void with(String move, String parameter, String... beside) {
        Map<String, String> values = new LinkedHashMap<>();
        for (int i = 0; i < beside.length; i += 2) {
            values.put(beside[i], beside[i + 1]);
        }
        WITH.put(move + "." + parameter, values);
    }

    static {
        for (String of : List.of("text", "heightMm")) {
            with("marker", of, "drawn", "WRITING");
        }
        for (String of : List.of("pieces", "form", "tiltDegrees", "path")) {
            with("marker", of, "drawn", "LINES");
        }
        with("wet line", "dragged", "drags", "3");
        with("seam", "minutes", "seam", "CREASE");
        with("second flood", "sizeMm", "form", "HEART");
        with("dip", "secondPercent", "second", "navy");
        with("transfer", "secondGoes", "second", "navy");
        for (String of : List.of("paint", "airbrush", "stencil")) {
            with(of, "form", "where", "MIDDLE");
            with(of, "path", "where", "MIDDLE");
            with(of, "sizeMm", "where", "MIDDLE");
            with(of, "pieces", "where", "RING");
        }
        with("raised lines", "lengthMm", "where", "RING");
        with("airbrush", "masked", "where", "MIDDLE");
        with("paint", "tiltDegrees", "stripes", "3");
        with("flood", "secondPercent", "second", "navy");
        with("spatula coat", "sheet", "surface", "PRESSED");
        with("needle", "tiltDegrees", "dragged", "FEATHERED");
        for (String of : List.of("gapMm", "each", "turns")) {
            with("letters", of, "text", "HI");
            with("second flood", of, "text", "HI");
            with("raised fill", of, "text", "HI");
        }
    }

    private static Object value(Class<?> type, String text) {
        if (text == null || text.isEmpty()) {
            return null;
        }
        if (type.isEnum()) {
            for (Object constant : type.getEnumConstants()) {
                if (constant.toString().equals(text)) {
                    return constant;
                }
            }
            throw new IllegalArgumentException(text + " is none of " + type);
        }
        if (type == Where.class) {
            return Where.of(Laid.valueOf(text));
        }
        if (type == int.class || type == Integer.class) {
            return (int) Math.round(Double.parseDouble(text));
        }
        return type == double.class || type == Double.class ? (Object) Double.valueOf(text) : text;
    }

    /** A move with only what it must have. */
    private static Move plain(Class<?> record) {
        RecordComponent[] components = record.getRecordComponents();
        Object[] values = new Object[components.length];
        Class<?>[] types = new Class<?>[components.length];
        for (int i = 0; i < components.length; i++) {
            types[i] = components[i].getType();
            Amount amount = components[i].getAnnotation(Amount.class);
            Choice choice = components[i].getAnnotation(Choice.class);
            if (types[i].isPrimitive()) {
                values[i] = value(types[i], Range.plain(amount.usual()));
            } else if (choice != null
                    && choice.from() == Choice.From.PALETTE
                    && choice.otherwise().isEmpty()) {
                values[i] = "poppy";
            }
        }
        try {
            return (Move) record.getDeclaredConstructor(types).newInstance(values);
        } catch (ReflectiveOperationException e) {
            throw new IllegalStateException(e);
        }
    }

    /** Of moves that many of these tests look at. */
    private static final Map<Move, String> MEASURED = new HashMap<>();

    /** All that can be seen or weighed of a cookie with this move on it. */
    private static String measured(Move move) {
        String known = MEASURED.get(move);
        if (known == null) {
            known = measuredAnew(move);
            MEASURED.put(move, known);
        }
        return known;
    }

    private static String measuredAnew(Move move) {
        List<Move> moves = new ArrayList<>();
        if (move instanceof Division) {
            if (Catalogue.read(move, "of") != null) {
                moves.add(new Division.Bands("s", null, 2, null));
            }
            moves.add(move);
            String key = (String) Catalogue.read(move, "key");
            moves.add(new Flood("white", null, null, null, key == null ? "a1" : key + "1", null));
        } else {
            moves.add(new Division.Bands("s", null, 2, null));
            if (move instanceof Coating) {
                moves.add(move);
                moves.add(new Flood("navy", null, null, null, null, null));
            } else {
                moves.add(new Outline("navy", null, null, null, null, "s2"));
                moves.add(new Flood("white", null, null, null, null, null));
                moves.add(Moves.dots("rose", 3, 3));
                moves.add(Moves.dots("mist", 4, 5));
                if (move instanceof Blend) {
                    moves.add(new Edge(Seam.FLOW, null, null));
                }
                moves.add(move);
            }
        }
        Cookie cookie = MEASURING.measure(new Design(
                Design.FORMAT, "any", new Cutter(new BasicForm.Round(), Across.WIDTH, 90), null, null, moves));
        StringBuilder all = new StringBuilder();
        cookie.marks()
                .forEach(on -> all.append(on.pass())
                        .append(on.mark().icing())
                        .append(Math.round(on.mark().volumeMm3() * 1e6))
                        .append(' ')
                        .append(Math.round(on.mark().lengthMm() * 1e6))
                        .append(' ')
                        .append(Math.round(on.mark().handSeconds(Habits.HOUSE) * 1e6))
                        .append(on.mark().gate())
                        .append(on.mark().stage())
                        .append(on.mark().ahead())
                        .append(on.mark().supplies()));
        cookie.layers().forEach(layer -> all.append(layer));
        cookie.sections().forEach(section -> all.append(section.name()));
        all.append(cookie.passes());
        return all.toString();
    }

    private static Move beside(Move move, String parameter) {
        Move changed = move;
        String key = Catalogue.word(move.getClass()) + "." + parameter;
        for (Map.Entry<String, String> one : WITH.getOrDefault(key, Map.of()).entrySet()) {
            changed = Catalogue.with(changed, one.getKey(), value(type(move, one.getKey()), one.getValue()));
        }
        return changed;
    }

    private static Class<?> type(Move move, String component) {
        for (RecordComponent one : move.getClass().getRecordComponents()) {
            if (one.getName().equals(component)) {
                return one.getType();
            }
        }
        throw new IllegalArgumentException(move + " has no " + component);
    }

    private static double usual(Amount amount) {
        return amount.habit().length == 0
                ? amount.usual()
                : amount.habit()[0].house().mean();
    }

    private static List<String> usualOf(RecordComponent component) {
        Amount amount = component.getAnnotation(Amount.class);
        Choice choice = component.getAnnotation(Choice.class);
        Text text = component.getAnnotation(Text.class);
        String usual = amount != null
                ? Double.isNaN(usual(amount)) ? "" : Range.plain(usual(amount))
                : choice != null ? choice.usual() : text != null ? text.usual() : "";
        return usual.isEmpty() ? List.of() : List.of(usual);
    }

    @Test
    void whatIsLeftOutIsTheUsual() {
        int checked = 0;
        for (Class<?> record : Catalogue.recordsOf(Move.class)) {
            Move move = plain(record);
            for (RecordComponent component : record.getRecordComponents()) {
                for (String usual : usualOf(component)) {
                    Move base = beside(move, component.getName());
                    Move said = Catalogue.with(base, component.getName(), value(component.getType(), usual));
                    assertEquals(
                            measured(base),
                            measured(said),
                            Catalogue.word(record) + "." + component.getName() + " = " + usual);
                    checked++;
                }
            }
        }
        assertTrue(checked > 60, "only " + checked);
    }

    @Test
    void eachParameterChangesSomething() {
        List<String> idle = new ArrayList<>();
        for (Class<?> record : Catalogue.recordsOf(Move.class)) {
            Move move = plain(record);
            for (RecordComponent component : record.getRecordComponents()) {
                List<String> others = others(component);
                Move base = beside(move, component.getName());
                String before = measured(base);
                boolean changes = others.isEmpty();
                for (String other : others) {
                    changes |= changes(base, component, other, before);
                }
                if (!changes) {
                    idle.add(Catalogue.word(record) + "." + component.getName());
                }
            }
        }
        assertEquals(List.of(), idle, "these change nothing");
    }

    /** Each way of placing that is offered puts the marks somewhere else, and what belongs to it moves them again. */
    @Test
    void eachWayOfPlacingPutsTheMarksElsewhere() {
        int checked = 0;
        for (Class<?> record : Catalogue.recordsOf(Move.class)) {
            for (RecordComponent component : record.getRecordComponents()) {
                Laying laying = component.getAnnotation(Laying.class);
                if (laying == null) {
                    continue;
                }
                Map<String, Laid> ways = new LinkedHashMap<>();
                for (String name : laying.from()) {
                    Laid laid = Laid.valueOf(name);
                    Where where = PLACED.getOrDefault(laid, Where.of(laid));
                    String seen = measured(Catalogue.with(several(record), "where", where));
                    Laid same = ways.put(seen, laid);
                    assertNull(same, () -> Catalogue.word(record) + ": " + laid + " is as " + same);
                    for (String used : laid.uses()) {
                        Where other = Catalogue.with(where, used, OTHER.get(used));
                        if (!component.getName().equals("where") || isOfMarks(record) || !used.equals("everyMm")) {
                            assertNotEquals(
                                    seen,
                                    measured(Catalogue.with(several(record), "where", other)),
                                    () -> Catalogue.word(record) + ", " + laid + ": " + used + " moves nothing");
                            checked++;
                        }
                    }
                }
            }
        }
        assertTrue(checked > 100, "only " + checked);
    }

    private static Move several(Class<?> record) {
        Move move = plain(record);
        if (move instanceof SecondFlood) {
            // Whole sections are where they are.
            return Catalogue.with(move, "form", SmallForm.HEART);
        }
        if (move instanceof Paint || move instanceof Airbrush || move instanceof Stencil) {
            // A disc can be turned without an end.
            return Catalogue.with(Catalogue.with(move, "form", SmallForm.HEART), "pieces", 5);
        }
        return Catalogue.has(move, "pieces") ? Catalogue.with(move, "pieces", 5) : move;
    }

    /** Lines follow a line without a number of marks on it. */
    private static boolean isOfMarks(Class<?> record) {
        return record != Line.class && record != Stitches.class && record != Ruffle.class;
    }

    private static final Map<Laid, Where> PLACED = Map.of(
            Laid.PLACES, Where.at(new Place(7, -9, 20.0)),
            Laid.PATH, Where.along("M4 2L18 12"),
            Laid.MARKS, Where.on("dot"));

    /** Other values of what belongs to a way of placing. */
    private static final Map<String, Object> OTHER = Map.of(
            "acrossMm", 11.0,
            "everyMm", 9.0,
            "fromPercent", 30.0,
            "toPercent", 60.0,
            "besideMm", 5.5,
            "path", "M-9 -3L2 8",
            "marks", "dot 1",
            "turnDegrees", 25.0,
            "mirrored", Where.Mirrored.BOTH_SIDES,
            "places", List.of(new Place(-6, 8, null), new Place(3, 3, null)));

    private static boolean changes(Move base, RecordComponent component, String other, String before) {
        try {
            return !measured(Catalogue.with(base, component.getName(), value(component.getType(), other)))
                    .equals(before);
        } catch (Refused refused) {
            return false;
        }
    }

    /** Other values than what stands there. */
    private static List<String> others(RecordComponent component) {
        Amount amount = component.getAnnotation(Amount.class);
        Choice choice = component.getAnnotation(Choice.class);
        if (amount != null) {
            double usual = Double.isNaN(usual(amount))
                    ? amount.least() + 0.1 * (amount.most() - amount.least())
                    : usual(amount);
            double more = Math.min(amount.most(), 1.2 * usual + 1);
            return List.of(Range.plain(more), Range.plain(Math.max(amount.least(), usual - 1)));
        }
        if (choice != null) {
            return switch (choice.from()) {
                case PALETTE -> List.of("coal");
                case TIPS -> List.of("5");
                case SECTIONS -> List.of("s2", "s1");
                case WORDS -> words(component.getType());
            };
        }
        if (component.isAnnotationPresent(Text.class)) {
            return switch (component.getName()) {
                case "path" -> List.of(PATH);
                case "shares" -> List.of("2 1 2");
                case "outlines" -> List.of("M-20-20H0V20H-20Z|M0-20H20V20H0Z");
                default -> List.of("M", "q");
            };
        }
        return List.of();
    }

    private static List<String> words(Class<?> type) {
        List<String> words = new ArrayList<>();
        for (Object constant : type.getEnumConstants()) {
            words.add(constant.toString());
        }
        return words;
    }
}
