package kindthimble.app.recipe;

import java.util.List;
import kindthimble.core.icing.BaseRecipe;
import org.springframework.http.HttpStatus;
import org.springframework.web.bind.annotation.DeleteMapping;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.PathVariable;
import org.springframework.web.bind.annotation.PostMapping;
import org.springframework.web.bind.annotation.RequestBody;
import org.springframework.web.bind.annotation.RequestMapping;
import org.springframework.web.bind.annotation.ResponseStatus;
import org.springframework.web.bind.annotation.RestController;

@RestController
@RequestMapping("/api/recipes")
class RecipeController {
    private final RecipeService recipes;

    RecipeController(RecipeService recipes) {
        this.recipes = recipes;
    }

    @GetMapping
    List<BaseRecipe> all() {
        return recipes.all();
    }

    /** A new one of the shop's own; its key is made from its name. */
    @PostMapping
    @ResponseStatus(HttpStatus.CREATED)
    BaseRecipe add(@RequestBody RecipeService.RecipeDraft recipe) {
        return recipes.add(recipe);
    }

    /** Takes the shop's changes back, or puts a recipe of the shop's own away. */
    @DeleteMapping("/{recipe}")
    BaseRecipe takeBack(@PathVariable String recipe) {
        return recipes.takeBack(recipe);
    }

    @PostMapping("/{recipe}/restore")
    BaseRecipe restore(@PathVariable String recipe) {
        return recipes.restore(recipe);
    }
}
