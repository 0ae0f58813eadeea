package kindthimble.app.reach;

import java.time.Instant;
import java.util.List;
import org.springframework.data.jpa.repository.JpaRepository;
import org.springframework.data.jpa.repository.Modifying;
import org.springframework.data.jpa.repository.Query;

interface DeviceRepository extends JpaRepository<DeviceEntity, String> {
    List<DeviceEntity> findAllByOrderByPairedAt();

    /** When a device was here last, in ms since the epoch; null for never. */
    @Query(
            nativeQuery = true,
            value = "select max(last_access_time) from spring_session where principal_name = :device")
    Long lastHere(String device);

    /** Lets one device in by a key, once. */
    @Modifying
    @Query(nativeQuery = true, value = "delete from invitation where hash = :hash and expires_at > :now")
    int use(String hash, Instant now);

    @Modifying
    @Query(nativeQuery = true, value = "delete from invitation where expires_at <= :now")
    int forget(Instant now);

    @Modifying
    @Query(nativeQuery = true, value = "delete from invitation")
    int forgetAll();

    @Modifying
    @Query(nativeQuery = true, value = "insert into invitation (hash, expires_at) values (:hash, :until)")
    int invite(String hash, Instant until);
}
