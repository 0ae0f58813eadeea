package kindthimble.app.desk;

import java.util.ArrayList;
import java.util.HashMap;
import java.util.LinkedHashMap;
import java.util.LinkedHashSet;
import java.util.List;
import java.util.Map;
import java.util.Set;
import java.util.stream.Collectors;
import java.util.stream.StreamSupport;
import kindthimble.app.cookie.CookieService;
import kindthimble.app.history.Edit;
import kindthimble.app.history.Patch;
import kindthimble.app.history.Tree;
import kindthimble.app.http.Unreadable;
import kindthimble.app.mixing.MixingChanges;
import kindthimble.app.order.Kept;
import kindthimble.app.order.MixedAs;
import kindthimble.app.order.OrderDetails;
import kindthimble.app.order.Orders;
import kindthimble.app.order.Together;
import kindthimble.app.plan.Planner;
import kindthimble.app.shelf.ShelfService;
import kindthimble.core.design.Design;
import kindthimble.core.kitchen.Kitchen;
import kindthimble.core.pour.Bundle;
import kindthimble.core.words.Refused;
import org.springframework.stereotype.Component;
import tools.jackson.core.JacksonException;
import tools.jackson.databind.JsonNode;
import tools.jackson.databind.json.JsonMapper;
import tools.jackson.databind.node.ObjectNode;

/**
 * Puts changes of an order in their places: what is said of it, its designs, its tray, and how it is mixed. Nothing is stored that can't
 * be measured.
 */
@Component
class OrderChanges {
    /** What is said of an order and changes no cookie. */
    private static final Set<String> QUIET = Set.of(
            "name",
            "client",
            "handOver",
            "extra",
            "notes",
            "allergies",
            "place",
            "packing",
            "rolledMm",
            "bareSpares",
            "clock",
            "bundles");

    private final Orders orders;
    private final Together together;
    private final Planner planner;
    private final CookieService cookies;
    private final MixingChanges mixing;
    private final ShelfService shelf;
    private final JsonMapper json;

    OrderChanges(
            Orders orders,
            Together together,
            Planner planner,
            CookieService cookies,
            MixingChanges mixing,
            ShelfService shelf,
            JsonMapper json) {
        this.orders = orders;
        this.together = together;
        this.planner = planner;
        this.cookies = cookies;
        this.mixing = mixing;
        this.shelf = shelf;
        this.json = json;
    }

    /**
     * What a page has changed of the details and the designs.
     *
     * @return place by place what stood there and stands there now, and what came of it
     * @throws Refused naming the place that is wrong; nothing is stored then
     */
    Done put(Kept order, List<Patch.Placed> wanted) {
        Open open = new Open(order);
        for (Patch.Placed edit : wanted) {
            open.put(edit.path(), edit.now());
        }
        List<Edit> edits = open.store();
        return new Done(edits, open.order);
    }

    /** What was changed, and the order as it is now. */
    record Done(List<Edit> edits, Kept order) {}

    /** What undo and redo change: any place. */
    void put(long id, List<Edit> edits) {
        Open open = new Open(orders.forChange(id));
        for (Edit edit : edits) {
            String[] parts = edit.path().split("/");
            if (isDocument(parts)) {
                open.put(edit.path(), edit.now());
            } else {
                open.store();
                set(id, parts, edit);
                open = new Open(orders.forChange(id));
            }
        }
        open.store();
    }

    private static boolean isDocument(String[] parts) {
        return parts[1].equals("details") || parts[1].equals("designs") && !parts[parts.length - 1].equals("removed");
    }

    private void set(long id, String[] parts, Edit edit) {
        switch (parts[1]) {
            case "designs" ->
                orders.setRemoved(id, Long.parseLong(parts[2]), edit.now().asBoolean());
            case "tray" ->
                orders.reorderDesigns(
                        id,
                        StreamSupport.stream(edit.now().spliterator(), false)
                                .map(JsonNode::asLong)
                                .toList());
            case "mixing" -> together.mixAs(Long.parseLong(parts[2]), json.treeToValue(edit.now(), MixedAs.class));
            case "started" -> mixing.putStarted(Long.parseLong(parts[2]), edit.now());
            case "jars" ->
                shelf.setOrder(
                        Long.parseLong(parts[2]),
                        edit.now() == null || edit.now().isNull()
                                ? null
                                : edit.now().asLong());
            default -> throw new Refused("", "This can't be taken back.");
        }
    }

    /** The designs that look different after such changes. */
    static List<Kept.KeptDesign> touched(Kept order, List<Edit> edits) {
        boolean all = false;
        Set<Long> some = new LinkedHashSet<>();
        for (Edit edit : edits) {
            String[] parts = edit.parts();
            if (parts[0].equals("designs")) {
                some.add(Long.parseLong(parts[1]));
            } else if (parts.length < 2 || !QUIET.contains(parts[1])) {
                all = true;
            }
        }
        boolean every = all;
        return order.designs().stream()
                .filter(design -> every || some.contains(design.id()))
                .toList();
    }

    /** An order while it is being changed: its details and those of its designs that are touched, as one tree. */
    private final class Open {
        private Kept order;
        private final Map<Long, Kept.KeptDesign> designs;
        private final Set<Long> opened = new LinkedHashSet<>();
        private final Tree tree = new Tree(json.createObjectNode());
        private boolean detailsOpened;

