package kindthimble.app.collection;

import java.util.List;
import java.util.Optional;
import java.util.UUID;
import org.springframework.data.jpa.repository.JpaRepository;
import org.springframework.data.jpa.repository.Query;

interface ShopCutterRepository extends JpaRepository<ShopCutterEntity, Long> {
    Optional<ShopCutterEntity> findByUid(UUID uid);

    List<ShopCutterEntity> findByRemovedAtIsNullOrderByNameAscIdAsc();

    int countByRemovedAtIsNull();

    /** A design on a tray that is cut with an outline. */
    interface Cut {
        String getPath();

        Long getOrderId();

        String getOrderName();

        Long getDesignId();

        String getName();
    }

    @Query(nativeQuery = true, value = """
            select c.path as "path", o.id as "orderId", o.name as "orderName", d.id as "designId", d.document ->> 'name' as "name"
            from shop_cutter c
            join design d on d.document -> 'cutter' -> 'shape' ->> 'path' = c.path and d.removed_at is null
            join cookie_order o on o.id = d.order_id and o.removed_at is null
            where c.removed_at is null
            order by o.hand_over desc, d.position, d.id
            """)
    List<Cut> cuts();
}
