package pelluna.app.account;

import java.util.Collection;
import java.util.Locale;
import java.util.Map;
import java.util.Optional;
import java.util.stream.Collectors;
import org.springframework.stereotype.Service;
import org.springframework.transaction.annotation.Transactional;

/** Accounts of keepers: found, made, changed. Whoever calls has made sure that it may be. */
@Service
public class Keepers {
    private final KeeperAccounts rows;

    Keepers(KeeperAccounts rows) {
        this.rows = rows;
    }

    /** An address of mail as it is kept: two that differ in case are one. */
    public static String address(String typed) {
        return typed.strip().toLowerCase(Locale.ROOT);
    }

    @Transactional(readOnly = true)
    public Optional<KeeperAccount> of(long id) {
        return rows.findById(id);
    }

    @Transactional(readOnly = true)
    public Optional<KeeperAccount> byEmail(String typed) {
        return rows.findByEmail(address(typed));
    }

    /** Their names, by number; without those that are gone. */
    @Transactional(readOnly = true)
    public Map<Long, String> names(Collection<Long> numbers) {
        return rows.findAllById(numbers).stream().collect(Collectors.toMap(KeeperAccount::id, KeeperAccount::name));
    }

    /** By what a passkey knows of its keeper. */
    @Transactional(readOnly = true)
    public Optional<KeeperAccount> byHandle(byte[] handle) {
        return rows.findByHandle(handle);
    }

    /** Whether anybody can sign in yet. */
    @Transactional(readOnly = true)
    public boolean any() {
        return rows.existsByEmailNotNull();
    }

    /** Whether there is a keeper of a Pelluna without accounts, whom nobody has taken over yet. */
    @Transactional(readOnly = true)
    public boolean older() {
        return rows.findFirstByEmailNullOrderById().isPresent();
    }

    @Transactional(readOnly = true)
    public long count() {
        return rows.countByEmailNotNull();
    }

    /**
     * The account of who runs the server. What a Pelluna without accounts had kept becomes theirs.
     *
     * @param password as it is kept; null for an account that is entered otherwise
     */
    @Transactional
    public KeeperAccount makeOwner(String name, String email, String password) {
        KeeperAccount keeper = rows.findFirstByEmailNullOrderById().orElseGet(() -> new KeeperAccount(name));
        keeper.signsInAs(name, address(email), password);
        keeper.runsTheServer();
        return rows.saveAndFlush(keeper);
    }

    /** @param password as it is kept */
    @Transactional
    public KeeperAccount make(String name, String email, String password) {
        KeeperAccount keeper = new KeeperAccount(name);
        keeper.signsInAs(name, address(email), password);
        return rows.saveAndFlush(keeper);
    }

    /** @param password as it is kept */
    @Transactional
    public void changePassword(long id, String password) {
        KeeperAccount keeper = rows.findById(id).orElseThrow();
        keeper.signsInAs(keeper.name(), keeper.email(), password);
        rows.save(keeper);
    }

    @Transactional
    public void rename(long id, String name) {
        KeeperAccount keeper = rows.findById(id).orElseThrow();
        keeper.signsInAs(name, keeper.email(), keeper.password());
        rows.save(keeper);
    }

    @Transactional
    public void moveTo(long id, String email) {
        KeeperAccount keeper = rows.findById(id).orElseThrow();
        keeper.signsInAs(keeper.name(), address(email), keeper.password());
        rows.save(keeper);
    }

    /** With everything of theirs: tanks, facts, memberships. */
    @Transactional
    public void delete(long id) {
        rows.deleteById(id);
    }
}
