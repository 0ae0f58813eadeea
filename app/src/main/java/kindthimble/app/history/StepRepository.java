package kindthimble.app.history;

import java.time.Instant;
import java.util.Optional;
import org.springframework.data.jpa.repository.JpaRepository;
import org.springframework.data.jpa.repository.Modifying;
import org.springframework.data.jpa.repository.Query;

interface StepRepository extends JpaRepository<StepEntity, Long> {
    /** The newest that is done. */
    @Query("from StepEntity s where coalesce(s.orderId, 0) = :order and not s.undone order by s.id desc limit 1")
    Optional<StepEntity> lastDone(long order);

    /** The oldest that is undone: the next to be done again. */
    @Query("from StepEntity s where coalesce(s.orderId, 0) = :order and s.undone order by s.id limit 1")
    Optional<StepEntity> firstUndone(long order);

    void deleteByOrderId(long order);

    @Modifying
    @Query("delete from StepEntity s where coalesce(s.orderId, 0) = :order and s.undone")
    void forgetUndone(long order);

    @Modifying
    @Query("delete from StepEntity s where s.at < :before")
    int forgetBefore(Instant before);
}
