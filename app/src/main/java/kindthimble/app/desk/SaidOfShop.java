package kindthimble.app.desk;

import java.util.Arrays;
import java.util.List;
import kindthimble.app.history.Edit;
import kindthimble.app.notebook.NotebookService;
import kindthimble.app.recipe.RecipeService;
import kindthimble.app.shelf.ShelfService;
import kindthimble.app.tint.GelService;
import kindthimble.core.habit.Habit;
import kindthimble.core.words.Refused;
import org.springframework.stereotype.Component;
import tools.jackson.databind.JsonNode;

/** Says in words what a step of the shop's history changes, such as <i>icing sugar 750, was 1200</i>. */
@Component
class SaidOfShop {
    private final RecipeService recipes;
    private final GelService gels;
    private final ShelfService shelf;
    private final NotebookService notebook;

    SaidOfShop(RecipeService recipes, GelService gels, ShelfService shelf, NotebookService notebook) {
        this.notebook = notebook;
        this.recipes = recipes;
        this.gels = gels;
        this.shelf = shelf;
    }

    String of(List<Edit> edits) {
        String first = of(edits.get(0));
        return edits.stream().map(Edit::path).distinct().count() == 1 ? first : first + ", and what went with it";
    }

    private String of(Edit edit) {
        String[] parts = edit.parts();
        String last = parts[parts.length - 1];
        return switch (parts[0]) {
            case "stock" -> change(parts[1], edit);
            case "gels" -> gels.name(parts[1]) + ": " + (last.equals("removed") ? onShelf(edit) : ofBottle(last, edit));
            case "jars" -> "the jar of " + shelf.nameOfJar(Long.parseLong(parts[1])) + " " + onShelf(edit);
            case "swatches" ->
                gels.name(parts[1]) + ": the swatch counts " + (edit.now().asBoolean() ? "no longer" : "again");
            case "recipes" -> ofRecipe(parts, edit);
            case "notes", "kept", "figures" -> notebook.said(parts, edit.now());
            default -> ofSettings(parts, edit);
        };
    }

    private static String onShelf(Edit edit) {
        return edit.now().asBoolean() ? "off the shelf" : "on the shelf again";
    }

    private static String ofBottle(String part, Edit edit) {
        return change(
                switch (part) {
                    case "dropsLeft" -> "drops left";
                    case "bottleDrops" -> "drops in a full bottle";
                    case "price" -> "price";
                    default -> "called";
                },
                edit);
    }

    private String ofRecipe(String[] parts, Edit edit) {
        String name;
        try {
            name = recipes.recipe(parts[1]).name();
        } catch (Refused gone) {
            name = parts[1];
        }
        if (parts.length == 2) {
            return name + (edit.now() == null ? " put away" : " as it was");
        }
        return name + ": "
                + change(
                        switch (parts[2]) {
                            case "curve" ->
                                parts[parts.length - 1].equals("perGram")
                                        ? "thinned per g of water"
                                        : "counts by itself";
                            case "ingredients" ->
                                parts.length > 4 && parts[4].equals("grams") ? "grams" : "ingredients";
                            case "name" -> "called";
                            default -> parts[2];
                        },
                        edit);
    }

    private static String ofSettings(String[] parts, Edit edit) {
        if (parts.length > 2 && parts[1].equals("habits")) {
            String word = Arrays.stream(Habit.values())
                    .filter(habit -> habit.name().equals(parts[2]))
                    .map(habit -> habit.range().word())
                    .findFirst()
                    .orElse(parts[2]);
            JsonNode now = edit.now();
            return parts.length == 3 && now != null && now.isObject()
                    ? change(word, new Edit(edit.path(), edit.was().get("mean"), now.get("mean")))
                    : change(word, edit);
        }
        return change(
                switch (parts.length > 1 ? parts[1] : "") {
                    case "detail" -> "when detail goes on";
                    case "filling" -> "filled by";
                    case "recipe" -> "base";
                    case "measures" -> "measures";
                    case "tips" -> "tips";
                    case "weights" -> "weights of pieces";
                    case "words" -> "word";
                    case "locale" -> "dates and money";
                    default -> "the shop's settings";
                },
                edit);
    }

    private static String change(String word, Edit edit) {
        return "%s %s, was %s".formatted(word, Said.plain(edit.now()), Said.plain(edit.was()));
    }
}
