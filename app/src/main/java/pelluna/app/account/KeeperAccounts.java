package pelluna.app.account;

import java.util.Optional;
import org.springframework.data.jpa.repository.JpaRepository;
import org.springframework.data.jpa.repository.Modifying;
import org.springframework.data.jpa.repository.Query;
import org.springframework.transaction.annotation.Transactional;

interface KeeperAccounts extends JpaRepository<KeeperAccount, Long> {
    Optional<KeeperAccount> findByName(String name);

    @Transactional
    @Modifying
    @Query(value = "insert into keeper (name) values (:name) on conflict do nothing", nativeQuery = true)
    void makeIfNew(String name);
}
