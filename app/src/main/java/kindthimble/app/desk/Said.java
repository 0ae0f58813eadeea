package kindthimble.app.desk;

import java.time.LocalDateTime;
import java.time.format.DateTimeFormatter;
import java.util.ArrayList;
import java.util.LinkedHashSet;
import java.util.List;
import java.util.Locale;
import java.util.Map;
import java.util.Set;
import kindthimble.app.history.Edit;
import kindthimble.app.order.Kept;
import kindthimble.app.order.Orders;
import kindthimble.app.order.PaletteColour;
import kindthimble.core.catalogue.Catalogue;
import kindthimble.core.catalogue.Kind;
import kindthimble.core.cutter.CutterShape;
import kindthimble.core.move.Move;
import org.springframework.stereotype.Component;
import tools.jackson.databind.JsonNode;

/** Says in words what a step of an order's history changes, such as <i>12 of Kite, was 24</i>. */
@Component
class Said {
    private static final int LONGEST_TEXT = 40;
    private static final DateTimeFormatter WHEN = DateTimeFormatter.ofPattern("EEE d MMM uuuu, HH:mm", Locale.ENGLISH);

    private static final Map<String, String> OF_ORDER = Map.ofEntries(
            Map.entry("name", "the order's name"),
            Map.entry("client", "for"),
            Map.entry("handOver", "hand-over"),
            Map.entry("floodSeconds", "flood count"),
            Map.entry("recipe", "base"),
            Map.entry("filling", "filled by"),
            Map.entry("notes", "notes"),
            Map.entry("allergies", "allergies"),
            Map.entry("place", "handed over"),
            Map.entry("packing", "packed"),
            Map.entry("dough", "baked from"),
            Map.entry("rolledMm", "rolled"),
            Map.entry("fullness", "fullness of coats"),
            Map.entry("bareSpares", "bare spares of each"));

    private static final Map<String, String> OF_DESIGN = Map.ofEntries(
            Map.entry("marginMm", "edge margin"),
            Map.entry("spreadPercent", "bake-spread"),
            Map.entry("filling", "filled by"),
            Map.entry("withoutThoughts", "thoughts put away"),
            Map.entry("sizeMm", "size"),
            Map.entry("across", "measured by"),
            Map.entry("flipped", "upside-down"),
            Map.entry("hole", "hole"),
            Map.entry("joined", "second cutter"),
            Map.entry("diameterMm", "hole"),
            Map.entry("downMm", "down"));

    private final Orders orders;

    Said(Orders orders) {
        this.orders = orders;
    }

    /**
     * @param edits what is going to be done
     * @param order as it is before that, or after
     */
    String of(List<Edit> edits, Kept order) {
        String first = of(edits.get(0), order);
        Set<String> places = new LinkedHashSet<>();
        edits.forEach(edit -> places.add(edit.path()));
        return places.size() == 1 ? first : first + ", and what went with it";
    }

    /** Number of the design that edits show on; null where they don't show on one. */
    static Long design(List<Edit> edits) {
        return edits.stream()
                .map(Edit::parts)
                .filter(parts -> parts[0].equals("designs"))
                .map(parts -> Long.valueOf(parts[1]))
                .findFirst()
                .orElse(null);
    }

    private String of(Edit edit, Kept order) {
        String[] parts = edit.parts();
        return switch (parts[0]) {
            case "designs" -> ofDesign(edit, parts, order);
            case "tray" -> "the designs in another order";
            case "mixing" -> "how orders are mixed together";
            case "started" ->
                isNothing(edit.now())
                        ? "mixing has not started"
                        : isNothing(edit.was()) ? "mixing has started by the plan that was kept" : "what is mixed more";
            case "jars" -> isNothing(edit.now()) ? "the jar back on the shelf" : "the jar set aside for this order";
            default -> ofDetails(edit, parts, order);
        };
    }

    private String ofDesign(Edit edit, String[] parts, Kept order) {
        Kept.KeptDesign design = order.designs().stream()
                .filter(one -> one.id() == Long.parseLong(parts[1]))
                .findFirst()
                .orElseGet(() -> orders.removedDesign(order.id(), Long.parseLong(parts[1])));
        String name = design.document().name();
        if (parts[2].equals("removed")) {
            return name + (edit.now().asBoolean() ? " off the tray" : " on the tray again");
        }
        if (parts[2].equals("count")) {
            return "%s of %s, was %s".formatted(plain(edit.now()), name, plain(edit.was()));
        }
        if (parts.length < 4) {
            return name + " as it was drawn";
        }
        if (parts[3].equals("name")) {
            return "%s, was %s".formatted(plain(edit.now()), plain(edit.was()));
        }
        if (parts[3].equals("moves")) {
            return name + ": " + ofMoves(edit, parts, design);
        }
        String part = parts[parts.length - 1];
        if (part.equals("shape")) {
            return "%s: cutter %s, was %s"
                    .formatted(
                            name,
                            plain(edit.now().get("kind")),
                            plain(edit.was().get("kind")));
        }
        return name + ": " + change(OF_DESIGN.getOrDefault(part, wordOfCutter(part)), edit);
    }

