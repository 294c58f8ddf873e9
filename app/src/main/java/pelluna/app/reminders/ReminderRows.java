package pelluna.app.reminders;

import java.util.Optional;
import org.springframework.data.jpa.repository.JpaRepository;

interface ReminderRows extends JpaRepository<ReminderEntity, Long> {
    Optional<ReminderEntity> findByKeeperId(long keeper);
}
