package reckonrod.server.recipes;

import java.util.UUID;
import org.springframework.data.jpa.repository.JpaRepository;

interface RecipeRepository extends JpaRepository<RecipeRecord, UUID> {}
