package kindthimble.app.desk;

import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.regex.Matcher;
import java.util.regex.Pattern;
import java.util.stream.Collectors;
import kindthimble.app.history.Edit;
import kindthimble.app.history.History;
import kindthimble.app.history.KnownPatches;
import kindthimble.app.history.Patch;
import kindthimble.app.history.Steps;
import kindthimble.app.history.Tree;
import kindthimble.app.http.Unreadable;
import kindthimble.app.live.ShopRevision;
import kindthimble.app.notebook.NotebookService;
import kindthimble.app.recipe.RecipeService;
import kindthimble.app.shelf.ShelfService;
import kindthimble.app.shop.ShopService;
import kindthimble.app.tint.GelService;
import kindthimble.core.habit.Measured;
import kindthimble.core.icing.BaseRecipe;
import kindthimble.core.kitchen.ShopSettings;
import kindthimble.core.words.Refused;
import org.springframework.stereotype.Service;
import org.springframework.transaction.annotation.Transactional;
import tools.jackson.core.JacksonException;
import tools.jackson.databind.JsonNode;
import tools.jackson.databind.json.JsonMapper;
import tools.jackson.databind.node.ObjectNode;

/** What belongs to the shop and to no order, with its history: settings, base recipes, bottles of gel, what is on the shelf. */
@Service
@Transactional
public class ShopDesk {
    private static final Pattern MEAN = Pattern.compile("(/settings/habits/[^/]+)/mean");

    private final ShopService shop;
    private final RecipeService recipes;
    private final GelService gels;
    private final ShelfService shelf;
    private final ShopRevision revision;
    private final History history;
    private final KnownPatches patches;
    private final SaidOfShop said;
    private final NotebookService notebook;
    private final JsonMapper json;

    ShopDesk(
            ShopService shop,
            RecipeService recipes,
            GelService gels,
            ShelfService shelf,
            ShopRevision revision,
            History history,
            KnownPatches patches,
            SaidOfShop said,
            NotebookService notebook,
            JsonMapper json) {
        this.shop = shop;
        this.recipes = recipes;
        this.gels = gels;
        this.shelf = shelf;
        this.revision = revision;
        this.history = history;
        this.patches = patches;
        this.said = said;
        this.notebook = notebook;
        this.json = json;
    }

    /**
     * The shop, all of one revision.
     *
     * @param revision to be sent back with a change
     * @param settings its figures, schools, words and tips
     * @param recipes its base recipes by key, the house's first
     * @param gels its bottles by key
     * @param stock what is on the shelf by name: grams, pieces
     * @param steps what undo and redo would do
     */
    public record ShopView(
            long revision,
            ShopSettings settings,
            Map<String, BaseRecipe> recipes,
            Map<String, GelService.Bottle> gels,
            Map<String, Double> stock,
            Steps steps) {}

    /**
     * What undo or redo has done.
     *
     * @param sentence that says so
     * @param path of the first place that changed
     * @param shop as it is now
     */
    record ShopUndone(String sentence, String path, ShopView shop) {}

    @Transactional(readOnly = true)
    public ShopView view() {
        return new ShopView(
                revision.now(),
                shop.own().with(shop.settings().habits()),
                byKey(),
                gels.bottles(),
                shelf.known(),
                new Steps(words(history.toUndo(null)), words(history.toRedo(null))));
    }

    private String words(Optional<List<Edit>> edits) {
        return edits.map(said::of).orElse(null);
    }

    /**
     * Stores what a page has changed, place by place.
     *
     * @throws Refused naming the place that is wrong; nothing is stored then
     */
    ShopView change(Patch patch) {
        patch.check();
        if (!patches.isNew(patch)) {
            return view();
        }
        revision.needFresh(patch.revision());
        Open open = new Open();
        patch.edits().forEach(edit -> open.put(edit.path(), edit.now()));
        history.keep(null, patch.gesture(), open.store());
        return view();
    }

    ShopUndone undo() {
        return done("undone: ", history.undo(null));
    }

    ShopUndone redo() {
        return done("done again: ", history.redo(null));
    }

