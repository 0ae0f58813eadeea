package kindthimble.app.collection;

import java.util.List;
import org.springframework.data.jpa.repository.JpaRepository;

interface LibraryRepository extends JpaRepository<LibraryDesignEntity, Long> {
    List<LibraryDesignEntity> findByRemovedAtIsNullOrderByIdDesc();
}
