package kindthimble.app.mixing;

import org.springframework.data.jpa.repository.JpaRepository;

interface MixingRepository extends JpaRepository<MixingEntity, Long> {}
