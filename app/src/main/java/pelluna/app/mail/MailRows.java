package pelluna.app.mail;

import java.time.Instant;
import java.util.List;
import org.springframework.data.jpa.repository.JpaRepository;

interface MailRows extends JpaRepository<MailEntity, Long> {
    List<MailEntity> findTop50ByOrderByIdDesc();

    void deleteByWrittenAtBefore(Instant moment);

    void deleteByAddress(String address);
}
