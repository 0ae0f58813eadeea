package kindthimble.app.everything;

import jakarta.persistence.EntityManager;
import java.nio.charset.StandardCharsets;
import java.util.ArrayList;
import java.util.Collection;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Locale;
import java.util.Map;
import java.util.Objects;
import java.util.UUID;
import java.util.stream.Collectors;
import java.util.stream.Stream;
import kindthimble.app.collection.LibraryService;
import kindthimble.app.collection.ShopCutter;
import kindthimble.app.collection.ShopCutterService;
import kindthimble.app.exchange.PaletteFiles;
import kindthimble.app.http.Unreadable;
import kindthimble.app.notebook.BoxedNotebook;
import kindthimble.app.notebook.NotebookExchange;
import kindthimble.app.order.OrderBox;
import kindthimble.app.recipe.RecipeService;
import kindthimble.app.shelf.ShelfService;
import kindthimble.app.shop.ShopService;
import kindthimble.app.tint.GelService;
import kindthimble.core.geometry.Across;
import kindthimble.core.icing.BaseRecipe;
import kindthimble.core.kitchen.ShopSettings;
import kindthimble.core.words.Refused;
import org.springframework.stereotype.Service;
import org.springframework.transaction.annotation.Transactional;
import tools.jackson.core.JacksonException;
import tools.jackson.core.type.TypeReference;
import tools.jackson.databind.JsonNode;
import tools.jackson.databind.json.JsonMapper;

/**
 * All that a shop has, as one archive of documented files, and back again into an empty or a used shop. {@code docs/everything-format.md}
 * describes the files.
 */
@Service
@Transactional
class Everything {
    static final int FORMAT = 1;
    private static final String ORDERS = "orders/";

    private final OrderBox orders;
    private final LibraryService library;
    private final ShopCutterService cutters;
    private final RecipeService recipes;
    private final GelService gels;
    private final ShelfService shelf;
    private final ShopService shop;
    private final NotebookExchange notebook;
    private final PaletteFiles palettes;
    private final JsonMapper json;
    private final EntityManager entities;

    Everything(
            OrderBox orders,
            LibraryService library,
            ShopCutterService cutters,
            RecipeService recipes,
            GelService gels,
            ShelfService shelf,
            ShopService shop,
            NotebookExchange notebook,
            PaletteFiles palettes,
            JsonMapper json,
            EntityManager entities) {
        this.orders = orders;
        this.library = library;
        this.cutters = cutters;
        this.recipes = recipes;
        this.gels = gels;
        this.shelf = shelf;
        this.shop = shop;
        this.notebook = notebook;
        this.palettes = palettes;
        this.json = json;
        this.entities = entities;
    }

    /** What the shelf holds: amounts by name, jars by identity, bottles in order. */
    record Shelf(Map<String, Double> stock, Map<UUID, ShelfService.Jar> jars, List<GelService.Boxed> gels) {
        Shelf {
            stock = stock == null ? Map.of() : stock;
            jars = jars == null ? Map.of() : jars;
            gels = gels == null ? List.of() : gels;
        }
    }

    /** What is done where the archive has something that is here as well, and another one. */
    enum Clashes {
        KEEP_HERE,
        TAKE_THERE,
        KEEP_BOTH
    }

    /** The archive's files by name. */
    @Transactional(readOnly = true)
    Map<String, byte[]> written() {
        Map<String, byte[]> files = new LinkedHashMap<>();
        files.put("README.txt", Words.README.getBytes(StandardCharsets.UTF_8));
        files.put("format.json", pretty(json.createObjectNode().put("format", FORMAT)));
        files.put("shop.json", pretty(json.readTree(shop.document(shop.own()))));
        files.put("recipes.json", pretty(recipes.own()));
        files.put("shelf.json", pretty(new Shelf(shelf.amounts(), shelf.boxed(), gels.boxed())));
        files.put("notebook.json", pretty(notebook.boxed()));
        files.put("library.json", pretty(library.boxed()));
        files.put("cutters.json", pretty(boxed()));
        List<OrderBox.Boxed> all = orders.all();
        for (OrderBox.Boxed order : all) {
            files.put(ORDERS + order.uid() + ".json", pretty(order));
            files.put(
                    "palettes/" + order.uid() + ".gpl",
                    palettes.gpl(new PaletteFiles.PaletteFile(
                                    order.details().name(),
                                    order.details().palette().stream()
                                            .map(colour -> new PaletteFiles.Named(colour.name(), colour.hex()))
                                            .toList()))
                            .getBytes(StandardCharsets.UTF_8));
        }
        files.put("orders.csv", OrdersTable.of(all).getBytes(StandardCharsets.UTF_8));
        return files;
    }

