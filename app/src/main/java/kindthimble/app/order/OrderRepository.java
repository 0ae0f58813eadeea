package kindthimble.app.order;

import jakarta.persistence.LockModeType;
import java.time.Instant;
import java.time.LocalDateTime;
import java.util.List;
import java.util.Optional;
import java.util.UUID;
import org.springframework.data.jpa.repository.JpaRepository;
import org.springframework.data.jpa.repository.Lock;
import org.springframework.data.jpa.repository.Query;

interface OrderRepository extends JpaRepository<OrderEntity, Long> {
    /** Nobody else changes it, or anything that belongs to it, until the transaction ends. */
    @Lock(LockModeType.PESSIMISTIC_WRITE)
    @Query("from OrderEntity o where o.id = :id")
    Optional<OrderEntity> forChange(long id);

    /**
     * Nobody else changes any of those that are mixed with some orders until the transaction ends. Whoever locks a group does so by the numbers of its orders:
     * so nobody waits for somebody who waits for him.
     */
    @Query(value = """
                    select o.id from cookie_order o
                     where coalesce(o.mixed_into, o.id) in
                           (select coalesce(one.mixed_into, one.id) from cookie_order one where one.id in (:ids))
                     order by o.id for update
                    """, nativeQuery = true)
    List<Long> lockGroups(List<Long> ids);

    List<OrderEntity> findByMixedIntoAndRemovedAtIsNullOrderByIdAsc(long leading);

    List<OrderEntity> findByMixedInto(long leading);

    /** Whether the mixing that an order leads has started. */
    @Query(value = "select exists(select 1 from mixing where order_id = :leading)", nativeQuery = true)
    boolean hasStarted(long leading);

    @Query("select distinct o from OrderEntity o left join fetch o.palette where o.removedAt is null"
            + " and o.archivedAt is null and o.handOver >= :from and o.handOver < :before order by o.handOver, o.id")
    List<OrderEntity> between(LocalDateTime from, LocalDateTime before);

    @Query(
            "select distinct o from OrderEntity o left join fetch o.palette where o.removedAt is null order by o.handOver, o.uid")
    List<OrderEntity> withPalettes();

    Optional<OrderEntity> findByUid(UUID uid);

    /** As it stands in the database, whatever this transaction has read before. */
    @Query("select o.revision from OrderEntity o where o.id = :id")
    long revision(long id);

    @Query("select o.handOver from OrderEntity o where o.removedAt is null and o.archivedAt is null"
            + " and o.handOver >= :from and o.handOver < :before")
    List<LocalDateTime> handOvers(LocalDateTime from, LocalDateTime before);

    @Query("from OrderEntity o where o.removedAt is null order by o.handOver desc, o.id desc limit :most")
    List<OrderEntity> latest(int most);

    @Query(
            "select new kindthimble.app.order.AllOrders$Removed(o.id, 0L, o.name, o.name, o.removedAt) from OrderEntity o"
                    + " where o.removedAt > :since"
                    + " order by o.removedAt desc")
    List<AllOrders.Removed> removedOrders(Instant since);

    @Query(
            "select o.id, d.id, d.document, o.name, d.removedAt from DesignEntity d join OrderEntity o on o.id = d.orderId"
                    + " where d.removedAt > :since and o.removedAt is null"
                    + " order by d.removedAt desc")
    List<Object[]> removedDesigns(Instant since);

    /** A name and a date cost no plan, and no palette either. */
    @Query("select new kindthimble.app.order.OrderSummary(o.id, o.revision, o.name, o.handOver, o.mixedInto,"
            + " o.archivedAt is not null) from OrderEntity o"
            + " where o.removedAt is null order by o.handOver, o.id")
    List<OrderSummary> summaries();
}
