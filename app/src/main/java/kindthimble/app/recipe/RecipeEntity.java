package kindthimble.app.recipe;

import jakarta.persistence.CollectionTable;
import jakarta.persistence.Column;
import jakarta.persistence.ElementCollection;
import jakarta.persistence.Embeddable;
import jakarta.persistence.Entity;
import jakarta.persistence.EnumType;
import jakarta.persistence.Enumerated;
import jakarta.persistence.FetchType;
import jakarta.persistence.Id;
import jakarta.persistence.JoinColumn;
import jakarta.persistence.OrderColumn;
import jakarta.persistence.Table;
import java.util.ArrayList;
import java.util.List;
import kindthimble.core.icing.BaseRecipe;
import kindthimble.core.icing.Ingredient;
import kindthimble.core.icing.ThinningCurve;

/** A base recipe that the shop has changed or made. */
@Entity
@Table(name = "base_recipe")
class RecipeEntity {
    @Id
    @Column(name = "key")
    private String key;

    private String name;
    private double ownCountSeconds;
    private double perGram;
    private String caution;
    private boolean putAway;

    @ElementCollection(fetch = FetchType.EAGER)
    @CollectionTable(name = "base_recipe_ingredient", joinColumns = @JoinColumn(name = "recipe_key"))
    @OrderColumn(name = "position")
    private List<Row> ingredients = new ArrayList<>();

    protected RecipeEntity() {}

    RecipeEntity(BaseRecipe recipe) {
        key = recipe.key();
        set(recipe);
    }

    @Embeddable
    record Row(
            String name,
            @Enumerated(EnumType.STRING) Ingredient.Part role,
            double grams,
            Double pieceGrams,
            Double gramsPerCup,
            String allergens,
            Double pricePerKg,
            Double packGrams) {}

    boolean isPutAway() {
        return putAway;
    }

    void putAway(boolean away) {
        putAway = away;
    }

    final void set(BaseRecipe recipe) {
        name = recipe.name();
        ownCountSeconds = recipe.curve().ownCountSeconds();
        perGram = recipe.curve().perGram();
        caution = recipe.caution();
        ingredients.clear();
        recipe.ingredients()
                .forEach(i -> ingredients.add(new Row(
                        i.name(),
                        i.role(),
                        i.grams(),
                        i.pieceGrams(),
                        i.gramsPerCup(),
                        String.join(",", i.allergens()),
                        i.pricePerKg(),
                        i.packGrams())));
    }

    BaseRecipe recipe() {
        return new BaseRecipe(
                key,
                name,
                ingredients.stream()
                        .map(row -> new Ingredient(
                                row.name(),
                                row.role(),
                                row.grams(),
                                row.pieceGrams(),
                                row.gramsPerCup(),
                                row.allergens().isBlank()
                                        ? List.of()
                                        : List.of(row.allergens().split(",")),
                                row.pricePerKg(),
                                row.packGrams()))
                        .toList(),
                new ThinningCurve(ownCountSeconds, perGram),
                caution);
    }
}
