package kindthimble.app.mixing;

import kindthimble.app.exchange.StoredJson;
import org.springframework.stereotype.Component;
import tools.jackson.databind.JsonNode;
import tools.jackson.databind.json.JsonMapper;
import tools.jackson.databind.node.ObjectNode;

/** Frozen plans as they are stored; those of earlier formats are brought up to today's. */
@Component
class FrozenJson {
    private final JsonMapper json;

    FrozenJson(StoredJson stored) {
        json = stored.mapper();
    }

    String written(Frozen frozen) {
        return json.writeValueAsString(frozen);
    }

    /**
     * @param order that it was stored for
     */
    Frozen read(String stored, long order) {
        ObjectNode tree = (ObjectNode) json.readTree(stored);
        if (!tree.has("format")) {
            fromFormat1(tree, order);
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
        tree.put("format", Frozen.FORMAT);
    }
}
