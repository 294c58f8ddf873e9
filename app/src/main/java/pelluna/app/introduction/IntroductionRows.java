package pelluna.app.introduction;

import java.util.List;
import java.util.Optional;
import org.springframework.data.jpa.repository.JpaRepository;
import pelluna.app.database.UntilWritten;

interface IntroductionRows extends JpaRepository<IntroductionEntity, Long> {
    @UntilWritten
    List<IntroductionEntity> findByTankIdOrderByIdDesc(Long tank);

    List<IntroductionEntity> findByTankIdAndFishId(Long tank, Long fish);

    Optional<IntroductionEntity> findByIdAndTankId(Long id, Long tank);
}
