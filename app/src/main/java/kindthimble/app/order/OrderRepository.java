package kindthimble.app.order;

import java.util.List;
import org.springframework.data.jpa.repository.JpaRepository;
import org.springframework.data.jpa.repository.Query;

interface OrderRepository extends JpaRepository<OrderEntity, Long> {
    List<OrderEntity> findByRemovedAtIsNullOrderByHandOverAscIdAsc();

    List<OrderEntity> findByMixedIntoAndRemovedAtIsNullOrderByIdAsc(long leading);

    List<OrderEntity> findByMixedInto(long leading);

    /** Whether the mixing that an order leads has started. */
    @Query(value = "select exists(select 1 from mixing where order_id = :leading)", nativeQuery = true)
    boolean hasStarted(long leading);

    /** A name and a date cost no plan, and no palette either. */
    @Query("select new kindthimble.app.order.OrderSummary(o.id, o.name, o.handOver, o.mixedInto) from OrderEntity o"
            + " where o.removedAt is null order by o.handOver, o.id")
    List<OrderSummary> summaries();
}
