package kindthimble.app.order;

import java.util.List;
import org.springframework.data.jpa.repository.JpaRepository;

interface DesignRepository extends JpaRepository<DesignEntity, Long> {
    List<DesignEntity> findByOrderIdAndRemovedAtIsNullOrderByPositionAscIdAsc(long orderId);

    List<DesignEntity> findByOrderIdInAndRemovedAtIsNullOrderByPositionAscIdAsc(List<Long> orderIds);

    List<DesignEntity> findByOrderIdOrderByPositionAscIdAsc(long orderId);

    int countByOrderId(long orderId);
}
