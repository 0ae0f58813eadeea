package kindthimble.app.plan;

import java.util.EnumMap;
import java.util.Locale;
import java.util.Map;
import kindthimble.app.exchange.StoredJson;
import kindthimble.core.habit.Habit;
import kindthimble.core.habit.Measured;
import kindthimble.core.words.Range;
import org.springframework.stereotype.Component;
import tools.jackson.databind.JsonNode;
import tools.jackson.databind.json.JsonMapper;
import tools.jackson.databind.node.ObjectNode;

/** Frozen plans as they are stored; those of earlier formats are brought up to today's. */
@Component
public class FrozenJson {
    private final JsonMapper json;

    FrozenJson(StoredJson stored) {
        json = stored.mapper();
    }

    public String written(Frozen frozen) {
        return json.writeValueAsString(frozen);
    }

    /**
     * @param order that it was stored for
     */
    public Frozen read(String stored, long order) {
        ObjectNode tree = (ObjectNode) json.readTree(stored);
        if (!tree.has("format")) {
            fromFormat1(tree, order);
        }
        if (tree.get("format").asInt() == 2) {
            fromFormat2(tree);
        }
        if (tree.get("format").asInt() == 3) {
            fromFormat3(tree);
        }
        return json.treeToValue(tree, Frozen.class);
    }

    /** Format 1 had one order's details and designs beside each other, and said of a jar only what it brought. */
    private void fromFormat1(ObjectNode tree, long order) {
        ObjectNode member = json.createObjectNode();
        member.put("id", order);
        member.set("details", tree.remove("details"));
        member.set("designs", tree.remove("designs"));
        tree.putArray("orders").add(member);
        JsonNode curve = tree.at("/recipe/curve");
        for (JsonNode bowl : tree.at("/pour/pour/bowls")) {
            for (JsonNode jar : bowl.path("fromJars")) {
                double water = 100
                        * jar.get("waterGrams").asDouble()
                        / jar.get("baseGrams").asDouble();
                ((ObjectNode) jar)
                        .put(
                                "countSeconds",
                                curve.get("ownCountSeconds").asDouble()
                                        * Math.exp(-curve.get("perGram").asDouble() * water));
            }
            for (JsonNode portion : bowl.path("portions")) {
                ((ObjectNode) portion)
                        .put("dipBowls", portion.path("vessel").asString().equals("DIP_BOWL") ? 1 : 0);
            }
        }
        tree.put("format", 2);
    }

    /** Format 2 had the shop's figures among its decisions, each by a name of its own. */
    private void fromFormat2(ObjectNode tree) {
        ObjectNode shop = (ObjectNode) tree.get("shop");
        Map<Habit, Measured> habits = new EnumMap<>(Habit.class);
        for (Habit habit : Habit.values()) {
            JsonNode figure = shop.remove(component(habit));
            if (figure != null) {
                habits.put(habit, new Measured(figure.asDouble(), habit.house().spread(), Measured.Source.SHOP));
            }
        }
        shop.set("habits", json.valueToTree(habits));
        tree.put("format", 3);
    }

    /** Format 3 had nothing that was mixed more. */
    private void fromFormat3(ObjectNode tree) {
        tree.putArray("additions");
        tree.put("format", Frozen.FORMAT);
    }

    /** MARGIN_MM was marginMm. */
    private static String component(Habit habit) {
        StringBuilder name = new StringBuilder();
        for (String word : habit.name().toLowerCase(Locale.ROOT).split("_")) {
            name.append(name.isEmpty() ? word : Range.capital(word));
        }
        return name.toString();
    }
}