    /** The shop's own cutters, without what only counts here. */
    private List<BoxedCutter> boxed() {
        return cutters.all().stream()
                .map(one -> new BoxedCutter(one.uid(), one.name(), one.path(), one.across(), one.sizeMm(), one.tags()))
                .toList();
    }

    /** A cutter of the shop's as it goes from one shop to another. */
    record BoxedCutter(UUID uid, String name, String path, Across across, double sizeMm, List<String> tags) {
        BoxedCutter {
            tags = tags == null ? List.of() : List.copyOf(tags);
        }

        ShopCutter cutter(UUID as) {
            return new ShopCutter(0, as, name, path, across, sizeMm, tags, null, null);
        }
    }

    private byte[] pretty(Object value) {
        return json.writerWithDefaultPrettyPrinter().writeValueAsBytes(value);
    }

    /** What an archive would bring: stores nothing. */
    @Transactional(readOnly = true)
    Report look(Map<String, byte[]> files) {
        List<Report.Line> lines = new ArrayList<>();
        carried(files).forEach(one -> lines.add(new Report.Line(one.kind, one.name, one.state)));
        return new Report(lines);
    }

    /**
     * Brings in what is new, and of what clashes what is wanted; all of it or nothing.
     *
     * @throws Refused naming the file that is wrong
     */
    Report take(Map<String, byte[]> files, Clashes clashes) {
        List<Report.Line> lines = new ArrayList<>();
        List<Carried> all = carried(files);
        forgetWhatIsStored();
        for (Carried one : all) {
            boolean takes =
                    one.state == Report.State.NEW || one.state == Report.State.CLASH && clashes != Clashes.KEEP_HERE;
            if (takes) {
                within(one.file, () -> {
                    if (one.state == Report.State.CLASH && clashes == Clashes.KEEP_BOTH) {
                        if (one.beside != null) {
                            one.beside.run();
                        }
                    } else {
                        one.put.run();
                    }
                });
                forgetWhatIsStored();
            }
            lines.add(new Report.Line(one.kind, one.name, one.state));
        }
        return new Report(lines);
    }

    /** Each flush looks at all that is remembered: with hundreds of orders that would take minutes. */
    private void forgetWhatIsStored() {
        entities.flush();
        entities.clear();
    }

    private static void within(String file, Runnable put) {
        try {
            put.run();
        } catch (Refused refused) {
            throw refused.inside(file);
        }
    }

    /** One thing of the archive, how it stands to what is here, and what brings it in. */
    private record Carried(
            String file, Report.Kind kind, String name, Report.State state, Runnable put, Runnable beside) {}

    private List<Carried> carried(Map<String, byte[]> archive) {
        ArchivedJson files = new ArchivedJson(archive, json);
        if (!files.has("format.json")) {
            throw new Refused(
                    "", "This is not an archive of a shop: it has no format.json. Take one that was made here.");
        }
        if (files.tree("format.json").path("format").asInt(0) != FORMAT) {
            throw new Refused("format.json", "This archive is of another version than " + FORMAT + ".");
        }
        List<Carried> all = new ArrayList<>();
        settings(files, all);
        files.each("recipes.json", new TypeReference<List<RecipeService.RecipeDraft>>() {}, list -> recipes(list, all));
        Shelf there = files.read("shelf.json", new TypeReference<Shelf>() {});
        if (there != null) {
            shelf(there, all);
        }
        BoxedNotebook notes = files.read("notebook.json", new TypeReference<BoxedNotebook>() {});
        if (notes != null) {
            all.add(new Carried(
                    "notebook.json",
                    Report.Kind.NOTEBOOK,
                    "the notebook",
                    notebook.has(notes) ? Report.State.SAME : Report.State.NEW,
                    () -> notebook.put(notes),
                    null));
        }
        files.each("library.json", new TypeReference<List<LibraryService.Boxed>>() {}, list -> library(list, all));
        files.each("cutters.json", new TypeReference<List<BoxedCutter>>() {}, list -> cutters(list, all));
        orders(files, all);
        return all;
    }

    private void settings(ArchivedJson files, List<Carried> all) {
        if (!files.has("shop.json")) {
            return;
        }
        ShopSettings there = settings(files.tree("shop.json"));
        String here = shop.document(shop.own());
        Report.State state = json.readTree(here).equals(json.readTree(shop.document(there)))
                ? Report.State.SAME
                : json.readTree(here).equals(json.readTree(shop.document(ShopSettings.house())))
                        ? Report.State.NEW
                        : Report.State.CLASH;
        all.add(new Carried(
                "shop.json", Report.Kind.NUMBERS, "the shop's numbers", state, () -> shop.save(there), null));
    }

    private ShopSettings settings(JsonNode tree) {
        try {
            ShopSettings settings = shop.settings(tree.toString());
            settings.check();
            return settings;
        } catch (Refused refused) {
            throw refused.inside("settings").inside("shop.json");
        } catch (JacksonException e) {
            throw Unreadable.refused(e).inside("shop.json");
        } catch (NullPointerException e) { // Lists of the settings hold no nothings.
            throw new Refused("shop.json", "Something in the shop's numbers is missing.");
        }
    }

