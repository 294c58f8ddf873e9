package pelluna.app.account;

import java.util.Optional;
import org.springframework.data.jpa.repository.JpaRepository;

interface KeeperAccounts extends JpaRepository<KeeperAccount, Long> {
    Optional<KeeperAccount> findByEmail(String email);

    Optional<KeeperAccount> findByHandle(byte[] handle);

    Optional<KeeperAccount> findFirstByEmailNullOrderById();

    boolean existsByEmailNotNull();

    long countByEmailNotNull();
}
