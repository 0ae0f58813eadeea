package kindthimble.app.shop;

import kindthimble.app.exchange.StoredJson;
import kindthimble.core.kitchen.ShopSettings;
import org.springframework.stereotype.Component;
import tools.jackson.databind.json.JsonMapper;
import tools.jackson.databind.node.ObjectNode;

/**
 * The shop's settings as they are stored: one document with its own format number. Of the figures only those are kept that are not the
 * house's, so that the others follow the house.
 */
@Component
class ShopJson {
    private static final int FORMAT = 1;

    private final JsonMapper json;

    /** It changes a few times a week, and is read for every change of an order. */
    private volatile Known known = new Known("", null);

    private record Known(String document, ShopSettings settings) {}

    ShopJson(StoredJson stored) {
        json = stored.mapper();
    }

    String written(ShopSettings settings) {
        ObjectNode document = json.createObjectNode().put("format", FORMAT);
        ObjectNode tree = json.valueToTree(settings);
        tree.set("habits", json.valueToTree(settings.habits().own()));
        document.set("settings", tree);
        return json.writeValueAsString(document);
    }

    ShopSettings read(String document) {
        Known last = known;
        if (!last.document().equals(document)) {
            last = new Known(document, json.treeToValue(json.readTree(document).get("settings"), ShopSettings.class));
            known = last;
        }
        return last.settings();
    }
}
