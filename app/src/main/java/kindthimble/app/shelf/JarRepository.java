package kindthimble.app.shelf;

import java.util.List;
import org.springframework.data.jpa.repository.JpaRepository;

interface JarRepository extends JpaRepository<JarEntity, Long> {
    List<JarEntity> findByRemovedAtIsNullOrderByGoodUntilAscIdAsc();

    List<JarEntity> findByRemovedAtIsNullAndOrderIdOrderByIdAsc(long orderId);
}