        Open(Kept order) {
            this.order = order;
            designs = order.designs().stream().collect(Collectors.toMap(Kept.KeptDesign::id, design -> design));
            tree.root().putObject("designs");
        }

        void put(String path, JsonNode now) {
            String[] parts = path.split("/");
            if (parts[1].equals("details")) {
                if (!detailsOpened) {
                    tree.root().set("details", json.valueToTree(order.details()));
                    detailsOpened = true;
                }
            } else if (parts.length > 3 && parts[1].equals("designs")) {
                open(parts[2]);
            } else {
                throw new Refused("edits", "Only details and designs are changed so: /details/… or /designs/7/….");
            }
            tree.put(path, now);
        }

        private void open(String number) {
            Kept.KeptDesign design = number.matches("\\d{1,18}") ? designs.get(Long.parseLong(number)) : null;
            if (design == null) {
                throw new Refused("designs." + number, "This design is not on the tray any more.");
            }
            if (opened.add(design.id())) {
                ObjectNode node = json.createObjectNode().put("count", design.count());
                node.set("document", json.valueToTree(design.document()));
                ((ObjectNode) tree.root().get("designs")).set(number, node);
            }
        }

        List<Edit> store() {
            if (tree.edits().isEmpty()) {
                return tree.edits();
            }
            OrderDetails details =
                    detailsOpened ? read(tree.root().get("details"), OrderDetails.class, "details") : order.details();
            if (tree.edits().stream().anyMatch(edit -> edit.path().startsWith("/details/bundles"))) {
                countsFollow(bundles(details));
            }
            List<Edit> edits = tree.edits();
            Map<Long, Kept.KeptDesign> changed = new LinkedHashMap<>();
            opened.forEach(id -> changed.put(id, design(id, details)));
            try {
                planner.recipe(details);
                if (!changed.isEmpty()) {
                    Kitchen kitchen = planner.kitchen(details);
                    changed.values().forEach(design -> measure(design, kitchen));
                }
                order = orders.change(order, details, changed);
                return named(edits, order);
            } catch (Refused refused) {
                throw refused.field().startsWith("designs") ? refused : refused.inside("details");
            }
        }

        /** Designs of which bundles take more or fewer now are made in other numbers, but for those whose number is said itself. */
        private void countsFollow(List<Bundle> bundles) {
            Map<String, Integer> took = Bundle.takes(order.details().tied());
            Map<String, Integer> takes = Bundle.takes(bundles);
            Set<String> said = tree.edits().stream().map(Edit::path).collect(Collectors.toSet());
            for (Kept.KeptDesign design : order.designs()) {
                String number = Long.toString(design.id());
                String place = "/designs/" + number + "/count";
                int made = Bundle.follows(design.count(), took.getOrDefault(number, 0), takes.getOrDefault(number, 0));
                if (made != design.count() && !said.contains(place)) {
                    put(place, json.valueToTree(made));
                }
            }
        }

        private List<Bundle> bundles(OrderDetails details) {
            try {
                return details.checked().tied();
            } catch (Refused refused) {
                throw refused.inside("details");
            }
        }

        private Kept.KeptDesign design(long id, OrderDetails details) {
            String at = "designs." + id;
            JsonNode node = tree.root().get("designs").get(Long.toString(id));
            Design document = read(node.get("document"), Design.class, at + ".document");
            JsonNode count = node.get("count");
            if (count == null || !count.isIntegralNumber() || !count.canConvertToInt()) {
                throw new Refused(at + ".count", "Write how many, as a whole number.");
            }
            try {
                Orders.check(details.palette() == null ? List.of() : details.palette(), count.asInt(), document);
            } catch (Refused refused) {
                throw refused.inside(at);
            }
            return new Kept.KeptDesign(id, count.asInt(), document);
        }

        private void measure(Kept.KeptDesign design, Kitchen kitchen) {
            try {
                cookies.measure(design.document(), kitchen);
            } catch (Refused refused) {
                throw refused.inside("designs." + design.id() + ".document");
            }
        }

        /** What is new in the palette has got its key by now: whoever does the change again finds it by that. */
        private List<Edit> named(List<Edit> edits, Kept stored) {
            if (edits.stream().noneMatch(edit -> edit.path().startsWith("/details/"))) {
                return edits;
            }
            JsonNode details = json.createObjectNode().set("details", json.valueToTree(stored.details()));
            Map<String, JsonNode> last = new HashMap<>();
            edits.forEach(edit -> last.put(edit.path(), edit.now()));
            List<Edit> named = new ArrayList<>();
            for (Edit edit : edits) {
                boolean isPalette =
                        edit.path().equals("/details/palette") || edit.path().matches("/details/palette/\\d+");
                JsonNode now = details.at(edit.path());
                named.add(
                        isPalette && !now.isMissingNode() && last.get(edit.path()) == edit.now()
                                ? new Edit(edit.path(), edit.was(), now)
                                : edit);
            }
            return named;
        }

        private <T> T read(JsonNode node, Class<T> type, String at) {
            if (node == null || node.isNull()) {
                throw new Refused(at, "This is missing.");
            }
            try {
                return json.treeToValue(node, type);
            } catch (JacksonException e) {
                throw Unreadable.refused(e).inside(at);
            }
        }
    }
}
