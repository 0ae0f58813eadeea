package kindthimble.app.shelf;

import java.util.List;
import java.util.Optional;
import java.util.UUID;
import org.springframework.data.jpa.repository.JpaRepository;

interface JarRepository extends JpaRepository<JarEntity, Long> {
    List<JarEntity> findByRemovedAtIsNullOrderByGoodUntilAscIdAsc();

    Optional<JarEntity> findByUid(UUID uid);

    List<JarEntity> findByRemovedAtIsNullAndOrderIdOrderByIdAsc(long orderId);
}
