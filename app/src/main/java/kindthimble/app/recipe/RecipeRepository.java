package kindthimble.app.recipe;

import org.springframework.data.jpa.repository.JpaRepository;

interface RecipeRepository extends JpaRepository<RecipeEntity, String> {}
