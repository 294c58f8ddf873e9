package pelluna.app.picture;

import java.util.Optional;
import org.springframework.data.jpa.repository.JpaRepository;

interface PictureRows extends JpaRepository<PictureEntity, Long> {
    Optional<PictureEntity> findByIdAndTankId(Long id, Long tank);
}
