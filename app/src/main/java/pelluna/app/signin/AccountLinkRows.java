package pelluna.app.signin;

import java.time.Instant;
import java.util.Optional;
import org.springframework.data.jpa.repository.JpaRepository;
import org.springframework.data.jpa.repository.Modifying;
import org.springframework.data.jpa.repository.Query;

interface AccountLinkRows extends JpaRepository<AccountLinkEntity, Long> {
    Optional<AccountLinkEntity> findBySecretAndPurposeAndExpiresAtAfter(byte[] secret, String purpose, Instant now);

    @Modifying
    @Query("delete from AccountLinkEntity l where l.expiresAt < :now")
    void forgetOld(Instant now);

    @Modifying
    @Query("delete from AccountLinkEntity l where l.keeperId = :keeper and l.purpose = :purpose")
    void forget(long keeper, String purpose);
}
