package kindthimble.app.happened;

import java.time.Instant;
import java.util.Collection;
import java.util.List;
import org.springframework.data.jpa.repository.JpaRepository;
import org.springframework.data.jpa.repository.Modifying;
import org.springframework.data.jpa.repository.Query;

interface BenchEventRepository extends JpaRepository<BenchEventEntity, Long> {
    @Query("from BenchEventEntity e where e.orderId in :orders order by e.seq")
    List<BenchEventEntity> of(Collection<Long> orders);

    @Query("from BenchEventEntity e where e.orderId in :orders and e.seq > :after order by e.seq")
    List<BenchEventEntity> after(Collection<Long> orders, long after);

    /** Number of the newest event; null for none. */
    @Query("select max(e.seq) from BenchEventEntity e where e.orderId in :orders")
    Long newest(Collection<Long> orders);

    /** How many events each order has; none of those that have none. */
    @Query("select e.orderId, count(e) from BenchEventEntity e where e.orderId in :orders group by e.orderId")
    List<Object[]> counts(Collection<Long> orders);

    /** @return 0 where it is there already */
    @Modifying
    @Query(
            nativeQuery = true,
            value =
                    "insert into bench_event (id, order_id, at, device, what, step, amount, words, practised, received, against)"
                            + " values (:id, :order, :at, :device, :what, :step, :amount, :words, :practised, :received, cast(:against as jsonb)) on conflict (id) do nothing")
    int add(
            String id,
            long order,
            Instant at,
            String device,
            String what,
            String step,
            double amount,
            String words,
            boolean practised,
            Instant received,
            String against);

    /** What was pressed in play, in order. */
    @Query("from BenchEventEntity e where e.orderId in :orders and e.practised order by e.seq")
    List<BenchEventEntity> practised(Collection<Long> orders);

    long countByOrderId(long order);

    /** How much was pressed in earnest for each order of which something says what plan it was pressed against. */
    @Query("select e.orderId, count(e) from BenchEventEntity e where not e.practised group by e.orderId"
            + " having count(e.against) > 0 order by e.orderId")
    List<Object[]> telling();

    @Query("from BenchEventEntity e where e.orderId = :order and not e.practised order by e.seq")
    List<BenchEventEntity> inEarnest(long order);
}
