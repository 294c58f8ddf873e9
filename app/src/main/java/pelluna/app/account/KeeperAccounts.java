package pelluna.app.account;

import java.util.Optional;

import org.springframework.data.jpa.repository.JpaRepository;

interface KeeperAccounts extends JpaRepository<KeeperAccount, Long> {
    Optional<KeeperAccount> findByName(String name);
}
