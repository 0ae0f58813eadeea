package kindthimble.app.shelf;

import jakarta.annotation.Nullable;
import jakarta.persistence.EntityManager;
import java.time.Clock;
import java.time.LocalDate;
import java.util.ArrayList;
import java.util.LinkedHashMap;
import java.util.LinkedHashSet;
import java.util.List;
import java.util.Map;
import java.util.Set;
import java.util.TreeMap;
import java.util.UUID;
import kindthimble.app.history.Edit;
import kindthimble.app.history.History;
import kindthimble.app.http.NotThere;
import kindthimble.app.live.ShopRevision;
import kindthimble.app.recipe.RecipeService;
import kindthimble.app.shop.ShopService;
import kindthimble.core.colour.Lab;
import kindthimble.core.icing.Flavour;
import kindthimble.core.icing.Ingredient;
import kindthimble.core.words.Refused;
import org.springframework.stereotype.Service;
import org.springframework.transaction.annotation.Transactional;

/** What the shop has: ingredients, bags and boxes by amount, and jars of left-over icing. */
@Service
@Transactional
public class ShelfService {
    private static final double MOST = 1_000_000;
    private static final double MOST_IN_A_JAR = 5_000;
    private static final List<String> PACKAGING = List.of("bags", "large bags", "cookie bags", "boxes", "tags");

    private final JarRepository jars;
    private final StockRepository stock;
    private final RecipeService recipes;
    private final ShopService shop;
    private final History history;
    private final ShopRevision revision;
    private final Clock clock;
    private final EntityManager entities;

    ShelfService(
            JarRepository jars,
            StockRepository stock,
            RecipeService recipes,
            ShopService shop,
            History history,
            ShopRevision revision,
            Clock clock,
            EntityManager entities) {
        this.jars = jars;
        this.stock = stock;
        this.recipes = recipes;
        this.shop = shop;
        this.history = history;
        this.revision = revision;
        this.clock = clock;
        this.entities = entities;
    }

    /**
     * A jar of left-over icing.
     *
     * @param id its number; null for a new one
     * @param name of its colour
     * @param hex how it looks, {@code #RRGGBB}
     * @param grams in it
     * @param countSeconds how stiff it is
     * @param recipe key of its base
     * @param goodUntil the last day on which it is used
     * @param flavour name of what was stirred into it; null for none
     * @param order that it goes into; null for none
     */
    public record Jar(
            @Nullable Long id,
            String name,
            String hex,
            double grams,
            double countSeconds,
            String recipe,
            LocalDate goodUntil,
            @Nullable String flavour,
            @Nullable Long order) {}

    /**
     * Something kept on the shelf.
     *
     * @param name as on the packet
     * @param unit g, or empty for pieces
     * @param amount how much there is
     */
    public record Stock(String name, String unit, double amount) {}

    /** The whole shelf. */
    public record ShelfView(List<Stock> stock, List<Jar> jars) {}

    /** All that a recipe or a dough of the shop takes, and packaging, with what there is of each. */
    @Transactional(readOnly = true)
    public ShelfView view() {
        Map<String, Double> amounts = amounts();
        Set<String> weighed = new LinkedHashSet<>();
        recipes.all()
                .forEach(recipe -> recipe.ingredients().stream()
                        .filter(i -> i.role() != Ingredient.Part.WATER)
                        .forEach(i -> weighed.add(i.name())));
        shop.settings().doughs().forEach(dough -> dough.ingredients().forEach(i -> weighed.add(i.name())));
        List<Stock> list = new ArrayList<>();
        weighed.forEach(name -> list.add(new Stock(name, "g", amounts.getOrDefault(name, 0.0))));
        PACKAGING.forEach(name -> list.add(new Stock(name, "", amounts.getOrDefault(name, 0.0))));
        return new ShelfView(
                list,
                jars.findByRemovedAtIsNullOrderByGoodUntilAscIdAsc().stream()
                        .map(JarEntity::jar)
                        .toList());
    }

    /** All that can be counted on the shelf by name, in the order in which it is shown; 0 of what there is none. */
    @Transactional(readOnly = true)
    public Map<String, Double> known() {
        Map<String, Double> known = new LinkedHashMap<>();
        view().stock().forEach(one -> known.put(one.name(), one.amount()));
        amounts().forEach(known::putIfAbsent);
        return known;
    }

    /** Amounts by name. */
    @Transactional(readOnly = true)
    public Map<String, Double> amounts() {
        Map<String, Double> amounts = new TreeMap<>();
        stock.findAll().forEach(row -> amounts.put(row.name(), row.amount()));
        return amounts;
    }

    /** Jars that go into an order. */
    @Transactional(readOnly = true)
    public List<Jar> jarsOf(long order) {
        return jars.findByRemovedAtIsNullAndOrderIdOrderByIdAsc(order).stream()
                .map(JarEntity::jar)
                .toList();
    }

