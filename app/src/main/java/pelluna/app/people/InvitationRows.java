package pelluna.app.people;

import java.time.Instant;
import java.util.List;
import java.util.Optional;
import org.springframework.data.jpa.repository.JpaRepository;

interface InvitationRows extends JpaRepository<InvitationEntity, Long> {
    List<InvitationEntity> findByTankIdAndExpiresAtAfterOrderById(long tank, Instant now);

    Optional<InvitationEntity> findBySecretAndExpiresAtAfter(byte[] secret, Instant now);

    void deleteByTankIdAndEmail(long tank, String email);

    void deleteByIdAndTankId(long id, long tank);

    void deleteByExpiresAtBefore(Instant now);
}
