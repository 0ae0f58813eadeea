package kindthimble.app.live;

import jakarta.persistence.LockModeType;
import org.springframework.data.jpa.repository.JpaRepository;
import org.springframework.data.jpa.repository.Lock;
import org.springframework.data.jpa.repository.Query;

interface ShopRevisionRepository extends JpaRepository<ShopRevisionEntity, Long> {
    @Lock(LockModeType.PESSIMISTIC_WRITE)
    @Query("from ShopRevisionEntity r where r.id = 1")
    ShopRevisionEntity forChange();

    /** As it stands in the database, whatever this transaction has read before. */
    @Query("select r.revision from ShopRevisionEntity r where r.id = 1")
    long stored();
}
