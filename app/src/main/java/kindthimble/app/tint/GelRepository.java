package kindthimble.app.tint;

import java.util.List;
import org.springframework.data.jpa.repository.JpaRepository;

interface GelRepository extends JpaRepository<GelEntity, String> {
    List<GelEntity> findByRemovedAtIsNullOrderByPositionAscGelKeyAsc();
}
