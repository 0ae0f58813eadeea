package kindthimble.app.recipe;

import java.util.ArrayList;
import java.util.Comparator;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Locale;
import java.util.Map;
import kindthimble.app.history.Edit;
import kindthimble.app.history.History;
import kindthimble.app.live.ShopMemory;
import kindthimble.app.live.ShopRevision;
import kindthimble.app.shop.LearntFigures;
import kindthimble.core.icing.BaseRecipe;
import kindthimble.core.icing.Ingredient;
import kindthimble.core.icing.ThinningCurve;
import kindthimble.core.kitchen.HouseRecipes;
import kindthimble.core.words.Refused;
import org.springframework.stereotype.Service;
import org.springframework.transaction.annotation.Transactional;
import tools.jackson.databind.json.JsonMapper;

/** The base recipes: those of the house, as the shop has changed them, and the shop's own. */
@Service
@Transactional
public class RecipeService {
    private static final int LONGEST_NAME = 60;
    private static final int MOST_INGREDIENTS = 20;
    private static final double MOST_GRAMS = 100_000;
    private static final double MOST_PRICE = 100_000;
    private static final int MOST_ALLERGENS = 8;
    private static final int LONGEST_ALLERGEN = 20;
    private static final int LONGEST_CAUTION = 400;

    private final RecipeRepository recipes;
    private final History history;
    private final ShopRevision revision;
    private final ShopMemory memory;
    private final LearntFigures learnt;
    private final JsonMapper json;

    RecipeService(
            RecipeRepository recipes,
            History history,
            ShopRevision revision,
            ShopMemory memory,
            LearntFigures learnt,
            JsonMapper json) {
        this.recipes = recipes;
        this.history = history;
        this.revision = revision;
        this.memory = memory;
        this.learnt = learnt;
        this.json = json;
    }

    /** All of them, the house's first. */
    @Transactional(readOnly = true)
    public List<BaseRecipe> all() {
        Map<String, BaseRecipe> all = new LinkedHashMap<>();
        HouseRecipes.ALL.forEach(recipe -> all.put(recipe.key(), recipe));
        recipes.findAll().stream()
                .filter(stored -> !stored.isPutAway())
                .forEach(stored -> all.put(stored.recipe().key(), stored.recipe()));
        return List.copyOf(all.values());
    }

    /** Those that the shop has changed or made, by key. */
    @Transactional(readOnly = true)
    public List<BaseRecipe> own() {
        return recipes.findAll().stream()
                .filter(stored -> !stored.isPutAway())
                .map(RecipeEntity::recipe)
                .sorted(Comparator.comparing(BaseRecipe::key))
                .toList();
    }

    /**
     * A base as it thins in this kitchen.
     *
     * @throws Refused when there is none of that key
     */
    @Transactional(readOnly = true, noRollbackFor = Refused.class)
    public BaseRecipe recipe(String key) {
        return memory.of(new Asked(key), () -> learnt.now().in(written(key)));
    }

    /** One of another kind than all else that is remembered of the shop. */
    private record Asked(String key) {}

    /**
     * A base as the house or the shop has written it, without what counts have said of it since.
     *
     * @throws Refused when there is none of that key
     */
    @Transactional(readOnly = true, noRollbackFor = Refused.class)
    public BaseRecipe written(String key) {
        return recipes.findById(key)
                .map(RecipeEntity::recipe)
                .or(() -> HouseRecipes.ALL.stream()
                        .filter(recipe -> recipe.key().equals(key))
                        .findFirst())
                .orElseThrow(
                        () -> new Refused("recipe", "There is no base recipe %s. Pick another one.".formatted(key)));
    }

    /**
     * A new recipe of the shop's own, as a step of its history.
     *
     * @throws Refused naming the field that is wrong
     */
    BaseRecipe add(RecipeDraft wanted) {
        BaseRecipe added = put(newKey(wanted.name() == null ? "" : wanted.name()), wanted);
        history.keep(null, null, List.of(new Edit(place(added.key()), null, json.valueToTree(added))));
        return added;
    }

    /**
     * Stores a recipe as it is wanted.
     *
     * @throws Refused naming the field that is wrong
     */
    public BaseRecipe put(String key, RecipeDraft wanted) {
        BaseRecipe recipe = checked(key, wanted);
        RecipeEntity entity = recipes.findById(key).orElseGet(() -> new RecipeEntity(recipe));
        entity.putAway(false);
        entity.set(recipe);
        revision.touch();
        return recipes.saveAndFlush(entity).recipe();
    }

    /**
     * Takes the shop's changes to a house recipe back; puts one of the shop's own away, which orders that take it still find. A step of
     * the shop's history.
     *
     * @return the recipe as it stands now
     */
    BaseRecipe takeBack(String key) {
        BaseRecipe before = written(key);
        putAway(key);
        BaseRecipe now = written(key);
        boolean ofHouse = HouseRecipes.ALL.stream().anyMatch(one -> one.key().equals(key));
        history.keep(
                null,
                null,
                List.of(new Edit(place(key), json.valueToTree(before), ofHouse ? json.valueToTree(now) : null)));
        return now;
    }

