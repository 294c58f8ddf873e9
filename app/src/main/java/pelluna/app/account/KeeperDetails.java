package pelluna.app.account;

import java.util.List;
import org.springframework.security.core.CredentialsContainer;
import org.springframework.security.core.GrantedAuthority;
import org.springframework.security.core.authority.AuthorityUtils;
import org.springframework.security.core.userdetails.UserDetails;

/** A keeper as Spring Security knows one: by number, so that a session outlives a change of name or address. */
public final class KeeperDetails implements UserDetails, CredentialsContainer {
    private static final long serialVersionUID = 1;

    private final long id;
    private final boolean owner;
    private transient String password;

    public KeeperDetails(KeeperAccount keeper) {
        id = keeper.id();
        owner = keeper.owner();
        password = keeper.password();
    }

    public long id() {
        return id;
    }

    @Override
    public List<GrantedAuthority> getAuthorities() {
        return owner
                ? AuthorityUtils.createAuthorityList(SignedIn.KEEPER, SignedIn.OWNER)
                : AuthorityUtils.createAuthorityList(SignedIn.KEEPER);
    }

    @Override
    public String getPassword() {
        return password;
    }

    @Override
    public String getUsername() {
        return Long.toString(id);
    }

    @Override
    public void eraseCredentials() {
        password = null;
    }
}