    private void recipes(List<RecipeService.RecipeDraft> list, List<Carried> all) {
        Map<String, BaseRecipe> own =
                recipes.own().stream().collect(Collectors.toMap(BaseRecipe::key, recipe -> recipe));
        for (RecipeService.RecipeDraft recipe : list) {
            String key = recipe.key() == null ? "" : recipe.key();
            all.add(new Carried(
                    "recipes.json",
                    Report.Kind.RECIPE,
                    recipe.name(),
                    state(own.get(key), recipe),
                    () -> {
                        if (!key.matches("[a-z0-9-]{1,60}")) {
                            throw new Refused("key", "A recipe has a key of letters and digits.");
                        }
                        recipes.put(key, recipe);
                    },
                    null));
        }
    }

    private void shelf(Shelf there, List<Carried> all) {
        Stream<?> things = Stream.of(there.stock().values(), there.jars().values(), there.gels())
                .flatMap(Collection::stream);
        if (things.anyMatch(Objects::isNull)) {
            throw ArchivedJson.missing("shelf.json");
        }
        Map<String, Double> amounts = shelf.amounts();
        there.stock()
                .forEach((name, amount) -> all.add(new Carried(
                        "shelf.json",
                        Report.Kind.STOCK,
                        name,
                        state(amounts.get(name), amount),
                        () -> shelf.setStock(name, amount),
                        null)));
        Map<String, GelService.Boxed> bottles =
                gels.boxed().stream().collect(Collectors.toMap(GelService.Boxed::key, gel -> gel));
        there.gels()
                .forEach(gel -> all.add(new Carried(
                        "shelf.json",
                        Report.Kind.GEL,
                        gel.bottle() == null ? "" : gel.bottle().name(),
                        state(bottles.get(gel.key()), gel),
                        () -> gels.put(gel),
                        null)));
        Map<UUID, ShelfService.Jar> jars = shelf.boxed();
        there.jars()
                .forEach((uid, jar) -> all.add(new Carried(
                        "shelf.json",
                        Report.Kind.JAR,
                        jar.name(),
                        jars.containsKey(uid) ? Report.State.SAME : Report.State.NEW,
                        () -> shelf.put(uid, jar),
                        null)));
    }

    private void library(List<LibraryService.Boxed> list, List<Carried> all) {
        Map<UUID, LibraryService.Boxed> here =
                library.boxed().stream().collect(Collectors.toMap(LibraryService.Boxed::uid, design -> design));
        for (LibraryService.Boxed design : list) {
            all.add(new Carried(
                    "library.json",
                    Report.Kind.LIBRARY,
                    design.document() == null ? "" : design.document().name(),
                    state(here.get(design.uid()), design),
                    () -> library.put(design),
                    () -> library.put(new LibraryService.Boxed(
                            UUID.randomUUID(), design.document(), design.roles(), design.tags()))));
        }
    }

    private void cutters(List<BoxedCutter> list, List<Carried> all) {
        Map<UUID, BoxedCutter> here = boxed().stream().collect(Collectors.toMap(BoxedCutter::uid, cutter -> cutter));
        for (BoxedCutter cutter : list) {
            all.add(new Carried(
                    "cutters.json",
                    Report.Kind.CUTTER,
                    cutter.name() == null ? "" : cutter.name(),
                    state(here.get(cutter.uid()), cutter),
                    () -> cutters.put(cutter.cutter(cutter.uid())),
                    () -> cutters.put(cutter.cutter(UUID.randomUUID()))));
        }
    }

    private void orders(ArchivedJson files, List<Carried> all) {
        Map<UUID, OrderBox.Boxed> here = orders.byUid();
        files.names().stream()
                .filter(name ->
                        name.startsWith(ORDERS) && name.toLowerCase(Locale.ROOT).endsWith(".json"))
                .sorted()
                .forEach(name -> {
                    OrderBox.Boxed order = files.read(name, new TypeReference<OrderBox.Boxed>() {});
                    within(name, order::checked);
                    all.add(new Carried(
                            name,
                            Report.Kind.ORDER,
                            order.details().name(),
                            state(here.get(order.uid()), order),
                            () -> orders.put(order),
                            () -> orders.putBeside(order)));
                });
    }

    /** The same when it reads the same as JSON: 8 and 8.0 are one number. */
    private Report.State state(Object here, Object there) {
        if (here == null) {
            return Report.State.NEW;
        }
        return json.readTree(json.writeValueAsString(here)).equals(json.readTree(json.writeValueAsString(there)))
                ? Report.State.SAME
                : Report.State.CLASH;
    }
}