    private ShopUndone done(String what, List<Edit> edits) {
        String sentence = said.of(edits);
        Open open = new Open();
        for (Edit edit : edits) {
            String[] parts = edit.parts();
            if (notebook.has(parts)) {
                open.store();
                notebook.put(parts, edit.now());
                open = new Open();
            } else if (parts[parts.length - 1].equals("removed")) {
                open.store();
                setRemoved(parts, edit.now().asBoolean());
                open = new Open();
            } else {
                open.put(edit.path(), edit.now());
            }
        }
        open.store();
        return new ShopUndone(what + sentence, edits.get(0).path(), view());
    }

    private void setRemoved(String[] parts, boolean removed) {
        switch (parts[0]) {
            case "gels" -> gels.setRemoved(parts[1], removed);
            case "jars" -> shelf.setRemoved(Long.parseLong(parts[1]), removed);
            case "swatches" -> gels.setOut(parts[1], Long.parseLong(parts[2]), removed);
            default -> throw new Refused("", "This can't be taken back.");
        }
    }

    private Map<String, BaseRecipe> byKey() {
        return recipes.all().stream()
                .collect(Collectors.toMap(BaseRecipe::key, recipe -> recipe, (a, b) -> a, LinkedHashMap::new));
    }

    /** The shop while it is being changed, as one tree. */
    private final class Open {
        private final Tree tree;

        Open() {
            ObjectNode root = json.createObjectNode();
            root.set("settings", json.valueToTree(shop.own()));
            root.set("recipes", json.valueToTree(byKey()));
            root.set("gels", json.valueToTree(gels.bottles()));
            root.set("stock", json.valueToTree(shelf.known()));
            tree = new Tree(root);
        }

        void put(String path, JsonNode now) {
            Matcher mean = MEAN.matcher(path);
            JsonNode figure = mean.matches() ? tree.root().at(mean.group(1)) : null;
            if (figure instanceof ObjectNode before) {
                // A figure of the shop's own is that as a whole: taken back, it is the house's again.
                ObjectNode own = before.deepCopy();
                own.set("mean", now);
                own.put("source", Measured.Source.SHOP.name());
                tree.put(mean.group(1), own);
            } else {
                tree.put(path, now);
            }
        }

        List<Edit> store() {
            tree.edits().stream()
                    .map(edit -> edit.parts()[0] + "/" + (edit.parts().length > 1 ? edit.parts()[1] : ""))
                    .map(place -> place.startsWith("settings/") ? "settings/" : place)
                    .distinct()
                    .forEach(this::store);
            return tree.edits();
        }

        private void store(String place) {
            String key = place.substring(place.indexOf('/') + 1);
            JsonNode node = tree.root().path(place.substring(0, place.indexOf('/')));
            if (!node.isObject()) {
                throw new Refused(place.substring(0, place.indexOf('/')), "This can be changed, and not taken away.");
            }
            switch (place.substring(0, place.indexOf('/'))) {
                case "settings" -> shop.save(read(node, ShopSettings.class, "settings"));
                case "recipes" -> storeRecipe(key, node.get(key));
                case "gels" -> {
                    String at = "gels." + key;
                    within(at, () -> gels.change(key, read(node.get(key), GelService.Bottle.class, at)));
                }
                case "stock" -> storeStock(key, node.get(key));
                default -> throw new Refused("edits", "There is nothing of the shop that is called so.");
            }
        }

        private void storeRecipe(String key, JsonNode node) {
            if (node == null || node.isNull()) {
                recipes.putAway(key);
                return;
            }
            String at = "recipes." + key;
            within(at, () -> {
                recipes.recipe(key);
                recipes.put(key, read(node, RecipeService.RecipeDraft.class, at));
            });
        }

        private void storeStock(String name, JsonNode amount) {
            if (amount == null || !amount.isNumber()) {
                throw new Refused("stock." + name, "Write how much there is, as a number.");
            }
            try {
                shelf.setStock(name, amount.asDouble());
            } catch (Refused refused) {
                throw new Refused("stock." + name, refused.getMessage());
            }
        }

        private static void within(String at, Runnable store) {
            try {
                store.run();
            } catch (Refused refused) {
                throw refused.field().startsWith(at) ? refused : refused.inside(at);
            }
        }

        private <T> T read(JsonNode node, Class<T> type, String at) {
            if (node == null || node.isNull()) {
                throw new Refused(at, "This can be changed, and not taken away.");
            }
            try {
                return json.treeToValue(node, type);
            } catch (JacksonException e) {
                throw Unreadable.refused(e).inside(at);
            }
        }
    }
}
