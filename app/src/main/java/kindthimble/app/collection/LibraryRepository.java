package kindthimble.app.collection;

import java.util.List;
import java.util.Optional;
import java.util.UUID;
import org.springframework.data.jpa.repository.JpaRepository;

interface LibraryRepository extends JpaRepository<LibraryDesignEntity, Long> {
    Optional<LibraryDesignEntity> findByUid(UUID uid);

    List<LibraryDesignEntity> findByRemovedAtIsNullOrderByIdDesc();
}