    /** Puts a recipe of the shop's own away; of one of the house it takes the changes back. */
    public void putAway(String key) {
        if (HouseRecipes.ALL.stream().anyMatch(one -> one.key().equals(key))) {
            recipes.findById(key).ifPresent(recipes::delete);
        } else {
            recipes.findById(key).ifPresent(stored -> stored.putAway(true));
        }
        recipes.flush();
        revision.touch();
    }

    /** Brings a recipe back that was put away. */
    BaseRecipe restore(String key) {
        BaseRecipe recipe = written(key);
        recipes.findById(key).ifPresent(stored -> stored.putAway(false));
        revision.touch();
        history.keep(null, null, List.of(new Edit(place(key), null, json.valueToTree(recipe))));
        return recipe;
    }

    private static String place(String key) {
        return "/recipes/" + key;
    }

    /** A recipe as it is typed. */
    public record RecipeDraft(
            String key, String name, List<Ingredient> ingredients, ThinningCurve curve, String caution) {}

    private static BaseRecipe checked(String key, RecipeDraft wanted) {
        if (wanted.name() == null || wanted.name().isBlank() || wanted.name().length() > LONGEST_NAME) {
            throw new Refused("name", "Give the recipe a name of up to " + LONGEST_NAME + " letters.");
        }
        if (wanted.caution() != null && wanted.caution().length() > LONGEST_CAUTION) {
            throw new Refused("caution", "Keep the caution under " + (LONGEST_CAUTION + 1) + " letters.");
        }
        if (wanted.curve() == null
                || !(wanted.curve().ownCountSeconds() >= ThinningCurve.LEAST_SECONDS
                        && wanted.curve().ownCountSeconds() <= ThinningCurve.MOST_SECONDS)) {
            throw new Refused("curve.ownCountSeconds", "The base's own count lies between 2 and 300 s.");
        }
        if (!(wanted.curve().perGram() >= ThinningCurve.LEAST_PER_GRAM
                && wanted.curve().perGram() <= ThinningCurve.MOST_PER_GRAM)) {
            throw new Refused("curve.perGram", "The thinning per gram of water lies between 0.02 and 2.");
        }
        if (wanted.ingredients() == null
                || wanted.ingredients().isEmpty()
                || wanted.ingredients().size() > MOST_INGREDIENTS) {
            throw new Refused("ingredients", "A base has between 1 and " + MOST_INGREDIENTS + " ingredients.");
        }
        List<Ingredient> ingredients = new ArrayList<>();
        for (int i = 0; i < wanted.ingredients().size(); i++) {
            ingredients.add(checked(wanted.ingredients().get(i), "ingredients[" + i + "]"));
        }
        if (ingredients.stream().noneMatch(i -> i.role().sugarShare() > 0)
                || ingredients.stream().noneMatch(i -> i.role().waterShare() > 0)) {
            throw new Refused("ingredients", "A base has sugar in it, and something wet.");
        }
        return new BaseRecipe(
                key,
                wanted.name().strip(),
                ingredients,
                wanted.curve(),
                wanted.caution() == null ? "" : wanted.caution().strip());
    }

    private static Ingredient checked(Ingredient given, String field) {
        if (given == null
                || given.name() == null
                || given.name().isBlank()
                || given.name().length() > LONGEST_NAME) {
            throw new Refused(field + ".name", "Give each ingredient a name.");
        }
        if (given.role() == null) {
            throw new Refused(field + ".role", "Say what %s is to the icing.".formatted(given.name()));
        }
        if (!(given.grams() > 0 && given.grams() <= MOST_GRAMS)) {
            throw new Refused(field + ".grams", "Write the grams of one making, up to 100 kg.");
        }
        for (Double amount : new Double[] {given.pieceGrams(), given.gramsPerCup(), given.packGrams()}) {
            if (amount != null && !(amount > 0 && amount <= MOST_GRAMS)) {
                throw new Refused(
                        field + ".grams",
                        "Amounts of %s are over 0 and up to 100 kg, or left empty.".formatted(given.name()));
            }
        }
        if (given.pricePerKg() != null && !(given.pricePerKg() >= 0 && given.pricePerKg() <= MOST_PRICE)) {
            throw new Refused(field + ".pricePerKg", "A price is from 0 to 100,000, or left empty.");
        }
        if (given.allergens().size() > MOST_ALLERGENS
                || given.allergens().stream().anyMatch(a -> a.isBlank() || a.length() > LONGEST_ALLERGEN)) {
            throw new Refused(
                    field + ".allergens",
                    "Name up to %d allergens, each in up to %d letters.".formatted(MOST_ALLERGENS, LONGEST_ALLERGEN));
        }
        return given;
    }

    private String newKey(String name) {
        String stem =
                name.toLowerCase(Locale.ROOT).replaceAll("[^a-z0-9]+", "-").replaceAll("^-+|-+$", "");
        String key = stem.isEmpty() ? "recipe" : stem;
        List<String> ofHouse = HouseRecipes.ALL.stream().map(BaseRecipe::key).toList();
        for (int i = 2; ofHouse.contains(key) || recipes.existsById(key); i++) {
            key = stem + "-" + i;
        }
        return key;
    }
}
