package kindthimble.app.collection;

import java.util.List;
import java.util.Optional;
import java.util.UUID;
import org.springframework.data.jpa.repository.JpaRepository;
import org.springframework.data.jpa.repository.Modifying;
import org.springframework.data.jpa.repository.Query;
import org.springframework.data.repository.query.Param;

interface LibraryRepository extends JpaRepository<LibraryDesignEntity, Long> {
    Optional<LibraryDesignEntity> findByUid(UUID uid);

    List<LibraryDesignEntity> findByRemovedAtIsNullOrderByIdDesc();

    /** A design on a tray that came from the library, or that was kept there. */
    interface Use {
        Long getLibraryDesign();

        Long getOrderId();

        String getOrderName();

        Long getDesignId();

        String getName();
    }

    @Query(nativeQuery = true, value = """
            select u.library_design_id as "libraryDesign", o.id as "orderId", o.name as "orderName", d.id as "designId",
                d.document ->> 'name' as "name"
            from library_use u
            join design d on d.id = u.design_id and d.removed_at is null
            join cookie_order o on o.id = d.order_id and o.removed_at is null
            order by o.hand_over desc, d.position, d.id
            """)
    List<Use> uses();

    @Modifying
    @Query(nativeQuery = true, value = """
            insert into library_use (library_design_id, design_id) values (:libraryDesign, :design) on conflict do nothing
            """)
    void use(@Param("libraryDesign") long libraryDesign, @Param("design") long design);
}
