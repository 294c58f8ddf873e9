package pelluna.app.reminders;

import java.util.List;
import java.util.Optional;
import org.springframework.data.jpa.repository.JpaRepository;

interface DeviceRows extends JpaRepository<DeviceEntity, Long> {
    List<DeviceEntity> findByKeeperIdOrderById(long keeper);

    Optional<DeviceEntity> findByIdAndKeeperId(long id, long keeper);

    Optional<DeviceEntity> findByEndpoint(String endpoint);
}
