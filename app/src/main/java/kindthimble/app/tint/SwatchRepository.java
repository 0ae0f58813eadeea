package kindthimble.app.tint;

import java.util.List;
import org.springframework.data.jpa.repository.JpaRepository;

interface SwatchRepository extends JpaRepository<SwatchEntity, Long> {
    List<SwatchEntity> findByRemovedAtIsNullOrderByIdAsc();
}