    /** Jars that are still good today and go into no order yet, of one base. */
    @Transactional(readOnly = true)
    public List<Jar> freeJars(String recipe) {
        LocalDate today = LocalDate.now(clock);
        return jars.findByRemovedAtIsNullOrderByGoodUntilAscIdAsc().stream()
                .map(JarEntity::jar)
                .filter(jar -> jar.order() == null && jar.recipe().equals(recipe))
                .filter(jar -> !jar.goodUntil().isBefore(today))
                .toList();
    }

    /**
     * @throws Refused when it has no name, or is more than any shelf holds
     */
    public void setStock(String name, double amount) {
        if (name == null || name.isBlank() || name.length() > 60) {
            throw new Refused("name", "Say what it is, in up to 60 letters.");
        }
        if (!(amount >= 0 && amount <= MOST)) {
            throw new Refused("amount", "Write how much there is, from 0 to 1,000,000.");
        }
        stock.save(new StockEntity(name, amount));
        revision.touch();
    }

    /**
     * Lays something onto the shelf or takes it off, whatever others do at the same moment.
     *
     * @param by how much more; less than 0 for what is taken
     * @return how much it was: of what runs out the rest
     */
    public double move(String name, double by) {
        revision.hold();
        StockEntity row = entities.find(StockEntity.class, name);
        if (row != null) {
            // It may have been read before somebody else took of it.
            entities.refresh(row);
        }
        double has = row == null ? 0 : row.amount();
        double moved = Math.max(-has, Math.min(by, MOST - has));
        setStock(name, has + moved);
        return moved;
    }

    /**
     * @throws Refused naming the field that is wrong
     */
    public Jar addJar(Jar jar) {
        check(jar);
        Jar stored = jars.saveAndFlush(new JarEntity(jar)).jar();
        revision.touch();
        history.keep(null, null, List.of(Edit.flag("/jars/" + stored.id() + "/removed", false)));
        return stored;
    }

    private void check(Jar jar) {
        if (jar.name() == null || jar.name().isBlank() || jar.name().length() > 60) {
            throw new Refused("name", "Say which colour it is, in up to 60 letters.");
        }
        Lab.ofHex(jar.hex());
        if (!(jar.grams() > 0 && jar.grams() <= MOST_IN_A_JAR)) {
            throw new Refused("grams", "Write the grams in the jar, over 0 and up to 5,000.");
        }
        if (!(jar.countSeconds() >= 2 && jar.countSeconds() <= 300)) {
            throw new Refused("countSeconds", "A count lies between 2 and 300 s.");
        }
        if (jar.flavour() != null && (jar.flavour().isBlank() || jar.flavour().length() > Flavour.LONGEST_NAME)) {
            throw new Refused("flavour", "Name the flavour, in up to %d letters.".formatted(Flavour.LONGEST_NAME));
        }
        if (jar.goodUntil() == null) {
            throw new Refused("goodUntil", "Say until which day it is good.");
        }
        recipes.recipe(jar.recipe() == null ? "" : jar.recipe());
    }

    /**
     * Sets a jar aside for an order, or back on the shelf with null.
     *
     * @return the order that it was set aside for; null for none
     */
    public Long setOrder(long jar, Long order) {
        JarEntity entity = jars.findById(jar).orElseThrow(() -> new NotThere("jar"));
        Long before = entity.jar().order();
        entity.takeFor(order);
        revision.touch();
        return before;
    }

    /** The jars on the shelf by their identity, which is the same in every shop. None is set aside for an order. */
    @Transactional(readOnly = true)
    public Map<UUID, Jar> boxed() {
        Map<UUID, Jar> boxed = new LinkedHashMap<>();
        jars.findByRemovedAtIsNullOrderByGoodUntilAscIdAsc().forEach(jar -> boxed.put(jar.uid(), free(jar.jar())));
        return boxed;
    }

    private static Jar free(Jar jar) {
        return new Jar(
                null,
                jar.name(),
                jar.hex(),
                jar.grams(),
                jar.countSeconds(),
                jar.recipe(),
                jar.goodUntil(),
                jar.flavour(),
                null);
    }

    /** Puts a jar of another shop on the shelf, if it is not known here. */
    public void put(UUID uid, Jar jar) {
        if (jars.findByUid(uid).isEmpty()) {
            check(jar);
            jars.saveAndFlush(new JarEntity(uid, jar));
            revision.touch();
        }
    }

    /** Takes a jar off the shelf, or puts it back, as a step of the shop's history. */
    void remove(long jar, boolean removed) {
        setRemoved(jar, removed);
        history.keep(null, null, List.of(Edit.flag("/jars/" + jar + "/removed", removed)));
    }

    /** Takes a jar off the shelf, or puts it back. */
    public void setRemoved(long jar, boolean removed) {
        JarEntity entity = jars.findById(jar).orElseThrow(() -> new NotThere("jar"));
        if (removed) {
            entity.remove(clock.instant());
        } else {
            entity.restore();
        }
        revision.touch();
    }

    /** What a jar is called, on the shelf or off it. */
    @Transactional(readOnly = true)
    public String nameOfJar(long jar) {
        return jars.findById(jar).map(found -> found.jar().name()).orElse("");
    }
}