    private static String ofMoves(Edit edit, String[] parts, Kept.KeptDesign design) {
        if (parts.length == 4) {
            return changed(
                    list(edit.was(), "move"),
                    list(edit.now(), "move"),
                    "on it again",
                    "taken off",
                    "its moves as they were");
        }
        int at = Integer.parseInt(parts[4]);
        if (parts.length == 5 || at >= design.document().moves().size()) {
            return isNothing(edit.now()) ? "a move taken off" : "a move on it again";
        }
        Move move = design.document().moves().get(at);
        String kind = Catalogue.word(move.getClass());
        String word = Catalogue.parametersOf(move.getClass()).stream()
                .filter(parameter -> parameter.name().equals(parts[5]))
                .map(Kind.Parameter::word)
                .findFirst()
                .orElse(parts[5]);
        return kind + ", " + change(word, edit);
    }

    private static String wordOfCutter(String part) {
        return Catalogue.of(CutterShape.class).stream()
                .flatMap(kind -> kind.parameters().stream())
                .filter(parameter -> parameter.name().equals(part))
                .map(Kind.Parameter::word)
                .findFirst()
                .orElse(part);
    }

    private static String ofDetails(Edit edit, String[] parts, Kept order) {
        if (parts.length < 2) {
            return "what is said of the order";
        }
        if (parts[1].equals("palette")) {
            return ofPalette(edit, parts, order);
        }
        if (parts[1].equals("extra")) {
            return ofExtra(edit, parts);
        }
        if (parts[1].equals("bundles")) {
            return "what is handed over as one";
        }
        if (parts[1].equals("notes")) {
            return "notes as they were";
        }
        if (parts[1].equals("clock")) {
            return "what is pinned or done on the clock";
        }
        return change(OF_ORDER.getOrDefault(parts[1], parts[1]), edit);
    }

    private static String ofExtra(Edit edit, String[] parts) {
        String part = parts.length > 2 ? parts[2] : "";
        return switch (part) {
            case "school" -> "extra by " + (plain(edit.now()).equals("RISK") ? "risk" : "a flat share");
            case "risk" ->
                "running short 1 in %.0f, was 1 in %.0f"
                        .formatted(1 / edit.now().asDouble(), 1 / edit.was().asDouble());
            default -> change("extra", edit);
        };
    }

    private static String ofPalette(Edit edit, String[] parts, Kept order) {
        if (parts.length == 2) {
            return changed(
                    list(edit.was(), "name"),
                    list(edit.now(), "name"),
                    "in the palette again",
                    "out of the palette",
                    "the palette as it was");
        }
        List<PaletteColour> palette = order.details().palette();
        int at = Integer.parseInt(parts[2]);
        String name = at < palette.size() ? palette.get(at).name() : "the colour";
        String part = parts.length > 3 ? parts[3] : "";
        return switch (part) {
            case "name" -> "%s, was %s".formatted(plain(edit.now()), plain(edit.was()));
            case "hex" -> "%s %s, was %s".formatted(name, plain(edit.now()), plain(edit.was()));
            case "apart" ->
                name + (edit.now() != null && edit.now().asBoolean() ? " must not run out" : " may run out");
            default -> name + " mixed another way";
        };
    }

    /** What was added to a list or taken out, by name. */
    private static String changed(
            List<String> before, List<String> after, String added, String removed, String otherwise) {
        List<String> more = new ArrayList<>(after);
        before.forEach(more::remove);
        List<String> fewer = new ArrayList<>(before);
        after.forEach(fewer::remove);
        if (!more.isEmpty() && fewer.isEmpty()) {
            return String.join(", ", more) + " " + added;
        }
        if (!fewer.isEmpty() && more.isEmpty()) {
            return String.join(", ", fewer) + " " + removed;
        }
        return otherwise;
    }

    private static List<String> list(JsonNode array, String by) {
        List<String> names = new ArrayList<>();
        if (array != null) {
            array.forEach(one -> names.add(plain(one.get(by))));
        }
        return names;
    }

    private static String change(String word, Edit edit) {
        return "%s %s, was %s".formatted(word, plain(edit.now()), plain(edit.was()));
    }

    private static boolean isNothing(JsonNode node) {
        return node == null || node.isNull();
    }

    /** A value as it is read: numbers without zeros at their end, dates in words, nothing as what is usual. */
    static String plain(JsonNode node) {
        if (isNothing(node) || node.isString() && node.asString().isBlank()) {
            return "as usual";
        }
        if (node.isNumber()) {
            double number = node.asDouble();
            return number == Math.rint(number)
                    ? Long.toString((long) number)
                    : Double.toString(Math.round(number * 1000) / 1000.0);
        }
        if (node.isBoolean()) {
            return node.asBoolean() ? "yes" : "no";
        }
        if (node.isContainer()) {
            return "another";
        }
        String text = node.asString();
        if (text.matches("\\d{4}-\\d\\d-\\d\\dT.*")) {
            return LocalDateTime.parse(text).format(WHEN);
        }
        if (text.matches("[A-Z]+(_[A-Z]+)+|[A-Z]{3,}")) {
            return text.toLowerCase(Locale.ROOT).replace('_', ' ');
        }
        return text.length() > LONGEST_TEXT ? text.substring(0, LONGEST_TEXT - 1) + "…" : text;
    }
}
